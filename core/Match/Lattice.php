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

    /** @var list<array{int, int, bool}> of each small triangle: how many thirds of the first paint and of the second its mixes have at least, and whether it is turned about */
    public array $thirds;

    /** @var list<array{int, int, int, int, int, int}> places of each: corners, then middles of first to second, second to third, first to third */
    public array $triangles;

    /** @var array{list<int>, list<int>, list<int>} places along the edges by sixths: first to second paint, first to third, second to third */
    public array $sides;

    /**
     * Of ten places only: from the first paint by thirds to the second (0 to 3), from the first on to the third (4 to 6),
     * from the second towards the third (7, 8), and the middle (9).
     *
     * @var list<array{int, int, int}> corners of each small triangle among the ten
     */
    public array $coarse;

    /** @var list<array{int, int, int}> sides of each small triangle: the nine thirds of the edges, as in {@see $sides}, then those within */
    public array $around;

    /** @var list<array{float, float, float, float, float, float, float, float, float, float}> what pulls each side within, as parts of the ten places: the cubic through them */
    private array $inner;

    /** @var list<list<array{int, float}>> and what of the edges' own strays from cubics adds to that: which third of the edges, and how much */
    private array $blends;

    /** The place of all three in like parts. */
    public int $middle;

    /** The same among the ten. */
    public const MIDDLE = 9;

    /** What the cubic through four places, by thirds of a way, takes of each halfway through each third (Lagrange). */
    public const HALFWAY = [[0.3125, 0.9375, -0.3125, 0.0625], [-0.0625, 0.5625, 0.5625, -0.0625], [0.0625, -0.3125, 0.9375, 0.3125]];

    /** Places at the edges, among the ten, with the middle between each two. */
    public const ACROSS = [[1, 8], [2, 5], [4, 7]];

    /** Thirds of the three edges. */
    private const EDGES = 9;

    public function __construct()
    {
        $numbers = $places = $triangles = $thirds = [];
        for ($a = 0; $a <= 6; $a++) {
            for ($b = 0; $b <= 6 - $a; $b++) {
                $numbers[$a][$b] = \count($places);
                $places[] = [$a, $b, 6 - $a - $b];
            }
        }
        for ($a = 0; $a < 6; $a += 2) {
            for ($b = 0; $b < 6 - $a; $b += 2) {
                $thirds[] = [intdiv($a, 2), intdiv($b, 2), false];
                $triangles[] = [
                    $numbers[$a][$b], $numbers[$a + 2][$b], $numbers[$a][$b + 2],
                    $numbers[$a + 1][$b], $numbers[$a + 1][$b + 1], $numbers[$a][$b + 1],
                ];
                if ($a + $b < 4) {
                    $thirds[] = [intdiv($a, 2), intdiv($b, 2), true];
                    $triangles[] = [
                        $numbers[$a + 2][$b + 2], $numbers[$a][$b + 2], $numbers[$a + 2][$b],
                        $numbers[$a + 1][$b + 2], $numbers[$a + 1][$b + 1], $numbers[$a + 2][$b + 1],
                    ];
                }
            }
        }
        $this->places = $places;
        $this->triangles = $triangles;
        $this->thirds = $thirds;
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
        $inner = $blends = $within = [];
        $side = function (int $middle, int $from, int $to) use (&$inner, &$blends, &$within, $places, $tenth): int {
            $rim = $this->rim($middle);
            if ($rim === null && ! isset($within[$middle])) {
                $within[$middle] = self::EDGES + \count($inner);
                $inner[] = array_map(static fn(int $node): float => 2 * self::cubic($places[$node], $places[$middle]) - ($node === $from || $node === $to ? 0.5 : 0), $tenth);
                $blends[] = self::blend($places[$middle]);
            }

            return $rim ?? $within[$middle];
        };
        $around = [];
        foreach ($triangles as [$p, $q, $r, $pq, $qr, $pr]) {
            $around[] = [$side($pq, $p, $q), $side($qr, $q, $r), $side($pr, $p, $r)];
        }
        $this->around = $around;
        $this->inner = $inner;
        $this->blends = $blends;
    }

    /**
     * How far, in a direction, lies what pulls a side out of straight.
     *
     * @param int $side as in {@see $around}
     * @param list<float> $along how far the ten places of three paints lie in it
     * @param array{float, float, float} $direction
     */
    public function pulled(int $side, Three $three, array $along, array $direction): float
    {
        [$x, $y, $z] = $direction;
        if ($side < self::EDGES) {
            [$px, $py, $pz] = $three->pulls[$side];

            return $x * $px + $y * $py + $z * $pz;
        }
        [$a, $b, $c, $d, $e, $f, $g, $h, $i, $j] = $this->inner[$side - self::EDGES];
        $pulled = $a * $along[0] + $b * $along[1] + $c * $along[2] + $d * $along[3] + $e * $along[4]
            + $f * $along[5] + $g * $along[6] + $h * $along[7] + $i * $along[8] + $j * $along[9];
        foreach ($this->blends[$side - self::EDGES] as [$third, $part]) {
            [$px, $py, $pz] = $three->strays[$third];
            $pulled += $part * ($x * $px + $y * $py + $z * $pz);
        }

        return $pulled;
    }

    /** @return int|null on which third of the edges a place is; null if on none */
    private function rim(int $place): ?int
    {
        foreach ($this->sides as $side => $along) {
            $sixth = array_search($place, $along, true);
            if ($sixth !== false) {
                return 3 * $side + intdiv($sixth, 2);
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
     * @return list<array{int, float}> which third of the edges, and how much
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
                    $blend[] = [3 * $edge + intdiv($sixths, 2), $weight / (6 - $fixed)];
                }
            }
        }

        return $blend;
    }
}
