<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

/** Flat triangles between places around the wanted colour, where the axes of {@see Sketch} meet. */
final class Triangle
{
    /**
     * The point of a triangle that is nearest to the wanted colour: by which corner, edge or face that lies over
     * (Ericson, Real-Time Collision Detection, 2005, section 5.1.5; from memory).
     *
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     * @param array{float, float, float} $c may be the same as $b
     *
     * @return array{float, float, float}
     */
    public static function nearest(array $a, array $b, array $c): array
    {
        [$ax, $ay, $az] = $a;
        [$bx, $by, $bz] = $b;
        [$cx, $cy, $cz] = $c;
        $abX = $bx - $ax;
        $abY = $by - $ay;
        $abZ = $bz - $az;
        $acX = $cx - $ax;
        $acY = $cy - $ay;
        $acZ = $cz - $az;
        $d1 = -($abX * $ax + $abY * $ay + $abZ * $az);
        $d2 = -($acX * $ax + $acY * $ay + $acZ * $az);
        if ($d1 <= 0 && $d2 <= 0) {
            return $a;
        }
        $d3 = -($abX * $bx + $abY * $by + $abZ * $bz);
        $d4 = -($acX * $bx + $acY * $by + $acZ * $bz);
        if ($d3 >= 0 && $d4 <= $d3) {
            return $b;
        }
        $onAb = $d1 * $d4 - $d3 * $d2;
        if ($onAb <= 0 && $d1 >= 0 && $d3 <= 0) {
            $part = $d1 / ($d1 - $d3);

            return [$ax + $abX * $part, $ay + $abY * $part, $az + $abZ * $part];
        }
        $d5 = -($abX * $cx + $abY * $cy + $abZ * $cz);
        $d6 = -($acX * $cx + $acY * $cy + $acZ * $cz);
        if ($d6 >= 0 && $d5 <= $d6) {
            return $c;
        }
        $onAc = $d5 * $d2 - $d1 * $d6;
        if ($onAc <= 0 && $d2 >= 0 && $d6 <= 0) {
            $part = $d2 / ($d2 - $d6);

            return [$ax + $acX * $part, $ay + $acY * $part, $az + $acZ * $part];
        }
        $onBc = $d3 * $d6 - $d5 * $d4;
        if ($onBc <= 0 && $d4 >= $d3 && $d5 >= $d6) {
            $part = ($d4 - $d3) / ($d4 - $d3 + $d5 - $d6);

            return [$bx + ($cx - $bx) * $part, $by + ($cy - $by) * $part, $bz + ($cz - $bz) * $part];
        }
        $v = $onAc / ($onBc + $onAc + $onAb);
        $w = $onAb / ($onBc + $onAc + $onAb);

        return [$ax + $abX * $v + $acX * $w, $ay + $abY * $v + $acY * $w, $az + $abZ * $v + $acZ * $w];
    }

    /**
     * The square of its longest side.
     *
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     * @param array{float, float, float} $c
     */
    public static function longest(array $a, array $b, array $c): float
    {
        $longest = self::apart($a, $b);
        $other = self::apart($b, $c);
        $longest = $other > $longest ? $other : $longest;
        $other = self::apart($a, $c);

        return $other > $longest ? $other : $longest;
    }

    /**
     * How far the middle one of three places lies from where a straight way would have it, twice.
     *
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     * @param array{float, float, float} $c
     */
    public static function curve(array $a, array $b, array $c): float
    {
        $x = $a[0] - 2 * $b[0] + $c[0];
        $y = $a[1] - 2 * $b[1] + $c[1];
        $z = $a[2] - 2 * $b[2] + $c[2];

        return sqrt($x * $x + $y * $y + $z * $z);
    }

    /**
     * The square of how far one place lies from another.
     *
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     */
    public static function apart(array $a, array $b): float
    {
        $x = $a[0] - $b[0];
        $y = $a[1] - $b[1];
        $z = $a[2] - $b[2];

        return $x * $x + $y * $y + $z * $z;
    }
}
