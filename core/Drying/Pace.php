<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Drying;

/**
 * How many times as long as the model says a paint takes to dry, as the bench has shown it: a damped mean of actual over
 * predicted. How much one run counts and the bounds are guesses of our own, no published source.
 */
final class Pace
{
    public const LEAST = 0.4;

    public const MOST = 2.5;

    /** So many times quicker or slower than any paint dries, a clock was set or a bait forgotten: that says nothing. */
    private const ABSURD = 4.0;

    /** What one run counts against all before it. */
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

    /** Whether so much, actual over predicted, can have been a paint drying at all. */
    public static function tells(float $ratio): bool
    {
        return $ratio >= self::LEAST / self::ABSURD && $ratio <= self::MOST * self::ABSURD;
    }

    public static function bounded(float $pace): float
    {
        return max(self::LEAST, min(self::MOST, $pace));
    }
}
