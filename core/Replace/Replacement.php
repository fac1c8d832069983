<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Replace;

use Hawkbrush\Core\Coat\Paint;

/** What could stand in for a paint, and what that does to the finished baits. */
final readonly class Replacement
{
    /**
     * @param non-empty-list<array{Paint, int}> $for paints with their drops
     * @param list<array{int, string, float}> $zones number of the recipe, zone or “eye”, difference of the finished bait there, CIEDE2000
     */
    public function __construct(public array $for, public array $zones) {}

    /** Root of the mean square: one zone far off counts for more than several a little off. */
    public function deltaE(): float
    {
        if ($this->zones === []) {
            return 0.0;
        }

        return sqrt(array_sum(array_map(static fn(array $zone): float => $zone[2] ** 2, $this->zones)) / \count($this->zones));
    }
}
