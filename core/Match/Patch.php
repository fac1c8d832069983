<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

/** A small triangle of mixes bent through six places: corners, then middles of first to second, second to third, first to third. */
final readonly class Patch
{
    /** Mixes leave the flat triangle by less than this part of how far the middles of its sides do: 999 of 1000 small triangles near a colour. */
    private const BULGE = 0.75;

    /** Mixes stray from the quadratic by less than this part of how far the middles bulge: 996 of 1000 over random racks by less than 0.73. */
    private const STRAY = 0.8;

    /** How far mixes may stray from where they are foretold. */
    private float $stray;

    /** How far the wanted colour lies at least from all of its mixes. */
    public float $gap;

    /** @var array{list<float>, list<float>, list<float>} of each axis: the first corner, then what v, w, v2, v w and w2 add to it */
    private array $axes;

    /**
     * @param list<array{float, float, float}> $places six
     * @param float $loose how many times as far as near a colour mixes may stray
     */
    public function __construct(array $places, float $loose)
    {
        [$p, $q, $r, $pq, $qr, $pr] = $places;
        $side = sqrt(max(self::apart($p, $q), self::apart($q, $r), self::apart($p, $r)));
        $bulge = sqrt(max(self::apart(self::between($p, $q), $pq), self::apart(self::between($q, $r), $qr), self::apart(self::between($p, $r), $pr)));
        $this->stray = $loose * self::STRAY * ($bulge + 0.01 * $side);
        $this->gap = Gap::flat($p, $q, $r) - $loose * self::BULGE * ($bulge + 0.01 * $side);
        $axes = [];
        foreach ([0, 1, 2] as $i) {
            $axes[] = [
                $p[$i],
                4 * $pq[$i] - $q[$i] - 3 * $p[$i],
                4 * $pr[$i] - $r[$i] - 3 * $p[$i],
                2 * ($p[$i] + $q[$i]) - 4 * $pq[$i],
                4 * ($p[$i] + $qr[$i] - $pq[$i] - $pr[$i]),
                2 * ($p[$i] + $r[$i]) - 4 * $pr[$i],
            ];
        }
        $this->axes = $axes;
    }

    /**
     * How far a mix is foretold to lie from the wanted colour; null if it cannot come within so much of it.
     *
     * @param float $v how far it is from the first corner towards the second, 0 to 1
     * @param float $w and towards the third
     */
    public function away(float $within, float $v, float $w): ?float
    {
        $v2 = $v * $v;
        $vw = $v * $w;
        $w2 = $w * $w;
        $most = ($within + $this->stray) * ($within + $this->stray);
        $square = 0.0;
        foreach ($this->axes as [$at, $byV, $byW, $byV2, $byVw, $byW2]) {
            $on = $at + $byV * $v + $byW * $w + $byV2 * $v2 + $byVw * $vw + $byW2 * $w2;
            $square += $on * $on;
            if ($square > $most) {
                return null;
            }
        }

        return sqrt($square);
    }

    /** @return array{float, float, float} where a mix is foretold to lie */
    public function at(float $v, float $w): array
    {
        [$x, $y, $z] = $this->axes;

        return [self::along($x, $v, $w), self::along($y, $v, $w), self::along($z, $v, $w)];
    }

    /** @param list<float> $axis */
    private static function along(array $axis, float $v, float $w): float
    {
        return $axis[0] + $axis[1] * $v + $axis[2] * $w + $axis[3] * $v * $v + $axis[4] * $v * $w + $axis[5] * $w * $w;
    }

    /**
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     */
    private static function apart(array $a, array $b): float
    {
        return ($a[0] - $b[0]) ** 2 + ($a[1] - $b[1]) ** 2 + ($a[2] - $b[2]) ** 2;
    }

    /**
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     *
     * @return array{float, float, float}
     */
    private static function between(array $a, array $b): array
    {
        return [($a[0] + $b[0]) / 2, ($a[1] + $b[1]) / 2, ($a[2] + $b[2]) / 2];
    }
}
