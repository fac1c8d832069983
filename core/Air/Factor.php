<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Air;

/** One reason for a figure of air or thinning: by how much it changes it, and why. */
final readonly class Factor
{
    /** @param float $times the figure is multiplied by this; 1: it is only said */
    public function __construct(public float $times, public string $why) {}
}
