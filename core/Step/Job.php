<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Clear\Product;
use Hawkbrush\Core\Drying\Climate;

/** What the work of a step depends on beside the step. */
final readonly class Job
{
    /**
     * @param float $coveredMm2 of one bait under the step's coat, each mm2 by its share of the full thickness; 0 where it lays none
     * @param bool $maskIsOn whether the mask of the coat before stays on for this one
     * @param float $restedMin minutes the baits have rested since the last coat
     * @param float $bodyMm2 all of one bait
     * @param array<string, Product> $clears in use in the shop, by kind
     */
    public function __construct(
        public int $baits,
        public Climate $climate,
        public float $coveredMm2,
        public bool $maskIsOn = false,
        public float $restedMin = 0.0,
        public float $bodyMm2 = 0.0,
        private array $clears = [],
    ) {}

    /** The clear of a kind that is used here; a usual one where the shop has none. */
    public function clear(Clear $clear): Product
    {
        return $this->clears[$clear->value] ?? Product::usual($clear);
    }
}
