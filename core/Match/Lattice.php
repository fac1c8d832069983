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

    /** @var list<array{int, int}> places at the edges, with the middle between each two */
    public array $across;

    /** The place of all three in like parts. */
    public int $middle;

    /** @var list<array{int, int}> drops of two paints without a common divisor */
    public array $twos;

    /** @var list<int> drops of three: of the first << 8 | of the second << 4 | of the third */
    public array $threes;

    public function __construct(int $mostDrops)
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
        $this->across = [[$numbers[4][2], $numbers[0][2]], [$numbers[2][4], $numbers[2][0]], [$numbers[4][0], $numbers[0][4]]];
        $along = range(0, 6);
        $this->sides = [
            array_map(static fn(int $sixths): int => $numbers[6 - $sixths][$sixths], $along),
            array_map(static fn(int $sixths): int => $numbers[6 - $sixths][0], $along),
            array_map(static fn(int $sixths): int => $numbers[0][6 - $sixths], $along),
        ];
        [$this->twos, $this->threes] = self::mixes($mostDrops);
    }

    private static function number(int $a, int $b, bool $turned): int
    {
        return $a << 3 | $b << 1 | ($turned ? 1 : 0);
    }

    /** @return array{list<array{int, int}>, list<int>} */
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
                        $threes[] = $a << 8 | $b << 4 | $c;
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
