<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Foil;

use Hawkbrush\Core\Technique\CutSheet;

/** Foil tape cut to an outline and rubbed down: a mirror of its own under what comes after. */
final readonly class Foil extends CutSheet
{
    public function name(): string
    {
        return 'foil';
    }

    public function label(): string
    {
        return 'Foil tape';
    }

    public function how(): string
    {
        return 'Cut it with a fresh blade, lay it from its middle outwards, and burnish its edge down with something smooth.';
    }

    protected function edgeMm(): float
    {
        return 0.05;
    }
}
