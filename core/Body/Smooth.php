<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

/** Soft edges of zones and masks. */
final class Smooth
{
    /** 0 at or before $from, 1 at or after $to, an S between; runs downwards when $from is greater than $to. */
    public static function step(float $from, float $to, float $x): float
    {
        $way = $to - $from;
        if ($way === 0.0) {
            return $x >= $to ? 1.0 : 0.0;
        }
        $t = ($x - $from) / $way;
        if ($t <= 0) {
            return 0.0;
        }
        if ($t >= 1) {
            return 1.0;
        }

        return $t * $t * (3 - 2 * $t);
    }

    /** 1 inside $from to $to, fading to 0 over $soft, half on either side of each edge. */
    public static function between(float $from, float $to, float $soft, float $x): float
    {
        $half = $soft / 2;

        return $x >= $from + $half && $x <= $to - $half ? 1.0 : self::step(
            $from - $half,
            $from + $half,
            $x,
        ) * (1 - self::step($to - $half, $to + $half, $x));
    }
}
