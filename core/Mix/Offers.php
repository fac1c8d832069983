<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Mix;

use Hawkbrush\Core\Coat\Paint;

/** The best offers found so far, each of other paints. */
final class Offers
{
    /** @var array<string, Offer> by set of paints, the best first */
    private array $found = [];

    /** What an offer has to come under: how far off the worst of them is, once there are enough. */
    public float $worst;

    /** What one of the paints at hand has to: the same, or the best of the very same paints. */
    public float $goal;

    /**
     * @param int $most how many are wanted
     * @param float $within what all of them have to come under
     */
    public function __construct(private readonly int $most, float $within = INF)
    {
        $this->worst = $this->goal = $within;
    }

    /**
     * Takes these paints in hand.
     *
     * @param list<Paint> $paints in the rack's order
     */
    public function aim(array $paints): void
    {
        $this->goal = min($this->worst, $this->found[Offer::setOf($paints)]->off ?? INF);
    }

    /** Keeps a mix of the paints at hand if it comes under the goal. */
    public function add(Offer $offer): void
    {
        if ($offer->off >= $this->goal) {
            return;
        }
        $this->goal = $offer->off;
        $this->found[$offer->set()] = $offer;
        uasort($this->found, static fn(Offer $a, Offer $b): int => $a->off <=> $b->off);
        $this->found = \array_slice($this->found, 0, $this->most, true);
        if (\count($this->found) === $this->most) {
            $this->worst = $this->found[array_key_last($this->found)]->off;
        }
    }

    /** @return list<Offer> the best first */
    public function all(): array
    {
        return array_values($this->found);
    }
}
