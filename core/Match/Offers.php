<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

use Hawkbrush\Core\Pattern\Paint;

/** The best offers found so far, each of other paints. */
final class Offers
{
    /** @var array<string, Offer> by set of paints, the best first */
    private array $found = [];

    /** The worst difference among them, once there are enough. */
    public float $worst = INF;

    /** What a mix of the paints at hand has to come under: the worst, or the best of the very same paints. */
    public float $goal = INF;

    /** @param int $most how many are wanted */
    public function __construct(private readonly int $most) {}

    /**
     * Takes these paints in hand.
     *
     * @param list<Paint> $paints in the rack's order
     */
    public function aim(array $paints): void
    {
        $this->goal = min($this->worst, $this->found[self::set($paints)]->deltaE ?? INF);
    }

    /** Keeps a mix of the paints at hand if it comes under the goal. */
    public function add(Offer $offer): void
    {
        if ($offer->deltaE >= $this->goal) {
            return;
        }
        $this->goal = $offer->deltaE;
        $this->found[self::set(array_column($offer->parts, 0))] = $offer;
        uasort($this->found, static fn(Offer $a, Offer $b): int => $a->deltaE <=> $b->deltaE);
        $this->found = \array_slice($this->found, 0, $this->most, true);
        if (\count($this->found) === $this->most) {
            $this->worst = $this->found[array_key_last($this->found)]->deltaE;
        }
    }

    /** @return list<Offer> the best first */
    public function all(): array
    {
        return array_values($this->found);
    }

    /** @param list<Paint> $paints */
    private static function set(array $paints): string
    {
        return implode(' ', array_map(static fn(Paint $paint): string => $paint->id, $paints));
    }
}
