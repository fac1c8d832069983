<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Mix;

/**
 * Tinting strength: how much of a paint counts for as much in a mix as so much of another, a drop of black for many of
 * yellow. Found by mixing each paint with some others and looking where half of the way between them is done. Places by
 * like shares then lie evenly, and bend little from one to the next, as far as one figure for each paint can make them.
 */
final class Tinting
{
    /** Each paint is mixed with so many behind it in the rack, and so by as many before it. */
    private const OTHERS = 8;

    /** A way is followed in so many steps. */
    private const STEPS = 4;

    /** Below this distance, in units of {@see \Hawkbrush\Core\Colour\Metric}, two paints cannot be separated. */
    private const SHORTEST = 1.0;

    /**
     * @param list<float> $guess dry volumes that count for about as much in a mix, by paint
     * @param callable(int, int, float, float): array{float, float, float} $place of a mix of two paints by dry volumes
     *
     * @return list<float> the same, put right
     */
    public static function evened(array $guess, callable $place): array
    {
        $paints = \count($guess);
        $sum = array_fill(0, $paints, 0.0);
        // As if each had met one that is as strong as guessed: of few ways no more is believed than they tell.
        $met = array_fill(0, $paints, 1);
        for ($one = 0; $one < $paints; $one++) {
            for ($step = 1; $step <= min(self::OTHERS, intdiv($paints - 1, 2)); $step++) {
                $two = ($one + $step) % $paints;
                $half = self::half(static fn(float $part): array => $place($one, $two, (1 - $part) * $guess[$one], $part * $guess[$two]));
                if ($half !== null) {
                    $more = log($half / (1 - $half));
                    $sum[$one] -= $more;
                    $sum[$two] += $more;
                    $met[$one]++;
                    $met[$two]++;
                }
            }
        }

        return array_map(static fn(float $share, float $sum, int $met): float => $share * exp($sum / $met), $guess, $sum, $met);
    }

    /**
     * Share of the way from one value to another.
     *
     * @param callable(float): array{float, float, float} $at the place by parts, 0 to 1
     */
    private static function half(callable $at): ?float
    {
        [$x, $y, $z] = $at(0.0);
        $steps = [];
        for ($step = 1; $step <= self::STEPS; $step++) {
            [$nextX, $nextY, $nextZ] = $at($step / self::STEPS);
            $steps[] = sqrt(($nextX - $x) ** 2 + ($nextY - $y) ** 2 + ($nextZ - $z) ** 2);
            [$x, $y, $z] = [$nextX, $nextY, $nextZ];
        }
        $left = array_sum($steps) / 2;
        if (2 * $left < self::SHORTEST) {
            return null;
        }
        $step = 0;
        while ($left > $steps[$step]) {
            $left -= $steps[$step++];
        }

        return ($step + $left / $steps[$step]) / self::STEPS;
    }
}
