<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Outline;

use Hawkbrush\Core\Technique\OwnOutline;
use Hawkbrush\Core\Technique\Press;
use Hawkbrush\Core\Technique\Tool;

/** Sprayed through an outline of one's own, cut from a sheet. */
final readonly class Outline extends OwnOutline
{
    public function name(): string
    {
        return 'outline';
    }

    public function label(): string
    {
        return 'Own outline through a stencil';
    }

    public function how(): string
    {
        return 'Keep the stencil tight to the surface; aim at the edge of the opening, a little at a time.';
    }

    public function tool(): Tool
    {
        return Tool::Airbrush;
    }

    public function press(): Press
    {
        return Press::Held;
    }

    public function sprayed(): bool
    {
        return true;
    }

    protected function edgeMm(): float
    {
        return 0.4;
    }
}
