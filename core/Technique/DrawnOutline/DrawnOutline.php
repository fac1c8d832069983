<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\DrawnOutline;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Dabs;
use Hawkbrush\Core\Technique\FreeHand;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\OwnOutline;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Placed;

/** A line drawn free along an outline of one’s own: a fin, a mouth, a marking. */
final readonly class DrawnOutline extends FreeHand implements Placed
{
    public function name(): string
    {
        return 'drawn outline';
    }

    public function label(): string
    {
        return 'Own outline, drawn free';
    }

    public function how(): string
    {
        return 'Sketch it with a pencil or a scratch first; draw in short strokes that run into each other.';
    }

    public function settings(): array
    {
        return [
            ...OwnOutline::settings(),
            Parameter::lengthMm('width_mm', 'Width', 0.2, 8, 0.8),
            Parameter::number('soft', 'Soft edge', '', 0.1, 1, 0.5),
        ];
    }

    public function anchors(Body $body, Choices $choices): array
    {
        return [OwnOutline::anchor($choices)];
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $width = $choices->number('width_mm');
        $marks = new Dabs($surface, $open);
        foreach (OwnOutline::laid($surface, $choices)->rings as $ring) {
            $marks->stroke([...$ring, $ring[0]], $width, max(0.1, $width / 2 * $choices->number('soft')));
        }

        return $marks->through();
    }
}
