<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

/** Dabbed or stroked on lightly without the airbrush, by eye: no side is quite like the other. */
abstract readonly class ByHand implements Technique
{
    /** A brush or a nearly dry sponge lies on the coat below for a moment only; it wants it dry to the touch. */
    final public function touches(): bool
    {
        return false;
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
