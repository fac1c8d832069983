<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

/** A technique without an aim that the airbrush may throw: then the air says how large its marks are. */
interface Splattered
{
    /** Whether it is the airbrush that throws, as it is set. */
    public function byAir(Choices $choices): bool;

    /** The settings as the air makes them. */
    public function atPsi(Choices $choices, float $psi): Choices;
}
