<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Decal;

use Hawkbrush\Core\Technique\CutSheet;

/** A water-slide decal, cut to an outline and slid onto the dry paint; under clear its edge is gone. */
final readonly class Decal extends CutSheet
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

    protected function edgeMm(): float
    {
        return 0.1;
    }
}
