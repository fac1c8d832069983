<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Exchange\PaintReader;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Look;
use Hawkbrush\Core\Node;

/** Films laid one on the other over a ground. */
final class StackCalculator implements Calculator
{
    private const MOST_LAYERS = 200;

    public function name(): string
    {
        return 'stack';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  substrate: a colour (of the ground itself, without its surface); layers: [{paint, dry_um}] from the ground outwards; surface: none, matte or clear
            out: after: for each layer hex, lab, reflectance
            TEXT;
    }

    public function example(): array
    {
        return [
            'substrate' => ['hex' => '#f2f2ee'],
            'layers' => [
                ['paint' => ['hex' => '#f5d000', 'kind' => 'transparent'], 'dry_um' => 8],
                ['paint' => ['hex' => '#c8102e', 'kind' => 'transparent'], 'dry_um' => 5],
            ],
            'surface' => 'clear',
        ];
    }

    public function calculate(Node $in): array
    {
        $in->only(['substrate', 'layers', 'surface']);
        $look = Look::from($in->optional('surface')?->choice(['none', 'matte', 'clear']) ?? 'none');
        $state = FilmState::ground(PaintReader::colour($in->field('substrate'))->reflectance()->values);
        $after = [];
        foreach ($in->field('layers')->items(0, self::MOST_LAYERS) as $layer) {
            $layer->only(['paint', 'dry_um']);
            $state = $state->under(Film::of(PaintReader::optics($layer->field('paint')), $layer->field('dry_um')->number(0, FilmCalculator::THICKEST_UM)));
            $seen = Spectrum::of($look->seen($state->flat()));
            $colour = Colour::fromReflectance($seen);
            $after[] = ['hex' => $colour->hex(), 'lab' => Show::lab($colour->lab), 'reflectance' => Show::curve($seen)];
        }

        return ['after' => $after];
    }
}
