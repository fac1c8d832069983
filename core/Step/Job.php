<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Clear\Product;
use Hawkbrush\Core\Coat\Place;
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
     * @param Surface|null $surface of one bait; null: what goes on a part of it is calculated for all of it
     */
    public function __construct(
        public int $baits,
        public Climate $climate,
        public float $coveredMm2,
        public bool $maskIsOn = false,
        public float $restedMin = 0.0,
        public float $bodyMm2 = 0.0,
        private array $clears = [],
        private ?Surface $surface = null,
    ) {}

    /** How much of a bait a place takes, by area, 0 to 1. */
    public function shareOf(Place $place): float
    {
        if ($this->surface === null || ! $place->cuts()) {
            return $place->side === null ? 1.0 : 0.5;
        }
        $extent = $place->extent($this->surface->body);
        $in = 0.0;
        foreach ($this->surface->areaMm2 as $cell => $mm2) {
            $row = intdiv($cell, $this->surface->columns);
            $in += $mm2 * $extent->at($this->surface->u[$cell % $this->surface->columns], $this->surface->theta[$row]);
        }

        return $in / array_sum($this->surface->areaMm2) * ($place->side === null ? 1.0 : 0.5);
    }

    /** The clear of a kind that is used here; a usual one where the shop has none. */
    public function clear(Clear $clear): Product
    {
        return $this->clears[$clear->value] ?? Product::usual($clear);
    }
}
