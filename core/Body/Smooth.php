<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

/** Soft edges of zones and masks. */
final class Smooth
{
    /** 0 at or before $from, 1 at or after $to, an S between; runs downwards when $from is greater than $to. */
    public static function step(float $from, float $to, float $x): float
    {
        if ($from === $to) {
            return $x >= $to ? 1.0 : 0.0;
        }
        $t = max(0.0, min(1.0, ($x - $from) / ($to - $from)));

        return $t * $t * (3 - 2 * $t);
    }

    /** 1 inside $from to $to, fading to 0 over $soft, half on either side of each edge. */
    public static function between(float $from, float $to, float $soft, float $x): float
    {
        return self::step($from - $soft / 2, $from + $soft / 2, $x) * (1 - self::step($to - $soft / 2, $to + $soft / 2, $x));
    }
}
