<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

/** Something cut or stretched that is held on the bait and sprayed through; both sides alike. */
abstract readonly class Stencil implements Technique
{
    final public function tool(): Tool
    {
        return Tool::Airbrush;
    }

    public function press(): Press
    {
        return Press::Held;
    }

    final public function sprayed(): bool
    {
        return true;
    }

    final public function mirrored(): bool
    {
        return true;
    }

    /** How wide one sweep goes where openings lie side by side, in mm; null: each is sprayed for itself. */
    public function acrossMm(Choices $choices): ?float
    {
        return null;
    }
}
