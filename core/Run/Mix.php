<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Pattern\PaintStep;

/** One cup of colour for a step: whole drops of each paint and of reducer, in the recipe's ratio, enough for the job. */
final readonly class Mix
{
    /**
     * @param list<array{paintId: string, name: string, drops: int, ml: float}> $paints
     */
    private function __construct(public array $paints, public int $reducerDrops, public float $neededMl, public float $totalMl) {}

    /** The smallest whole number of the recipe's own ratio that makes at least this much; never less than one of it. */
    public static function enough(PaintStep $step, float $neededMl): self
    {
        $divisor = array_reduce($step->mix, static fn(int $g, array $part): int => self::gcd($g, $part[1]), 0);
        $ratio = array_map(static fn(array $part): array => [$part[0], intdiv($part[1], max(1, $divisor))], $step->mix);
        $onceMl = array_sum(array_map(static fn(array $part): float => $part[1] * $part[0]->dropMl, $ratio));
        $undiluted = $neededMl * (1 - $step->thinning);
        $times = max(1, (int) ceil($undiluted / max(1e-9, $onceMl) - 1e-9));
        $paints = [];
        foreach ($ratio as [$paint, $drops]) {
            $paints[] = ['paintId' => $paint->id, 'name' => $paint->name, 'drops' => $drops * $times, 'ml' => $drops * $times * $paint->dropMl];
        }
        $paintMl = $onceMl * $times;
        $reducer = (int) round($paintMl * $step->thinning / (1 - $step->thinning) / Spread::DROP_ML);

        return new self($paints, $reducer, $neededMl, $paintMl + $reducer * Spread::DROP_ML);
    }

    private static function gcd(int $a, int $b): int
    {
        return $b === 0 ? $a : self::gcd($b, $a % $b);
    }
}
