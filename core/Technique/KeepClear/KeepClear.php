<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\KeepClear;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Flat\Shape;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Cut;
use Hawkbrush\Core\Technique\Indexed;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\OwnOutline;
use Hawkbrush\Core\Technique\Press;
use Hawkbrush\Core\Technique\Stencil;

/** Sprayed around a small mask of one’s own, which keeps what lies below it clear: a logo, an eye, a window. */
final readonly class KeepClear extends Stencil implements Cut, Indexed
{
    /** Paint creeps under its edge by about so much. Common practice, no published source. */
    private const EDGE_MM = 0.2;

    public function name(): string
    {
        return 'keep clear';
    }

    public function label(): string
    {
        return 'Around a mask of its own';
    }

    public function how(): string
    {
        return 'Press the mask down all along its edge; spray across it from all sides, and lift it when the paint is dry.';
    }

    public function settings(): array
    {
        return OwnOutline::settings(8);
    }

    public function press(): Press
    {
        return Press::Taped;
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
        $through = $open->all();
        foreach (OwnOutline::through($surface, $choices, OpenSpray::everywhere($surface), self::EDGE_MM) as $cell => $masked) {
            if (isset($through[$cell])) {
                $through[$cell] *= 1 - $masked;
            }
        }

        return $through;
    }
}
