<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Mix;

use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Metric;
use Hawkbrush\Core\Film\DuncanMixing;

/**
 * The nearest mixes of up to three paints of a rack in whole drops, by one {@see Metric}. Every pair is sketched in a few
 * shares; from these it is guessed how near each three comes, and the most promising are sketched too. Of the sets that come
 * nearest every mix in whole drops is sketched, and the best of each worked out with the true film. How much that misses is
 * in docs/decisions/0006.
 */
final class NearestMixes
{
    /** Shares in which a pair is sketched, by how much each paint counts: leaning to the first, even, leaning to the second, */
    private const OF_TWO = [[3, 1, 0], [1, 1, 0], [1, 3, 0]];

    /** and, of a rack that is not too large, with a touch of the one in the other. */
    private const TOUCHES = [[10, 1, 0], [1, 10, 0]];

    private const OF_THREE = [[1, 1, 1], [4, 1, 1], [1, 4, 1], [1, 1, 4]];

    /** So many threes are sketched, those guessed to come nearest. */
    private const THREES = 4000;

    /** Of so many sets every mix is tried. */
    private const SETS = 350;

    /** Threes are made of so many paints at most: of those whose pairs come nearest. */
    public const IN_THREES = 120;

    /** Sketches of a set that are worked out truly, the nearest. */
    private const TRUE_ONES = 3;

    private readonly Sketch $sketch;

    private readonly Offers $offers;

    private readonly Drops $drops;

    /** @var array<int, array<int, array{float, float, float}>> places of pairs that lean to the first, by both paints */
    private array $lean = [];

    /** @var array<int, array<int, array{float, float, float}>> places of even pairs, the lower paint first */
    private array $even = [];

    /** @param list<Paint> $paints */
    private function __construct(
        private readonly array $paints,
        private readonly Wanted $wanted,
        private readonly Metric $metric,
        int $most,
        float $within,
    ) {
        $this->sketch = new Sketch($paints, $wanted, $metric);
        $this->offers = new Offers($most, $within);
        $this->drops = new Drops(MixSearch::MOST_DROPS);
    }

    /**
     * @param list<Paint> $paints all with solids
     * @param int $most offers wanted, each of other paints
     * @param float $within how far off they may be
     *
     * @return list<Offer> the nearest first; a paint alone stands among them if nothing is nearer
     */
    public static function of(array $paints, Wanted $wanted, Metric $metric, int $most, float $within): array
    {
        $search = new self($paints, $wanted, $metric, $most, $within);
        foreach (array_keys($paints) as $paint) {
            $search->offer([[$paint, 1]]);
        }
        $far = $search->pairs();
        foreach ($search->promising($far) as $set) {
            [$one, $two, $three] = SetOfPaints::paints($set);
            $far[$set] = $search->nearest($one, $two, $three, self::OF_THREE);
        }
        asort($far);
        foreach (\array_slice(array_keys($far), 0, self::SETS) as $set) {
            $search->tryAll(...SetOfPaints::paints($set));
        }

        return $search->offers->all();
    }

    /** @return array<int, float> how far off each pair comes at its nearest, squared, by set */
    private function pairs(): array
    {
        $count = \count($this->paints);
        $touches = $count <= self::IN_THREES ? self::TOUCHES : [];
        $far = [];
        for ($one = 0; $one < $count; $one++) {
            for ($two = $one + 1; $two < $count; $two++) {
                [$this->lean[$one][$two], $this->even[$one][$two], $this->lean[$two][$one]] = $places
                    = array_map(fn(array $shares): array => $this->sketch->at($one, $two, $one, $shares), self::OF_TWO);
                $far[SetOfPaints::of($one, $two, $one)] = min(
                    $this->nearest($one, $two, $one, $touches),
                    ...array_map(self::squared(...), $places),
                );
            }
        }

        return $far;
    }

