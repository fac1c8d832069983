<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Decal;

use Hawkbrush\Core\Technique\OwnOutline;
use Hawkbrush\Core\Technique\Press;
use Hawkbrush\Core\Technique\Tool;

/** A water-slide decal, cut to an outline and slid onto the dry paint; under clear its edge is gone. */
final readonly class Decal extends OwnOutline
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

    public function tool(): Tool
    {
        return Tool::Airbrush;
    }

    public function press(): Press
    {
        return Press::Touched;
    }

    public function sprayed(): bool
    {
        return false;
    }

    protected function edgeMm(): float
    {
        return 0.1;
    }
}
