<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Air;

/** A coat that was sprayed: how, at what air, and what went wrong with it, if anything. */
final readonly class Sprayed
{
    public function __construct(public Spraying $spraying, public float $psi, public ?Fault $fault = null) {}
}
