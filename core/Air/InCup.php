<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Air;

use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Masstone;
use Hawkbrush\Core\Film\Optics;

/** A colour in the cup, as far as cleaning after and before it depends on it. */
final readonly class InCup
{
    /** @param bool $solvent whether it is cleaned with solvent */
    public function __construct(public Optics $optics, public Kind $kind, public bool $solvent = false) {}

    /** Its own colour: that of a full film, or of an ordinary one over white where it is seen through. */
    public function lab(): Lab
    {
        return Masstone::swatch($this->optics, $this->kind)->lab;
    }

    /** Whether particles of it stay behind that show in anything plain. */
    public function leavesFlakes(): bool
    {
        return \in_array($this->kind, [Kind::Metallic, Kind::Holographic, Kind::ColourShift, Kind::Phosphorescent], true);
    }
}
