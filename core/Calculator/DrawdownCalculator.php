<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\CardFilm;
use Hawkbrush\Core\Film\Drawdown;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** K and S of a paint from a card half white, half black. */
final class DrawdownCalculator implements Calculator
{
    private const COLOURS = ['over_white', 'over_black', 'white', 'black'];

    public function name(): string
    {
        return 'drawdown';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  over_white, over_black: the paint on the two halves; white, black: the bare halves (colours, of the film itself); dry_um
            out: k [31], s [31] per micrometre, contrast_ratio, kind, thin_coats_assumed (whether it hides so well that S is assumed)
            TEXT;
    }

    public function example(): array
    {
        return [
            'over_white' => ['hex' => '#c9a13c'],
            'over_black' => ['hex' => '#6f5a24'],
            'white' => ['hex' => '#f0f0ee'],
            'black' => ['hex' => '#141414'],
            'dry_um' => 12,
        ];
    }

    public function calculate(Node $in): array
    {
        $in->only([...self::COLOURS, 'dry_um']);
        $colours = array_map(static fn(string $name): Colour => Colour::read($in->field($name)), self::COLOURS);
        [$overWhite, $overBlack, $white, $black] = array_map(static fn(Colour $colour): Spectrum => $colour->reflectance(), $colours);
        $dryUm = $in->field('dry_um')->number(0, CardFilm::THICKEST_UM);
        try {
            $card = $colours[0]->isMeasured() && $colours[1]->isMeasured()
                ? Drawdown::solve($overWhite, $overBlack, $white, $black, $dryUm)
                : Drawdown::ofSwatches($overWhite, $overBlack, $white, $black, $dryUm);
        } catch (Refused $e) {
            throw $e->below($in->pointer);
        }

        return [
            'k' => $card->optics->k->values,
            's' => $card->optics->s->values,
            'contrast_ratio' => $card->contrastRatio,
            'thin_coats_assumed' => $card->assumed,
            'kind' => $card->kind->value,
        ];
    }
}
