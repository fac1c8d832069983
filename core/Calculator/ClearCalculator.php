<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Clear\Chemistry;
use Hawkbrush\Core\Clear\Cure;
use Hawkbrush\Core\Clear\Mixes;
use Hawkbrush\Core\Clear\PotLife;
use Hawkbrush\Core\Clear\Product;
use Hawkbrush\Core\Clear\Turning;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Node;

/** How a clear is mixed, how long it lasts, and when it is hard. */
final class ClearCalculator implements Calculator
{
    private const PRODUCT = ['kind', 'label_min', 'parts_a', 'parts_b', 'by', 'density_a', 'density_b', 'dose_j_cm2', 'lamp_mw_cm2'];

    public function name(): string
    {
        return 'clear';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  kind (as recipes name them); label_min, parts_a, parts_b, by: volume or weight, density_a, density_b (default:
                 usual for the kind); dose_j_cm2 and lamp_mw_cm2 of a UV resin and its lamp; air_c (21), humidity_percent (50);
                 baits (1), area_mm2 of each, coats (1); over: what lies below (a family of paint, pen ink, decal, another clear)
            out: working_min of a small mix (null where nothing is mixed); baits_per_mix, mixes of one coat [{baits, ml_a, ml_b,
                 grams_a, grams_b, start_min, usable_min}]; hard_min of all coats, recoat_min [from, until], sand_min, fish_min;
                 turn: whether it runs before it gels, runs_mm; over {verdict: safe, seal first or never, reason} or null;
                 trouble: where one mix does not last for one bait (baits_per_mix is 0 then), else empty
            TEXT;
    }

    public function example(): array
    {
        return ['kind' => 'two-part epoxy', 'label_min' => 30, 'air_c' => 21, 'baits' => 8, 'area_mm2' => 4200];
    }

    public function calculate(Node $in): array
    {
        $in->only([...self::PRODUCT, 'air_c', 'humidity_percent', 'baits', 'area_mm2', 'coats', 'over']);
        $named = array_map(static fn(Node $value): mixed => $value->raw(), array_intersect_key($in->fields(), array_flip(self::PRODUCT)));
        $product = Product::read(Node::root($named));
        $climate = Climate::of(
            $in->optional('air_c')?->number(...Climate::ROOM_C) ?? 21.0,
            $in->optional('humidity_percent')?->number(...Climate::HUMIDITY_PERCENT) ?? 50.0,
        );
        $coats = $in->optional('coats')?->integer(1, 10) ?? 1;
        $area = $in->field('area_mm2')->number(1, 1e6);
        $mixes = Mixes::of($product, $climate->airC, $in->optional('baits')?->integer(1, 60) ?? 1, $area);
        $cure = Cure::of($product, $climate);
        $runs = Turning::runsForMin($product, $climate->airC);
        $over = $in->optional('over')?->text(60);

        return [
            'working_min' => $product->clear->isMixed() ? PotLife::minutes($product, $climate->airC, PotLife::SMALL_ML) : null,
            'baits_per_mix' => $mixes->baitsPerMix,
            'mixes' => array_map(static fn(array $mix): array => [
                'baits' => $mix['baits'],
                ...$product->parts($mix['ml']),
                'start_min' => $mix['start_min'],
                'usable_min' => $mix['usable_min'],
            ], $mixes->mixes),
            'hard_min' => $cure->hardAfterMin($coats),
            'recoat_min' => [$cure->recoatFromMin, $cure->recoatUntilMin],
            'sand_min' => $cure->sandMin,
            'fish_min' => $cure->fishMin,
            'turn' => Turning::wanted($product->clear, $runs),
            'may_stand' => Turning::mayStand($product->clear, $area),
            'runs_mm' => Turning::shownMm($product->clear, $runs),
            'trouble' => $mixes->trouble(),
            'over' => $over === null ? null : get_object_vars(Chemistry::over($product->clear, $over)),
        ];
    }
}
