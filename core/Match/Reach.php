<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Metric;
use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Colour\Xyz;
use Hawkbrush\Core\Pattern\Paint;

/**
 * Which threes of a rack can come to a colour at all: in each band a mix lies between its paints, so that in no
 * direction it goes further than the furthest of them band by band. The furthest of three is at most that of two pairs
 * less the paint they share: max(a, b, c) <= max(a, b) + max(a, c) - a.
 */
final class Reach
{
    private const DIRECTIONS = [
        [1, 0, 0], [0, 1, 0], [0, 0, 1], [1, 1, 0], [1, -1, 0], [1, 0, 1], [1, 0, -1],
        [0, 1, 1], [0, 1, -1], [1, 1, 1], [1, 1, -1], [1, -1, 1], [1, -1, -1],
    ];

    /** The bands are taken together in so many groups. */
    private const GROUPS = 8;

    /** @var list<list<float>> how far a paint goes in each direction from the wanted colour */
    private array $alone = [];

    /** @var array<int, array<int, array{list<float>, list<float>}>> most and least in each direction, by first and second paint */
    private array $pairs = [];

    /** @param list<Paint> $paints */
    public function __construct(array $paints, Wanted $wanted)
    {
        [$weights, $at] = self::directions($wanted->lab);
        // What each paint puts on each direction, group by group.
        $shares = [];
        foreach ($paints as $paint) {
            $seen = $wanted->shows($paint->optics)->reflectance()->values;
            $share = [];
            foreach ($weights as $weight) {
                $groups = array_fill(0, self::GROUPS, 0.0);
                foreach ($seen as $i => $r) {
                    $groups[intdiv($i * self::GROUPS, Spectrum::BANDS)] += $weight[$i] * $r;
                }
                $share[] = $groups;
            }
            $shares[] = $share;
            $this->alone[] = array_map(static fn(array $groups, float $from): float => array_sum($groups) - $from, $share, $at);
        }
        foreach ($shares as $one => $first) {
            $this->pairs[$one] = [];
            for ($two = $one + 1; $two < \count($shares); $two++) {
                $this->pairs[$one][$two] = self::furthest($first, $shares[$two], $at);
            }
        }
    }

    /**
     * @param float $within how near a mix must come
     *
     * @return \Generator<array{int, int, int}>
     */
    public function threes(float $within): \Generator
    {
        foreach ($this->pairs as $one => $seconds) {
            foreach (array_keys($seconds) as $two) {
                for ($three = $two + 1; $three < \count($this->alone); $three++) {
                    if ($this->reaches($one, $two, $three, $within)) {
                        yield [$one, $two, $three];
                    }
                }
            }
        }
    }

    private function reaches(int $one, int $two, int $three, float $within): bool
    {
        [$mostA, $leastA] = $this->pairs[$one][$two];
        [$mostB, $leastB] = $this->pairs[$one][$three];
        [$mostC, $leastC] = $this->pairs[$two][$three];
        $first = $this->alone[$one];
        $second = $this->alone[$two];
        $third = $this->alone[$three];
        foreach ($mostA as $i => $most) {
            if ($most + $mostB[$i] - $first[$i] < -$within || $most + $mostC[$i] - $second[$i] < -$within || $mostB[$i] + $mostC[$i] - $third[$i] < -$within
                || $leastA[$i] + $leastB[$i] - $first[$i] > $within || $leastA[$i] + $leastC[$i] - $second[$i] > $within || $leastB[$i] + $leastC[$i] - $third[$i] > $within) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<array<int, float>> $first by direction and group
     * @param list<array<int, float>> $second
     * @param list<float> $at
     *
     * @return array{list<float>, list<float>}
     */
    private static function furthest(array $first, array $second, array $at): array
    {
        $most = $least = [];
        foreach ($first as $direction => $groups) {
            $high = $low = -$at[$direction];
            $others = $second[$direction];
            foreach ($groups as $i => $p) {
                $q = $others[$i];
                $high += $p > $q ? $p : $q;
                $low += $p < $q ? $p : $q;
            }
            $most[] = $high;
            $least[] = $low;
        }

        return [$most, $least];
    }

    /**
     * The directions as straight weights of the 31 bands, and where the wanted colour lies on them.
     *
     * @return array{list<list<float>>, list<float>}
     */
    private static function directions(Lab $lab): array
    {
        $metric = Metric::at($lab);
        $xyz = $lab->toXyz();
        $step = 0.01;
        $slopes = [];
        foreach ([new Xyz($xyz->x + $step, $xyz->y, $xyz->z), new Xyz($xyz->x, $xyz->y + $step, $xyz->z), new Xyz($xyz->x, $xyz->y, $xyz->z + $step)] as $beside) {
            $slopes[] = array_map(static fn(float $moved): float => $moved / $step, $metric->between($lab, Lab::fromXyz($beside)));
        }
        [$wx, $wy, $wz] = Observer::weights();
        $weights = $at = [];
        foreach (self::DIRECTIONS as [$p, $q, $r]) {
            $size = sqrt($p * $p + $q * $q + $r * $r);
            [$x, $y, $z] = array_map(static fn(array $slope): float => ($p * $slope[0] + $q * $slope[1] + $r * $slope[2]) / $size, $slopes);
            $weights[] = array_map(static fn(float $a, float $b, float $c): float => $x * $a + $y * $b + $z * $c, $wx, $wy, $wz);
            $at[] = $x * $xyz->x + $y * $xyz->y + $z * $xyz->z;
        }

        return [$weights, $at];
    }
}
