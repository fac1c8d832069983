<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Flat\Shape;

/** A piece cut to an outline of the painter's own and laid on whole; both sides alike. */
abstract readonly class CutSheet implements Cut, Placed, Technique
{
    /** How soft its edge comes out, in mm. */
    abstract protected function edgeMm(): float;

    final public function settings(): array
    {
        return OwnOutline::settings();
    }

    final public function tool(): Tool
    {
        return Tool::Sheet;
    }

    final public function press(): Press
    {
        return Press::Touched;
    }

    final public function sprayed(): bool
    {
        return false;
    }

    final public function mirrored(): bool
    {
        return true;
    }

    final public function anchors(Body $body, Choices $choices): array
    {
        return [OwnOutline::anchor($choices)];
    }

    final public function cut(Surface $surface, Choices $choices, int $seed): Shape
    {
        return OwnOutline::laid($surface, $choices);
    }

    final public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        return OwnOutline::through($surface, $choices, $open, $this->edgeMm());
    }
}
