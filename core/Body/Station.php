<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

/** One place along a body at which calipers were put: u = 0 nose to 1 tail, the rest in mm from the body's axis. */
final readonly class Station
{
    public function __construct(public float $u, public float $topMm, public float $bottomMm, public float $halfWidthMm) {}
}
