<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Seeded chance: the same seed gives the same marks every time, on every machine. */
final readonly class Chance
{
    private Randomizer $randomizer;

    public function __construct(int $seed)
    {
        $this->randomizer = new Randomizer(new Xoshiro256StarStar($seed));
    }

    public function between(float $from, float $to): float
    {
        return $from + ($to - $from) * $this->randomizer->getInt(0, 1_000_000) / 1_000_000;
    }

    /**
     * Many at once, from 0 to 1: for marks by the thousand.
     *
     * @return list<float>
     */
    public function shares(int $count): array
    {
        if ($count < 1) {
            return [];
        }
        /** @var array<int, int> $draws */
        $draws = unpack('V*', $this->randomizer->getBytes(4 * $count));
        $shares = [];
        foreach ($draws as $draw) {
            $shares[] = $draw / 0xFFFFFFFF;
        }

        return $shares;
    }
}
