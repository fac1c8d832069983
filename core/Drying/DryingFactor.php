<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Drying;

/**
 * How many times as long as the model says a paint takes to dry, as the bench has shown it: a damped mean of actual over
 * predicted. How much one run counts and the bounds are guesses of our own, no published source.
 */
final class DryingFactor
{
    public const LEAST = 0.4;

    public const MOST = 2.5;

    /** Ratios this far outside the bounds are discarded: a clock was changed or a bait forgotten. */
    private const ABSURD = 4.0;

    /** Weight of one run against all earlier ones. */
    private const SHARE = 0.3;

    /**
     * @param float $ratio actual over predicted; beyond the bounds something else was at work than the paint
     *
     * @return float the pace from now on
     */
    public static function after(float $pace, float $ratio): float
    {
        return self::bounded($pace + self::SHARE * (self::bounded($ratio) - $pace));
    }

    /** Whether a ratio of actual to predicted drying time is plausible. */
    public static function tells(float $ratio): bool
    {
        return $ratio >= self::LEAST / self::ABSURD && $ratio <= self::MOST * self::ABSURD;
    }

    public static function bounded(float $pace): float
    {
        return max(self::LEAST, min(self::MOST, $pace));
    }
}
