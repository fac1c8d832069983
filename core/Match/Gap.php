<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

/** How far the wanted colour, where the axes of {@see Sketch} meet, lies at least from the mixes between three places. */
final class Gap
{
    /**
     * Mixes leave the flat triangle between three by less than this part of its longest side, and by less than this part
     * of the most that the lattice bends: so did 999 of 1000 triangles near a colour, over random racks.
     */
    private const BEND = 0.16;

    /**
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     * @param array{float, float, float} $c may be the same as $b
     * @param float $within what lies further away than that need not be told closely
     * @param float $curve see {@see curve}, of the whole lattice
     * @param float $loose how many times as far as near a colour mixes may bend
     */
    public static function from(array $a, array $b, array $c, float $within, float $curve, float $loose): float
    {
        [$ax, $ay, $az] = $a;
        [$bx, $by, $bz] = $b;
        [$cx, $cy, $cz] = $c;
        $side = ($ax - $bx) * ($ax - $bx) + ($ay - $by) * ($ay - $by) + ($az - $bz) * ($az - $bz);
        $next = ($ax - $cx) * ($ax - $cx) + ($ay - $cy) * ($ay - $cy) + ($az - $cz) * ($az - $cz);
        $side = $next > $side ? $next : $side;
        // No point of the triangle is further from the first corner than the longer side there.
        $least = sqrt($ax * $ax + $ay * $ay + $az * $az) - sqrt($side);
        $next = ($bx - $cx) * ($bx - $cx) + ($by - $cy) * ($by - $cy) + ($bz - $cz) * ($bz - $cz);
        $side = sqrt($next > $side ? $next : $side);
        $bend = $loose * self::BEND * ($curve < $side ? $curve : $side);

        return ($least - $bend > $within ? $least : self::flat($a, $b, $c)) - $bend;
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
     * How far it lies from the flat triangle.
     *
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     * @param array{float, float, float} $c
     */
    public static function flat(array $a, array $b, array $c): float
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
        // The nearest point of a triangle, by which corner, edge or face it lies over (Ericson, Real-Time Collision
        // Detection, 2005, section 5.1.5; from memory).
        $d1 = -($abX * $ax + $abY * $ay + $abZ * $az);
        $d2 = -($acX * $ax + $acY * $ay + $acZ * $az);
        if ($d1 <= 0 && $d2 <= 0) {
            return sqrt($ax * $ax + $ay * $ay + $az * $az);
        }
        $d3 = -($abX * $bx + $abY * $by + $abZ * $bz);
        $d4 = -($acX * $bx + $acY * $by + $acZ * $bz);
        if ($d3 >= 0 && $d4 <= $d3) {
            return sqrt($bx * $bx + $by * $by + $bz * $bz);
        }
        $onAb = $d1 * $d4 - $d3 * $d2;
        if ($onAb <= 0 && $d1 >= 0 && $d3 <= 0) {
            return self::away($ax, $ay, $az, $abX, $abY, $abZ, $d1 / ($d1 - $d3));
        }
        $d5 = -($abX * $cx + $abY * $cy + $abZ * $cz);
        $d6 = -($acX * $cx + $acY * $cy + $acZ * $cz);
        if ($d6 >= 0 && $d5 <= $d6) {
            return sqrt($cx * $cx + $cy * $cy + $cz * $cz);
        }
        $onAc = $d5 * $d2 - $d1 * $d6;
        if ($onAc <= 0 && $d2 >= 0 && $d6 <= 0) {
            return self::away($ax, $ay, $az, $acX, $acY, $acZ, $d2 / ($d2 - $d6));
        }
        $onBc = $d3 * $d6 - $d5 * $d4;
        if ($onBc <= 0 && $d4 >= $d3 && $d5 >= $d6) {
            return self::away($bx, $by, $bz, $cx - $bx, $cy - $by, $cz - $bz, ($d4 - $d3) / ($d4 - $d3 + $d5 - $d6));
        }
        $v = $onAc / ($onBc + $onAc + $onAb);
        $w = $onAb / ($onBc + $onAc + $onAb);
        $x = $ax + $abX * $v + $acX * $w;
        $y = $ay + $abY * $v + $acY * $w;
        $z = $az + $abZ * $v + $acZ * $w;

        return sqrt($x * $x + $y * $y + $z * $z);
    }

    /**
     * How far places lie in the direction of one of them: nothing flat between them is nearer than the nearest of these.
     *
     * @param non-empty-list<array{float, float, float}> $places
     *
     * @return non-empty-list<float>
     */
    public static function along(array $places, int $middle): array
    {
        [$x, $y, $z] = $places[$middle];
        $away = sqrt($x * $x + $y * $y + $z * $z) + 1e-9;
        $x /= $away;
        $y /= $away;
        $z /= $away;
        $along = [];
        foreach ($places as [$px, $py, $pz]) {
            $along[] = $px * $x + $py * $y + $pz * $z;
        }

        return $along;
    }

    /**
     * Whether the mixes between places all lie beyond, by how far these lie in one direction.
     *
     * @param non-empty-list<float> $along
     */
    public static function beyond(array $along, float $within, float $loose): bool
    {
        $least = min($along);

        return $least > $within && $least - $loose * self::BEND * (max($along) - $least) > $within;
    }

    /** How far mixes may bend away from flat triangles of a lattice that bends by so much at most. */
    public static function bend(float $curve, float $loose): float
    {
        return $loose * self::BEND * $curve;
    }

    private static function away(float $x, float $y, float $z, float $dx, float $dy, float $dz, float $part): float
    {
        $x += $dx * $part;
        $y += $dy * $part;
        $z += $dz * $part;

        return sqrt($x * $x + $y * $y + $z * $z);
    }
}
