<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Decal;

use Hawkbrush\Core\Technique\OwnOutline;

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
        return 'Soak it about 30 s, slide it on, press the water out from the middle; let it dry, then seal it.';
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
