<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Air;

/** What is known of a step when something goes wrong with it; null where it is not. */
final readonly class Circumstances
{
    /** For the air, and for the reducer in percent. */
    public Window $window;

    public Window $thinning;

    /** Humidity and air are those of the room; dry below: whether what lies under it had the time that it needs. */
    public function __construct(
        public Spraying $spraying,
        public float $psi,
        public ?float $wetUm = null,
        public ?float $minutesSinceStrip = null,
        public ?float $airC = null,
        public ?float $humidityPercent = null,
        public ?bool $dryBelow = null,
        public ?bool $familiesMeet = null,
        ?Experience $experience = null,
    ) {
        // Asked for by every cause of every fault.
        $this->window = Pressure::window($spraying, $experience);
        $this->thinning = Thinning::window($spraying);
    }

    /** How many times the air to begin with. */
    public function airAgainstWindow(): float
    {
        return $this->psi / $this->window->set;
    }

    /** Points of reducer outside its window, below zero: too little. */
    public function thinningAgainstWindow(): float
    {
        $window = $this->thinning;
        $percent = $this->spraying->thinning * 100;

        return match ($window->side($percent)) {
            -1 => $percent - $window->low,
            1 => $percent - $window->high,
            default => 0.0,
        };
    }
}
