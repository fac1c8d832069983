<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Outline;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Flat\Shape;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Cut;
use Hawkbrush\Core\Technique\Grip;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\OwnOutline;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Placed;
use Hawkbrush\Core\Technique\Stencil;

/** Sprayed through an outline of one’s own, cut from a sheet; the sheet may be moved along, with less and less paint. */
final readonly class Outline extends Stencil implements Cut, Placed
{
    private const EDGE_MM = 0.4;

    public function name(): string
    {
        return 'outline';
    }

    public function label(): string
    {
        return 'Own outline through a stencil';
    }

    public function how(): string
    {
        return 'Keep the stencil tight to the surface; aim at the edge of the opening, a little at a time.';
    }

    public function settings(): array
    {
        return [
            ...OwnOutline::settings(),
            Parameter::number('times', 'How many times', '', 1, 20, 1)->held(Grip::Times),
            Parameter::lengthMm('step_mm', 'Moved along by', 0.5, 80, 8)->held(Grip::Again),
            Parameter::number('less', 'Less paint each time', 'of the time before', 0, 0.8, 0.2),
        ];
    }

    public function anchors(Body $body, Choices $choices): array
    {
        return [OwnOutline::anchor($choices)];
    }

    public function cut(Surface $surface, Choices $choices, int $seed): Shape
    {
        return OwnOutline::laid($surface, $choices);
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $all = [];
        for ($time = 0; $time < max(1, (int) round($choices->number('times'))); $time++) {
            $paint = (1 - $choices->number('less')) ** $time;
            $farther = $time * $choices->number('step_mm');
            foreach (OwnOutline::through($surface, $choices, $open, self::EDGE_MM, $farther) as $cell => $share) {
                $all[$cell] = min(1.0, ($all[$cell] ?? 0.0) + $paint * $share);
            }
        }

        return $all;
    }
}
