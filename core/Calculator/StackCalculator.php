<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Colour\Srgb;
use Hawkbrush\Core\Colour\Xyz;
use Hawkbrush\Core\Exchange\ResultWriter;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Film\SurfaceFinish;
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
            in:  substrate: a colour (of the ground itself, without its surface);
                 layers: [{paint, dry_um}] from the ground outwards; surface: none, matte or clear
            out: after: for each layer hex, lab, reflectance; glint (hex at the mirror angle, where flakes shine), passes and
                 returns (share of the light that goes through it and back, and that it throws back itself)
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
        $finish = SurfaceFinish::from($in->optional('surface')?->choice(['none', 'matte', 'clear']) ?? 'none');
        $state = FilmState::ground(Colour::read($in->field('substrate'))->reflectance()->values);
        $after = [];
        foreach ($in->field('layers')->items(0, self::MOST_LAYERS) as $layer) {
            $layer->only(['paint', 'dry_um']);
            $film = Film::of(Optics::read($layer->field('paint')), $layer->field('dry_um')->number(0, FilmCalculator::THICKEST_UM));
            $state = $state->under($film);
            $colour = $state->colour($finish);
            $xyz = $colour->lab->toXyz();
            [$x, $y, $z] = $state->glint ?? [0.0, 0.0, 0.0];
            $after[] = [
                'hex' => $colour->hex(),
                'lab' => ResultWriter::lab($colour->lab),
                'reflectance' => $colour->reflectance()->document(),
                'glint' => Srgb::fromXyz(new Xyz($xyz->x + 100 * $x, $xyz->y + 100 * $y, $xyz->z + 100 * $z))->hex(),
                'passes' => Observer::luminous($film->t2), 'returns' => Observer::luminous($film->r),
            ];
        }

        return ['after' => $after];
    }
}
