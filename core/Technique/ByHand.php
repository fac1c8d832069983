<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

/** Dabbed or stroked on lightly without the airbrush, by eye: no side is quite like the other. */
abstract readonly class ByHand implements Technique
{
    public function tool(): Tool
    {
        return Tool::Brush;
    }

    /** Whether it lies in small marks rather than as a film. */
    public function inMarks(): bool
    {
        return true;
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
        return false;
    }
}
