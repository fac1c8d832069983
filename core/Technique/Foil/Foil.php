<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Foil;

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

/** Foil tape cut to an outline and rubbed down: a mirror of its own under what comes after. */
final readonly class Foil implements Cut, Placed, Technique
{
    public function name(): string
    {
        return 'foil';
    }

    public function label(): string
    {
        return 'Foil tape';
    }

    public function how(): string
    {
        return 'Cut it with a fresh blade, lay it from its middle outwards, and burnish its edge down with something smooth.';
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
        return OwnOutline::through($surface, $choices, $open, 0.05);
    }
}
