<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

/**
 * A small triangle of mixes bent through six places: corners, then middles of first to second, second to third, first to
 * third. Mixes within it are foretold by the quadratic through them.
 *
 * @phpstan-type Place array{float, float, float}
 * @phpstan-type Net array{Place, Place, Place, Place, Place, Place}
 */
final readonly class Patch
{
    /** What the middles of flat sides are off even where nothing bends, of the longest side. */
    private const AT_LEAST = 0.01;

    /** A middle that many times as far from one end of its side as from the other is too far off to leave it there, as a logarithm, */
    private const UNEVEN = 0.34;

    /** and that many is all that is made of it. */
    private const MOST_UNEVEN = 2.8;

    /** Ends no further off, in the units of {@see \Hawkbrush\Core\Colour\Metric}, tell little. */
    private const NEXT_TO = 0.1;

    /** How far the middles of its sides bulge from straight ones. */
    public float $bulge;

    /** @var Net places between which all of the quadratic lies: corners, and what pulls the sides */
    public array $net;

    /**
     * @param Net $places six
     * @param array{Place, Place, Place}|null $shares of the paints at the corners; null on a way
     */
    public function __construct(private array $places, private ?array $shares)
    {
        [$p, $q, $r, $pq, $qr, $pr] = $places;
        $bulge = Triangle::curve($p, $pq, $q);
        $other = Triangle::curve($q, $qr, $r);
        $bulge = $other > $bulge ? $other : $bulge;
        $other = Triangle::curve($p, $pr, $r);
        $bulge = $other > $bulge ? $other : $bulge;
        $this->bulge = 0.5 * $bulge + self::AT_LEAST * sqrt(Triangle::longest($p, $q, $r));
        $this->net = [$p, $q, $r, self::pull($p, $pq, $q), self::pull($q, $qr, $r), self::pull($p, $pr, $r)];
    }

    /**
     * The mixes on a way from one place to another.
     *
     * @param Place $from
     * @param Place $middle
     * @param Place $to
     */
    public static function way(array $from, array $middle, array $to): self
    {
        return new self([$from, $to, $from, $middle, $middle, $from], null);
    }

    /**
     * The same mixes with other middles of its sides, nearer to half of the way, and how much a part of each corner's mix
     * counts for then. How far a mix has come along a side is taken to be t / (t + c (1 - t)) of it.
     *
     * @return array{self, array{float, float, float}}|null null if they are near already
     */
    public function evened(Blend $blend): ?array
    {
        if ($this->shares === null) {
            return null;
        }
        [$p, $q, $r, $pq, $qr, $pr] = $this->places;
        $toQ = self::uneven($p, $pq, $q);
        $across = self::uneven($q, $qr, $r);
        $toR = self::uneven($p, $pr, $r);
        // Three sides, but two of the corners' weights to choose: least squares.
        $ofP = -($toQ + $toR) / 3;
        $ofQ = ($toQ - $across) / 3;
        $ofR = ($toR + $across) / 3;
        if (abs($ofQ - $ofP) < self::UNEVEN && abs($ofR - $ofQ) < self::UNEVEN && abs($ofR - $ofP) < self::UNEVEN) {
            return null;
        }
        $weights = [exp($ofP), exp($ofQ), exp($ofR)];
        $onP = self::times($weights[0], $this->shares[0]);
        $onQ = self::times($weights[1], $this->shares[1]);
        $onR = self::times($weights[2], $this->shares[2]);

        return [new self([$p, $q, $r, $blend->at(self::halfway($onP, $onQ)), $blend->at(self::halfway($onQ, $onR)), $blend->at(self::halfway($onP, $onR))], [$onP, $onQ, $onR]), $weights];
    }

    /**
     * What its quarters are foretold to lie between, as in {@see Spots::quarters}: the quadratic's own (de Casteljau).
     *
     * @return array{Net, Net, Net, Net}
     */
    public function quarters(): array
    {
        [$p, $q, $r, $a, $b, $c] = $this->net;
        $pa = self::halfway($p, $a);
        $aq = self::halfway($a, $q);
        $qb = self::halfway($q, $b);
        $br = self::halfway($b, $r);
        $pc = self::halfway($p, $c);
        $cr = self::halfway($c, $r);
        $bc = self::halfway($b, $c);
        $pq = self::halfway($pa, $aq);
        $qr = self::halfway($qb, $br);
        $pr = self::halfway($pc, $cr);
        $nextP = self::halfway($pa, $bc);
        $nextQ = self::halfway($aq, $bc);
        $nextR = self::halfway($br, self::halfway($a, $c));

        return [[$p, $pq, $pr, $pa, $nextP, $pc], [$pq, $q, $qr, $aq, $qb, $nextQ], [$pr, $qr, $r, $nextR, $br, $cr], [$qr, $pr, $pq, $nextR, $nextP, $nextQ]];
    }

    /**
     * Some of its quarters, as in {@see Spots::quarters}.
     *
     * @param list<int> $which
     *
     * @return array<int, self>
     */
    public function cut(array $which, Blend $blend): array
    {
        \assert($this->shares !== null);
        [$p, $q, $r, $pq, $qr, $pr] = $this->places;
        [$onP, $onQ, $onR] = $this->shares;
        $onPq = self::halfway($onP, $onQ);
        $onQr = self::halfway($onQ, $onR);
        $onPr = self::halfway($onP, $onR);
        // The quarter between shares a side with each of the others.
        $sides = [[$onPq, $onPr], [$onPq, $onQr], [$onPr, $onQr]];
        $known = [];
        $next = static function (int $quarter) use (&$known, $blend, $sides): array {
            return $known[$quarter] ??= $blend->at(self::halfway(...$sides[$quarter]));
        };
        $quarters = [];
        foreach ($which as $quarter) {
            $quarters[$quarter] = match ($quarter) {
                0 => new self([$p, $pq, $pr, $blend->at(self::halfway($onP, $onPq)), $next(0), $blend->at(self::halfway($onP, $onPr))], [$onP, $onPq, $onPr]),
                1 => new self([$pq, $q, $qr, $blend->at(self::halfway($onPq, $onQ)), $blend->at(self::halfway($onQ, $onQr)), $next(1)], [$onPq, $onQ, $onQr]),
                2 => new self([$pr, $qr, $r, $next(2), $blend->at(self::halfway($onQr, $onR)), $blend->at(self::halfway($onPr, $onR))], [$onPr, $onQr, $onR]),
                default => new self([$qr, $pr, $pq, $next(2), $next(0), $next(1)], [$onQr, $onPr, $onPq]),
            };
        }

        return $quarters;
    }

    /**
     * The mixes that are foretold to lie no further than so much in a direction.
     *
     * @param Place $direction
     */
    public function upTo(float $limit, Spots $spots, array $direction): Spots
    {
        [$x, $y, $z] = $direction;
        [$p, $q, $r, $pq, $qr, $pr] = $this->net;
        $on = $x * $p[0] + $y * $p[1] + $z * $p[2];
        $onQ = $x * $q[0] + $y * $q[1] + $z * $q[2];
        $onR = $x * $r[0] + $y * $r[1] + $z * $r[2];
        $onPq = $x * $pq[0] + $y * $pq[1] + $z * $pq[2];
        $onQr = $x * $qr[0] + $y * $qr[1] + $z * $qr[2];
        $onPr = $x * $pr[0] + $y * $pr[1] + $z * $pr[2];
        $onV = 2 * ($onPq - $on);
        $onW = 2 * ($onPr - $on);
        $onV2 = $on - 2 * $onPq + $onQ;
        $onVw = 2 * ($on - $onPq - $onPr + $onQr);
        $onW2 = $on - 2 * $onPr + $onR;
        $mixes = $vs = $ws = [];
        foreach ($spots->mixes as $i => $mix) {
            $v = $spots->v[$i];
            $w = $spots->w[$i];
            if ($on + ($onV + $onV2 * $v + $onVw * $w) * $v + ($onW + $onW2 * $w) * $w <= $limit) {
                $mixes[] = $mix;
                $vs[] = $v;
                $ws[] = $w;
            }
        }

        return new Spots($mixes, $vs, $ws);
    }

    /**
     * Where a mix is foretold to lie.
     *
     * @param float $v as in {@see Spots}
     *
     * @return Place
     */
    public function at(float $v, float $w): array
    {
        $u = 1 - $v - $w;
        [[$px, $py, $pz], [$qx, $qy, $qz], [$rx, $ry, $rz], [$ax, $ay, $az], [$bx, $by, $bz], [$cx, $cy, $cz]] = $this->net;
        $uu = $u * $u;
        $vv = $v * $v;
        $ww = $w * $w;
        $uv = 2 * $u * $v;
        $vw = 2 * $v * $w;
        $uw = 2 * $u * $w;

        return [
            $uu * $px + $vv * $qx + $ww * $rx + $uv * $ax + $vw * $bx + $uw * $cx,
            $uu * $py + $vv * $qy + $ww * $ry + $uv * $ay + $vw * $by + $uw * $cy,
            $uu * $pz + $vv * $qz + $ww * $rz + $uv * $az + $vw * $bz + $uw * $cz,
        ];
    }

    /**
     * The control place of a side, by which a quadratic through its middle runs (Bezier).
     *
     * @param Place $from
     * @param Place $middle
     * @param Place $to
     *
     * @return Place
     */
    public static function pull(array $from, array $middle, array $to): array
    {
        return [2 * $middle[0] - 0.5 * ($from[0] + $to[0]), 2 * $middle[1] - 0.5 * ($from[1] + $to[1]), 2 * $middle[2] - 0.5 * ($from[2] + $to[2])];
    }

    /**
     * How many times as far the middle of a side is from its end as from its beginning, as a logarithm.
     *
     * @param Place $from
     * @param Place $middle
     * @param Place $to
     */
    private static function uneven(array $from, array $middle, array $to): float
    {
        $times = log((sqrt(Triangle::apart($middle, $to)) + self::NEXT_TO) / (sqrt(Triangle::apart($from, $middle)) + self::NEXT_TO));

        return abs($times) < self::MOST_UNEVEN ? $times : ($times < 0 ? -self::MOST_UNEVEN : self::MOST_UNEVEN);
    }

    /**
     * @param Place $of
     *
     * @return Place
     */
    private static function times(float $weight, array $of): array
    {
        return [$weight * $of[0], $weight * $of[1], $weight * $of[2]];
    }

    /**
     * @param Place $one
     * @param Place $two
     *
     * @return Place
     */
    private static function halfway(array $one, array $two): array
    {
        return [0.5 * ($one[0] + $two[0]), 0.5 * ($one[1] + $two[1]), 0.5 * ($one[2] + $two[2])];
    }
}