    /**
     * The threes that are guessed to come nearest: what is even in all three lies about amid the even pairs, what leans to one
     * amid the pairs that do.
     *
     * @param array<int, float> $far of the pairs
     *
     * @return list<int> sets
     */
    private function promising(array $far): array
    {
        $guessed = [];
        $least = INF;
        $paints = $this->inThrees($far);
        foreach ($paints as $i => $one) {
            for ($j = $i + 1; isset($paints[$j + 1]); $j++) {
                $two = $paints[$j];
                [$ex, $ey, $ez] = $this->even[$one][$two];
                [$ax, $ay, $az] = $this->lean[$one][$two];
                [$bx, $by, $bz] = $this->lean[$two][$one];
                for ($k = $j + 1; isset($paints[$k]); $k++) {
                    $three = $paints[$k];
                    [$fx, $fy, $fz] = $this->even[$one][$three];
                    [$gx, $gy, $gz] = $this->even[$two][$three];
                    // Nine times the square of their middle, and four times those of the others: written out, for it runs
                    // hundreds of thousands of times.
                    $guess = (($ex + $fx + $gx) ** 2 + ($ey + $fy + $gy) ** 2 + ($ez + $fz + $gz) ** 2) / 9;
                    [$x, $y, $z] = $this->lean[$one][$three];
                    $other = (($ax + $x) ** 2 + ($ay + $y) ** 2 + ($az + $z) ** 2) / 4;
                    $guess = $other < $guess ? $other : $guess;
                    [$x, $y, $z] = $this->lean[$two][$three];
                    $other = (($bx + $x) ** 2 + ($by + $y) ** 2 + ($bz + $z) ** 2) / 4;
                    $guess = $other < $guess ? $other : $guess;
                    [$fx, $fy, $fz] = $this->lean[$three][$one];
                    [$gx, $gy, $gz] = $this->lean[$three][$two];
                    $other = (($fx + $gx) ** 2 + ($fy + $gy) ** 2 + ($fz + $gz) ** 2) / 4;
                    $guess = $other < $guess ? $other : $guess;
                    if ($guess < $least) {
                        $guessed[SetOfPaints::of($one, $two, $three)] = $guess;
                    }
                }
            }
            // Now and then those that can be no more among the nearest are let go.
            if (\count($guessed) > 2 * self::THREES) {
                $guessed = self::leastOf($guessed);
                $least = end($guessed);
            }
        }

        return array_keys(self::leastOf($guessed));
    }

    /**
     * @param array<int, float> $guessed
     *
     * @return array<int, float> the least of them, in order
     */
    private static function leastOf(array $guessed): array
    {
        asort($guessed);

        return \array_slice($guessed, 0, self::THREES, true);
    }

    /**
     * @param array<int, float> $far of the pairs
     *
     * @return list<int> the paints whose pairs come nearest, in the rack's order
     */
    private function inThrees(array $far): array
    {
        asort($far);
        $in = [];
        foreach (array_keys($far) as $pair) {
            [$one, $two] = SetOfPaints::paints($pair);
            $in += [$one => $one, $two => $two];
            if (\count($in) >= self::IN_THREES) {
                break;
            }
        }
        sort($in);

        return $in;
    }

    /**
     * Squared distance of a set from the wanted colour: around the wanted colour it grows as the difference does, and takes
     * a fraction of its time.
     *
     * @param list<array{int, int, int}> $shares
     */
    private function nearest(int $one, int $two, int $three, array $shares): float
    {
        $nearest = INF;
        foreach ($shares as $share) {
            $far = self::squared($this->sketch->at($one, $two, $three, $share));
            $nearest = $far < $nearest ? $far : $nearest;
        }

        return $nearest;
    }

    private function tryAll(int $one, int $two, int $three): void
    {
        $ofTwo = $three === $one;
        [$first, $second, $third] = [$this->sketch->drop[$one], $this->sketch->drop[$two], $this->sketch->drop[$three]];
        $far = [];
        foreach ($ofTwo ? $this->drops->twos : $this->drops->threes as $mix) {
            [$x, $y, $z] = $this->sketch->place($one, $two, $three, ($mix >> 8) * $first, ($mix >> 4 & 15) * $second, ($mix & 15) * $third);
            $far[$mix] = $x * $x + $y * $y + $z * $z;
        }
        asort($far);
        foreach (\array_slice(array_keys($far), 0, self::TRUE_ONES) as $mix) {
            [$a, $b, $c] = Drops::of($mix);
            $this->offer($ofTwo ? [[$one, $a], [$two, $b]] : [[$one, $a], [$two, $b], [$three, $c]]);
        }
    }

    /** @param non-empty-list<array{int, int}> $parts paints by their place in the rack, with their drops */
    private function offer(array $parts): void
    {
        $mix = array_map(fn(array $part): array => [$this->paints[$part[0]], $part[1]], $parts);
        $optics = DuncanMixing::mix(array_map(
            fn(array $part): array => [$this->paints[$part[0]]->optics, $part[1] * $this->sketch->drop[$part[0]]],
            $parts,
        ));
        $colour = $this->wanted->shows($optics);
        $this->offers->aim(array_column($mix, 0));
        $far = DeltaE2000::between($this->wanted->lab, $colour->lab);
        $this->offers->add(new Offer($mix, $colour, $this->metric->from($colour->lab), $far));
    }

    /** @param array{float, float, float} $place */
    private static function squared(array $place): float
    {
        return $place[0] * $place[0] + $place[1] * $place[1] + $place[2] * $place[2];
    }
}
