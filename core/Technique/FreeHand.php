<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

/** Sprayed free-hand, with nothing held on the bait; both sides alike. */
abstract readonly class FreeHand implements Technique
{
    final public function tool(): Tool
    {
        return Tool::Airbrush;
    }

    final public function press(): Press
    {
        return Press::None;
    }

    final public function sprayed(): bool
    {
        return true;
    }

    final public function mirrored(): bool
    {
        return true;
    }
}
