<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

/**
 * A small triangle of mixes bent through six places: corners, then middles of first to second, second to third, first to
 * third. Mixes within it are foretold by the quadratic through them.
 */
final readonly class Patch
{
    /** What the middles of flat sides are off even where nothing bends, of the longest side. */
    private const AT_LEAST = 0.01;

    /** How far the middles of its sides bulge from straight ones. */
    public float $bulge;

    /** @var non-empty-list<array{float, float, float}> places between which all of the quadratic lies: corners, and what pulls the sides */
    private array $net;

    /** @var array{list<float>, list<float>, list<float>} of each axis: the first corner, then what v, w, v2, v w and w2 add to it */
    private array $axes;

    /**
     * @param list<array{float, float, float}> $places six
     * @param list<array{float, float, float}> $shares of the paints at the corners
     */
    public function __construct(private array $places, private array $shares = [])
    {
        [$p, $q, $r, $pq, $qr, $pr] = $places;
        $this->bulge = max(Triangle::curve($p, $pq, $q), Triangle::curve($q, $qr, $r), Triangle::curve($p, $pr, $r)) / 2 + self::AT_LEAST * sqrt(Triangle::longest($p, $q, $r));
        $this->net = [$p, $q, $r, self::pull($p, $pq, $q), self::pull($q, $qr, $r), self::pull($p, $pr, $r)];
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
     * The mixes on a way from one place to another.
     *
     * @param array{float, float, float} $from
     * @param array{float, float, float} $middle
     * @param array{float, float, float} $to
     */
    public static function way(array $from, array $middle, array $to): self
    {
        return new self([$from, $to, $from, $middle, $middle, $from]);
    }

    /**
     * The four like triangles that it can be cut into, each with its mixes.
     *
     * @param callable(array{float, float, float}): array{float, float, float} $at the place of a mix by shares
     * @param array<int, array{float, float}> $spots v and w of each mix, as in {@see at}
     *
     * @return list<array{self, array<int, array{float, float}>}> those that have any
     */
    public function four(callable $at, array $spots): array
    {
        [$p, $q, $r, $pq, $qr, $pr] = $this->places;
        [$onP, $onQ, $onR] = $this->shares;
        $onPq = self::halfway($onP, $onQ);
        $onQr = self::halfway($onQ, $onR);
        $onPr = self::halfway($onP, $onR);
        $atP = $atQ = $atR = $inside = [];
        foreach ($spots as $mix => [$v, $w]) {
            if ($v + $w <= 0.5) {
                $atP[$mix] = [2 * $v, 2 * $w];
            } elseif ($v >= 0.5) {
                $atQ[$mix] = [2 * $v - 1, 2 * $w];
            } elseif ($w >= 0.5) {
                $atR[$mix] = [2 * $v, 2 * $w - 1];
            } else {
                $inside[$mix] = [1 - 2 * $v, 1 - 2 * $w];
            }
        }
        $four = [];
        $nextP = $at(self::halfway($onPq, $onPr));
        $nextQ = $at(self::halfway($onPq, $onQr));
        $nextR = $at(self::halfway($onPr, $onQr));
        if ($atP !== []) {
            $four[] = [new self([$p, $pq, $pr, $at(self::halfway($onP, $onPq)), $nextP, $at(self::halfway($onP, $onPr))], [$onP, $onPq, $onPr]), $atP];
        }
        if ($atQ !== []) {
            $four[] = [new self([$pq, $q, $qr, $at(self::halfway($onPq, $onQ)), $at(self::halfway($onQ, $onQr)), $nextQ], [$onPq, $onQ, $onQr]), $atQ];
        }
        if ($atR !== []) {
            $four[] = [new self([$pr, $qr, $r, $nextR, $at(self::halfway($onQr, $onR)), $at(self::halfway($onPr, $onR))], [$onPr, $onQr, $onR]), $atR];
        }
        if ($inside !== []) {
            $four[] = [new self([$qr, $pr, $pq, $nextR, $nextP, $nextQ], [$onQr, $onPr, $onPq]), $inside];
        }

        return $four;
    }

    /** The cell of a hull in which the nearest point of its flat triangle is seen. */
    public function toward(Hull $hull): int
    {
        return $hull->toward($this->places[0], $this->places[1], $this->places[2]);
    }

    /**
     * How far all of the quadratic lies at least in a direction.
     *
     * @param array{float, float, float} $direction
     */
    public function along(array $direction): float
    {
        [$x, $y, $z] = $direction;
        $least = INF;
        foreach ($this->net as [$px, $py, $pz]) {
            $along = $x * $px + $y * $py + $z * $pz;
            $least = $along < $least ? $along : $least;
        }

        return $least;
    }

    /**
     * The mixes that are foretold to lie no further than so much in a direction.
     *
     * @param array<int, array{float, float}> $spots v and w of each, as in {@see at}
     * @param array{float, float, float} $direction
     *
     * @return array<int, array{float, float}>
     */
    public function upTo(float $limit, array $spots, array $direction): array
    {
        [$x, $y, $z] = $direction;
        [$ofX, $ofY, $ofZ] = $this->axes;
        $on = $x * $ofX[0] + $y * $ofY[0] + $z * $ofZ[0];
        $onV = $x * $ofX[1] + $y * $ofY[1] + $z * $ofZ[1];
        $onW = $x * $ofX[2] + $y * $ofY[2] + $z * $ofZ[2];
        $onV2 = $x * $ofX[3] + $y * $ofY[3] + $z * $ofZ[3];
        $onVw = $x * $ofX[4] + $y * $ofY[4] + $z * $ofZ[4];
        $onW2 = $x * $ofX[5] + $y * $ofY[5] + $z * $ofZ[5];
        $upTo = [];
        foreach ($spots as $mix => $spot) {
            [$v, $w] = $spot;
            if ($on + ($onV + $onV2 * $v + $onVw * $w) * $v + ($onW + $onW2 * $w) * $w <= $limit) {
                $upTo[$mix] = $spot;
            }
        }

        return $upTo;
    }

    /**
     * Where a mix is foretold to lie.
     *
     * @param float $v how far it is from the first corner towards the second, 0 to 1
     * @param float $w and towards the third
     *
     * @return array{float, float, float}
     */
    public function at(float $v, float $w): array
    {
        [[$x, $xv, $xw, $xv2, $xvw, $xw2], [$y, $yv, $yw, $yv2, $yvw, $yw2], [$z, $zv, $zw, $zv2, $zvw, $zw2]] = $this->axes;

        return [
            $x + ($xv + $xv2 * $v + $xvw * $w) * $v + ($xw + $xw2 * $w) * $w,
            $y + ($yv + $yv2 * $v + $yvw * $w) * $v + ($yw + $yw2 * $w) * $w,
            $z + ($zv + $zv2 * $v + $zvw * $w) * $v + ($zw + $zw2 * $w) * $w,
        ];
    }

    /**
     * The control place of a side, by which a quadratic through its middle runs (Bezier).
     *
     * @param array{float, float, float} $from
     * @param array{float, float, float} $middle
     * @param array{float, float, float} $to
     *
     * @return array{float, float, float}
     */
    public static function pull(array $from, array $middle, array $to): array
    {
        return [2 * $middle[0] - ($from[0] + $to[0]) / 2, 2 * $middle[1] - ($from[1] + $to[1]) / 2, 2 * $middle[2] - ($from[2] + $to[2]) / 2];
    }

    /**
     * @param array{float, float, float} $one
     * @param array{float, float, float} $two
     *
     * @return array{float, float, float}
     */
    private static function halfway(array $one, array $two): array
    {
        return [($one[0] + $two[0]) / 2, ($one[1] + $two[1]) / 2, ($one[2] + $two[2]) / 2];
    }
}
