<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

/**
 * Mixes of three paints as places in a triangle whose corners are the paints, by how much each counts in the mix. The
 * triangle is cut into nine like ones; from six places of a small one, its corners and the middles of its sides, the
 * mixes in it are foretold by the quadratic through them.
 */
final readonly class Lattice
{
    /** @var list<array{int, int, int}> places, in sixths of the way from corner to corner */
    public array $places;

    /** @var array<int, array{int, int, int, int, int, int}> places of each small triangle, by thirds of the first paint << 3 | of the second << 1 | 1 if turned about: corners, then middles of first to second, second to third, first to third */
    public array $triangles;

    /** @var array{list<int>, list<int>, list<int>} places along the edges by sixths: first to second paint, first to third, second to third */
    public array $sides;

    /**
     * Of ten places only: from the first paint by thirds to the second (0 to 3), from the first on to the third (4 to 6),
     * from the second towards the third (7, 8), and the middle (9).
     *
     * @var array<int, array{int, int, int}> corners of each small triangle among the ten, by its number
     */
    public array $coarse;

    /** @var array<int, list<array{int, int}>> sides of each small triangle that lie on an edge, by its number: which edge, as in {@see $sides}, and which third of it */
    private array $rims;

    /** @var array<int, list<list<float>>> what pulls each other side of each small triangle, by its number, as parts of the ten places: the cubic through them */
    private array $inner;

    /** @var array<int, list<list<array{int, int, float}>>> and what of the edges' own strays from cubics adds to that: which edge, which third of it, and how much */
    private array $blends;

    /** The place of all three in like parts. */
    public int $middle;

    /** The same among the ten. */
    public const MIDDLE = 9;

    /** What the cubic through four places, by thirds of a way, takes of each halfway through each third (Lagrange). */
    public const HALFWAY = [[0.3125, 0.9375, -0.3125, 0.0625], [-0.0625, 0.5625, 0.5625, -0.0625], [0.0625, -0.3125, 0.9375, 0.3125]];

    /** Places at the edges, among the ten, with the middle between each two. */
    public const ACROSS = [[1, 8], [2, 5], [4, 7]];

    /** @var list<array{int, int}> drops of two paints without a common divisor */
    public array $twos;

    /** @var array<int, true> drops of three without a common divisor: of the first << 8 | of the second << 4 | of the third */
    public array $threes;

    /** Of a drop: less than any mix lies from another. */
    private const WHISKER = 1e-6;

    public function __construct(private int $mostDrops)
    {
        $numbers = $places = $triangles = [];
        for ($a = 0; $a <= 6; $a++) {
            for ($b = 0; $b <= 6 - $a; $b++) {
                $numbers[$a][$b] = \count($places);
                $places[] = [$a, $b, 6 - $a - $b];
            }
        }
        for ($a = 0; $a < 6; $a += 2) {
            for ($b = 0; $b < 6 - $a; $b += 2) {
                $triangles[self::number(intdiv($a, 2), intdiv($b, 2), false)] = [
                    $numbers[$a][$b], $numbers[$a + 2][$b], $numbers[$a][$b + 2],
                    $numbers[$a + 1][$b], $numbers[$a + 1][$b + 1], $numbers[$a][$b + 1],
                ];
                if ($a + $b < 4) {
                    $triangles[self::number(intdiv($a, 2), intdiv($b, 2), true)] = [
                        $numbers[$a + 2][$b + 2], $numbers[$a][$b + 2], $numbers[$a + 2][$b],
                        $numbers[$a + 1][$b + 2], $numbers[$a + 1][$b + 1], $numbers[$a + 2][$b + 1],
                    ];
                }
            }
        }
        $this->places = $places;
        $this->triangles = $triangles;
        $this->middle = $numbers[2][2];
        $along = range(0, 6);
        $this->sides = [
            array_map(static fn(int $sixths): int => $numbers[6 - $sixths][$sixths], $along),
            array_map(static fn(int $sixths): int => $numbers[6 - $sixths][0], $along),
            array_map(static fn(int $sixths): int => $numbers[0][6 - $sixths], $along),
        ];
        $tenth = [$numbers[6][0], $numbers[4][2], $numbers[2][4], $numbers[0][6], $numbers[4][0], $numbers[2][0], $numbers[0][0], $numbers[0][4], $numbers[0][2], $numbers[2][2]];
        $ten = array_flip($tenth);
        $this->coarse = array_map(static fn(array $six): array => [$ten[$six[0]], $ten[$six[1]], $ten[$six[2]]], $triangles);
        $rims = $inner = $blends = [];
        foreach ($triangles as $number => $six) {
            $rims[$number] = $inner[$number] = $blends[$number] = [];
            foreach ([[3, 0, 1], [4, 1, 2], [5, 0, 2]] as [$middle, $from, $to]) {
                $rim = $this->rim($six[$middle]);
                if ($rim !== null) {
                    $rims[$number][] = $rim;

                    continue;
                }
                $pull = [];
                foreach ($tenth as $i => $node) {
                    $pull[] = 2 * self::cubic($places[$node], $places[$six[$middle]]) - ($i === $ten[$six[$from]] || $i === $ten[$six[$to]] ? 0.5 : 0);
                }
                $inner[$number][] = $pull;
                $blends[$number][] = self::blend($places[$six[$middle]]);
            }
        }
        $this->rims = $rims;
        $this->inner = $inner;
        $this->blends = $blends;
        [$this->twos, $this->threes] = self::mixes($mostDrops);
    }

    /**
     * How far, in a direction, lies what pulls the sides of a small triangle out of straight: the least of them.
     *
     * @param list<array{float, float, float}> $places ten
     * @param array{list<array{float, float, float}>, list<array{float, float, float}>, list<array{float, float, float}>} $pulls by edge and third
     * @param array{list<array{float, float, float}>, list<array{float, float, float}>, list<array{float, float, float}>} $strays by edge and third, see {@see Ways::strays}
     */
    public function pulled(int $number, array $places, array $pulls, array $strays, float $x, float $y, float $z): float
    {
        $least = INF;
        foreach ($this->rims[$number] as [$side, $third]) {
            [$px, $py, $pz] = $pulls[$side][$third];
            $along = $x * $px + $y * $py + $z * $pz;
            $least = $along < $least ? $along : $least;
        }
        $alongs = [];
        foreach ($this->inner[$number] === [] ? [] : $places as [$px, $py, $pz]) {
            $alongs[] = $x * $px + $y * $py + $z * $pz;
        }
        foreach ($this->inner[$number] as $side => $parts) {
            $along = 0.0;
            foreach ($parts as $i => $part) {
                $along += $part * $alongs[$i];
            }
            foreach ($this->blends[$number][$side] as [$edge, $third, $part]) {
                [$px, $py, $pz] = $strays[$edge][$third];
                $along += $part * ($x * $px + $y * $py + $z * $pz);
            }
            $least = $along < $least ? $along : $least;
        }

        return $least;
    }

    /**
     * The mixes in whole drops that lie in a small triangle.
     *
     * @param int $number of the triangle
     * @param float $first how much a drop of the first paint counts
     *
     * @return array<int, array{float, float}> by drops as in {@see $threes} where each lies in the triangle: how far from the first corner towards the second and towards the third, 0 to 1
     */
    public function mixesIn(int $number, float $first, float $second, float $third): array
    {
        $i = $number >> 3;
        $j = $number >> 1 & 3;
        $turned = ($number & 1) === 1;
        $k = 2 - $i - $j - ($turned ? 1 : 0);
        $spots = [];
        for ($ofOne = 1; $ofOne <= $this->mostDrops - 2; $ofOne++) {
            $one = $ofOne * $first;
            $left = $this->mostDrops - $ofOne;
            // All of it thirds: the first from i to i + 1, the second from j, the third from k. A whisker more on either
            // side, for what rounding takes.
            $lastTwo = $i === 0 ? $left - 1 : (int) min($left - 1, $one * ($j + 1) / $i / $second + self::WHISKER);
            for ($ofTwo = max(1, (int) ceil($one * $j / ($i + 1) / $second - self::WHISKER)); $ofTwo <= $lastTwo; $ofTwo++) {
                $two = $ofTwo * $second;
                $both = $one + $two;
                $least = max(3 * $one / ($i + 1), 3 * $two / ($j + 1), $both * 3 / (3 - $k)) - $both;
                $most = min($i === 0 ? INF : 3 * $one / $i, $j === 0 ? INF : 3 * $two / $j, $k === 2 ? INF : $both * 3 / (2 - $k)) - $both;
                $lastThree = (int) min($left - $ofTwo, $most / $third + self::WHISKER);
                for ($ofThree = max(1, (int) ceil($least / $third - self::WHISKER)); $ofThree <= $lastThree; $ofThree++) {
                    $mix = $ofOne << 8 | $ofTwo << 4 | $ofThree;
                    if (isset($this->threes[$mix])) {
                        $thirds = 3 / ($both + $ofThree * $third);
                        $spots[$mix] = $turned ? [1 + $i - $one * $thirds, 1 + $j - $two * $thirds] : [$one * $thirds - $i, $two * $thirds - $j];
                    }
                }
            }
        }

        return $spots;
    }

    /**
     * The mixes of two paints in whole drops that lie in a third of the way from the first to the second.
     *
     * @param int $third 0 to 2
     *
     * @return array<int, array{float, float}> by drops as in {@see $threes}, of which the third has none: how far each lies through it, 0 to 1, and 0
     */
    public function mixesOn(int $third, float $first, float $second): array
    {
        $spots = [];
        foreach ($this->twos as [$ofOne, $ofTwo]) {
            $two = $ofTwo * $second;
            $thirds = 3 * $two / ($two + $ofOne * $first);
            if ((int) $thirds === $third) {
                $spots[$ofOne << 8 | $ofTwo << 4] = [$thirds - $third, 0.0];
            }
        }

        return $spots;
    }

    /** @return array{int, int}|null on which edge a place is, and on which third of it; null if on none */
    private function rim(int $place): ?array
    {
        foreach ($this->sides as $side => $along) {
            $sixth = array_search($place, $along, true);
            if ($sixth !== false) {
                return [$side, intdiv($sixth, 2)];
            }
        }

        return null;
    }

    /**
     * What the cubic through the ten places takes at one place of another (Lagrange).
     *
     * @param array{int, int, int} $of in sixths, one of the ten
     * @param array{int, int, int} $at in sixths
     */
    private static function cubic(array $of, array $at): float
    {
        $part = 1.0;
        foreach ($of as $i => $sixths) {
            for ($step = 0; 2 * $step < $sixths; $step++) {
                $part *= ($at[$i] / 2 - $step) / ($step + 1);
            }
        }

        return $part;
    }

    /**
     * What the strays of the edges from cubics add to what pulls a side inside, as a triangle spanned by its edges has it:
     * straight from edge to edge, along each of the three directions, and half of these together (Barnhill, Birkhoff and
     * Gordon, J. Approx. Theory 8, 114 (1973); from memory).
     *
     * @param array{int, int, int} $at the middle of the side, in sixths
     *
     * @return list<array{int, int, float}> edge, third of it, and how much
     */
    private static function blend(array $at): array
    {
        [$a, $b, $c] = $at;
        $blend = [];
        // Edges go from first to second, first to third, second to third: how far along them each line begins and ends.
        foreach ([[$a, [[0, 6 - $a, $b], [1, 6 - $a, $c]]], [$b, [[0, $b, $a], [2, 6 - $b, $c]]], [$c, [[1, $c, $a], [2, $c, $b]]]] as [$fixed, $ends]) {
            foreach ($ends as [$edge, $sixths, $weight]) {
                // At whole thirds nothing strays.
                if ($sixths % 2 === 1) {
                    // A pull is twice what the middle moves, and of three such lines half counts.
                    $blend[] = [$edge, intdiv($sixths, 2), $weight / (6 - $fixed)];
                }
            }
        }

        return $blend;
    }

    private static function number(int $a, int $b, bool $turned): int
    {
        return $a << 3 | $b << 1 | ($turned ? 1 : 0);
    }

    /** @return array{list<array{int, int}>, array<int, true>} */
    private static function mixes(int $mostDrops): array
    {
        $twos = $threes = [];
        for ($a = 1; $a < $mostDrops; $a++) {
            for ($b = 1; $b <= $mostDrops - $a; $b++) {
                $divisor = self::divisor($a, $b);
                if ($divisor === 1) {
                    $twos[] = [$a, $b];
                }
                for ($c = 1; $c <= $mostDrops - $a - $b; $c++) {
                    if (self::divisor($divisor, $c) === 1) {
                        $threes[$a << 8 | $b << 4 | $c] = true;
                    }
                }
            }
        }

        return [$twos, $threes];
    }

    private static function divisor(int $a, int $b): int
    {
        return $b === 0 ? $a : self::divisor($b, $a % $b);
    }
}
