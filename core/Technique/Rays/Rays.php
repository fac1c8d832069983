<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Rays;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\Anchor;
use Hawkbrush\Core\Technique\ByPen;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Dabs;
use Hawkbrush\Core\Technique\Fan\Fan;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Placed;

/** Fin rays traced with a pen over a sprayed fin, light left between them. */
final readonly class Rays extends ByPen implements Placed
{
    public function name(): string
    {
        return 'rays';
    }

    public function label(): string
    {
        return 'Fin rays by pen';
    }

    public function how(): string
    {
        return 'Trace from the root outwards and lift as you go, so that each ray ends in a point.';
    }

    public function settings(): array
    {
        return [
            ...Fan::fin(),
            Parameter::number('rays', 'Rays', '', 2, 24, 7),
            Parameter::lengthMm('width_mm', 'Width', 0.15, 3, 0.4),
            Parameter::number('begin', 'Begin', 'of length from the root', 0, 0.8, 0.2),
        ];
    }

    public function anchors(Body $body, Choices $choices): array
    {
        return [new Anchor('root of the fin', $choices->number('u'), $choices->number('deg'))];
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $x = $choices->number('u') * $surface->body->lengthMm;
        $y = Cells::yMm($surface, $choices->number('u'), $choices->number('deg'));
        $length = $choices->number('length_mm');
        $rays = max(2, (int) round($choices->number('rays')));
        $marks = new Dabs($surface, $open);
        for ($i = 0; $i < $rays; $i++) {
            $angle = deg2rad($choices->number('turn_deg') + $choices->number('spread_deg') * ($i / ($rays - 1) - 0.5));
            $at = static fn(float $share): array => [$x + $length * $share * cos($angle), $y + $length * $share * sin($angle)];
            $middle = ($choices->number('begin') + 1) / 2;
            $marks->stroke([$at($choices->number('begin')), $at($middle)], $choices->number('width_mm'), 0.1);
            // Lifted towards its end.
            $marks->stroke([$at($middle), $at(1)], $choices->number('width_mm') * 0.6, 0.1);
        }

        return $marks->through();
    }
}
