<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Decal;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Flat\Shape;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Cut;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\OwnOutline;
use Hawkbrush\Core\Technique\Placed;
use Hawkbrush\Core\Technique\Press;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Tool;

/** A water-slide decal, cut to an outline and slid onto the dry paint; under clear its edge is gone. */
final readonly class Decal implements Cut, Placed, Technique
{
    public function name(): string
    {
        return 'decal';
    }

    public function label(): string
    {
        return 'Decal';
    }

    public function how(): string
    {
        return 'Wet it for half a minute, slide it off its paper into place, stroke the water outwards; seal it when it is dry.';
    }

    public function settings(): array
    {
        return OwnOutline::settings();
    }

    public function tool(): Tool
    {
        return Tool::Sheet;
    }

    public function press(): Press
    {
        return Press::Touched;
    }

    public function sprayed(): bool
    {
        return false;
    }

    public function mirrored(): bool
    {
        return true;
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
        return OwnOutline::through($surface, $choices, $open, 0.1);
    }
}
