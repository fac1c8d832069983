<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

/** Drawn with a pen on the dry coat; both sides alike. */
abstract readonly class ByPen implements Technique
{
    final public function tool(): Tool
    {
        return Tool::Pen;
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
}
