<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Coat\Spread;
use Hawkbrush\Core\Node;

/** From an area and a film to the paint it takes. */
final class SpreadCalculator implements Calculator
{
    public function name(): string
    {
        return 'spread';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  area_mm2, wet_um, coats, transfer_efficiency (above 0 to 1),
                 solids (0 to 1, by volume), thinning (0 to 1, share of reducer)
            out: ml, drops (of 0.05 ml), dry_um
            TEXT;
    }

    public function example(): array
    {
        return ['area_mm2' => 1000, 'wet_um' => 20, 'coats' => 1, 'transfer_efficiency' => 1, 'solids' => 0.35, 'thinning' => 0];
    }

    public function calculate(Node $in): array
    {
        $in->only(['area_mm2', 'wet_um', 'coats', 'transfer_efficiency', 'solids', 'thinning']);
        $spread = Spread::over(
            $in->field('area_mm2')->number(0, 1e9),
            $in->field('wet_um')->number(0, 10_000),
            $in->optional('coats')?->integer(0, 1000) ?? 1,
            $in->optional('transfer_efficiency')?->number(0, 1) ?? 1.0,
            $in->optional('solids')?->number(0, 1) ?? 0.35,
            $in->optional('thinning')?->number(0, 1) ?? 0.0,
        );

        return ['ml' => $spread->ml, 'drops' => $spread->drops(), 'dry_um' => $spread->dryUm];
    }
}
