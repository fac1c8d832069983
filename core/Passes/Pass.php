<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Passes;

use Hawkbrush\Core\Colour\Colour;

/** The bait after so many coats of a step, by the zones that the step covers. */
final readonly class Pass
{
    /**
     * @param array<string, Colour> $zones by name, under clear
     * @param array<string, float> $fromBefore by name, DeltaE00 from one coat fewer; 0 for none
     * @param float $atPlace the same, on the mean of where the step lands, small as that may be
     */
    public function __construct(public int $coats, public array $zones, public array $fromBefore, public float $atPlace) {}

    /** The most that this coat changed anywhere, DeltaE00. */
    public function most(): float
    {
        return max([$this->atPlace, ...array_values($this->fromBefore)]);
    }
}
