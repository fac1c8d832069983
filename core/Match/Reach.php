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

    /** What colours between those looked at may lie further out, of the whole way across. */
    private const SPARE = 0.025;

    /** @var list<list<float>> how far a paint goes in each direction from the wanted colour */
    private array $alone = [];

    /** @var array<int, array<int, array{list<float>, list<float>}>> most and least in each direction, by first and second paint */
    private array $pairs = [];

    /** @var list<array{float, float, float}> what X, Y and Z each put on each direction */
    private readonly array $slopes;

    /** @var list<float> how far the wanted colour itself lies in each direction */
    private readonly array $at;

    /** @var list<array{list<float>, list<float>}> how far each part of the halo goes in each direction at least and at most */
    private array $boxes = [];

    /** @param list<Paint> $paints */
    public function __construct(array $paints, Wanted $wanted, private readonly Metric $metric)
    {
        $this->slopes = self::directions($metric, $wanted->lab->toXyz());
        $xyz = $wanted->lab->toXyz();
        $this->at = $at = array_map(static fn(array $slope): float => $slope[0] * $xyz->x + $slope[1] * $xyz->y + $slope[2] * $xyz->z, $this->slopes);
        [$wx, $wy, $wz] = Observer::weights();
        $weights = array_map(static fn(array $slope): array => array_map(static fn(float $x, float $y, float $z): float => $slope[0] * $x + $slope[1] * $y + $slope[2] * $z, $wx, $wy, $wz), $this->slopes);
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

    /** Looks for what may come into a halo from now on. */
    public function aim(Halo $halo): void
    {
        $this->boxes = array_map($this->box(...), $halo->edges);
    }

    /** Whether mixes of three, or of less of them, may come into the halo. */
    public function comes(int $one, int $two, int $three): bool
    {
        foreach ($this->boxes as [$low, $high]) {
            if ($this->reaches($one, $two, $three, $low, $high)) {
                return true;
            }
        }

        return false;
    }

    /**
     * How far some places lie in each direction at least and at most.
     *
     * @param list<array{float, float, float}> $places
     *
     * @return array{list<float>, list<float>}
     */
    private function box(array $places): array
    {
        $xyz = array_map(fn(array $place): Xyz => $this->metric->colour(...$place)->toXyz(), $places);
        $low = $high = [];
        foreach ($this->slopes as $direction => $slope) {
            $from = $this->at[$direction];
            $far = array_map(static fn(Xyz $at): float => $slope[0] * $at->x + $slope[1] * $at->y + $slope[2] * $at->z - $from, $xyz);
            $least = min(INF, ...$far);
            $most = max(-INF, ...$far);
            $low[] = $least - self::SPARE * ($most - $least);
            $high[] = $most + self::SPARE * ($most - $least);
        }

        return [$low, $high];
    }

    /**
     * @param list<float> $low
     * @param list<float> $high
     */
    private function reaches(int $one, int $two, int $three, array $low, array $high): bool
    {
        [$mostA, $leastA] = $this->pairs[$one][$two];
        [$mostB, $leastB] = $this->pairs[$one][$three];
        [$mostC, $leastC] = $this->pairs[$two][$three];
        $first = $this->alone[$one];
        $second = $this->alone[$two];
        $third = $this->alone[$three];
        foreach ($mostA as $i => $most) {
            $from = $low[$i];
            $to = $high[$i];
            if ($most + $mostB[$i] - $first[$i] < $from || $most + $mostC[$i] - $second[$i] < $from || $mostB[$i] + $mostC[$i] - $third[$i] < $from
                || $leastA[$i] + $leastB[$i] - $first[$i] > $to || $leastA[$i] + $leastC[$i] - $second[$i] > $to || $leastB[$i] + $leastC[$i] - $third[$i] > $to) {
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
     * What X, Y and Z put on each direction, as slopes at the wanted colour.
     *
     * @return list<array{float, float, float}>
     */
    private static function directions(Metric $metric, Xyz $xyz): array
    {
        $step = 0.01;
        $slopes = [];
        foreach ([new Xyz($xyz->x + $step, $xyz->y, $xyz->z), new Xyz($xyz->x, $xyz->y + $step, $xyz->z), new Xyz($xyz->x, $xyz->y, $xyz->z + $step)] as $beside) {
            $lab = Lab::fromXyz($beside);
            $slopes[] = array_map(static fn(float $moved): float => $moved / $step, $metric->place($lab->l, $lab->a, $lab->b));
        }
        $directions = [];
        foreach (self::DIRECTIONS as [$p, $q, $r]) {
            $size = sqrt($p * $p + $q * $q + $r * $r);
            $directions[] = array_map(static fn(array $slope): float => ($p * $slope[0] + $q * $slope[1] + $r * $slope[2]) / $size, $slopes);
        }

        return $directions;
    }
}
