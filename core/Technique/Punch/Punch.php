<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Punch;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Flat\Arc;
use Hawkbrush\Core\Flat\Shape;
use Hawkbrush\Core\Technique\Anchor;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Cut;
use Hawkbrush\Core\Technique\Grip;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Placed;
use Hawkbrush\Core\Technique\Stencil;

/** One hard-edged mark through a punched card: the shoulder spot, a painted eye, a drop. */
final readonly class Punch extends Stencil implements Cut, Placed
{
    private const EDGE_MM = 0.3;

    public function name(): string
    {
        return 'punch';
    }

    public function label(): string
    {
        return 'Through a punched card';
    }

    public function how(): string
    {
        return 'Hold the card flat, with its notches on the gill edge and the midline; straight on, in light coats.';
    }

    public function settings(): array
    {
        return [
            Parameter::choice('shape', 'Hole', ['round', 'oval', 'drop', 'diamond', 'crescent']),
            Parameter::lengthMm('long_mm', 'Length', 0.8, 40, 5)->held(Grip::LengthOverMiddle),
            Parameter::number('u', 'Middle at', 'of length', 0, 1, 0.3)->held(Grip::Along),
            Parameter::number('deg', 'Around', 'deg from the back', 0, 180, 68)->held(Grip::Around),
            Parameter::number('turn_deg', 'Turned down by', 'deg', -180, 180, 0)->held(Grip::Turn),
        ];
    }

    public function anchors(Body $body, Choices $choices): array
    {
        return [new Anchor('middle of the hole', $choices->number('u'), $choices->number('deg'))];
    }

    public function cut(Surface $surface, Choices $choices, int $seed): Shape
    {
        $u = $choices->number('u');

        return self::hole($choices->word('shape'))->scaled($choices->number('long_mm'))->turned($choices->number('turn_deg'))
            ->moved($u * $surface->body->lengthMm, Cells::yMm($surface, $u, $choices->number('deg')));
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $hole = $this->cut($surface, $choices, $seed);

        return Cells::within($surface, $open, $hole, $choices->number('u'), $choices->number('deg'), self::EDGE_MM);
    }

    /** One millimetre long, its middle on the origin, its front to the left. */
    private static function hole(string $shape): Shape
    {
        return Shape::of([match ($shape) {
            'oval' => Arc::ring(0, 0, 0.5, 0.3),
            'diamond' => [[-0.5, 0.0], [0.0, -0.32], [0.5, 0.0], [0.0, 0.32]],
            'drop' => [[0.5, 0.0], ...Arc::chords([-0.1, 0.28], [-0.1, -0.28], 0.4, 0.285, 0, true, true)],
            'crescent' => [
                [0.1, -0.5],
                ...Arc::chords([0.1, -0.5], [0.1, 0.5], 0.5, 0.5, 0, false, false),
                ...Arc::chords([0.1, 0.5], [0.1, -0.5], 0.8, 0.8, 0, false, true),
            ],
            default => Arc::ring(0, 0, 0.5, 0.5),
        }]);
    }
}
