<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

use Hawkbrush\Core\Colour\Metric;
use Hawkbrush\Core\Parallel\OneWorker;
use Hawkbrush\Core\Parallel\Workers;
use Hawkbrush\Core\Pattern\Paint;

/**
 * The nearest mixes of two and three paints of a rack in whole drops, by one {@see Metric}. Of a few paints each mix is
 * tried, as a {@see Sketch}; what comes near is worked out with the true film. Of more paints every pair and every three
 * is looked at, at a few places of its {@see Lattice}, and mixes are tried only where the {@see Sieve} holds them back.
 * The margins of that are from trials, not proven. Of very many paints not all threes are looked at, see
 * {@see MixSearch::wholly}.
 */
final class NearestMixes
{
    /** Of so many paints each mix is tried. */
    public const FEW = 10;

    /** Of fewer paints the threes are done before others could help. */
    private const ENOUGH_TO_SHARE = 24;

    /** The threes of so many pairs are looked at before the work is shared: what they give spares everyone the most. */
    private const FIRST = 24;

    /** Where not every three is looked at, so many are, those whose edges come nearest first, */
    private const MOST_THREES = 250_000;

    /** one that mixes near the colour counting for so many more. */
    private const NEAR_ONE = 10;

    private readonly Sketch $sketch;

    private readonly Lattice $lattice;

    private readonly Sieve $sieve;

    private readonly Offers $offers;

    private readonly Trials $trials;

    private readonly Drops $drops;

    /** @var list<float> how much a drop of each paint counts in a mix */
    private readonly array $counts;

    /** How many paints there are. */
    private readonly int $paints;

    /** @param list<Paint> $paints */
    private function __construct(array $paints, Wanted $wanted, Metric $metric, int $most, float $within)
    {
        $this->paints = \count($paints);
        $this->sketch = new Sketch($paints, $wanted, $metric);
        $this->lattice = new Lattice();
        $this->sieve = new Sieve(new Rays($metric), $this->lattice);
        $this->offers = new Offers($most, $within);
        $this->trials = new Trials($paints, $wanted, $this->sketch, $this->sieve, $this->offers, $this->paints <= self::FEW);
        $this->drops = new Drops(MixSearch::MOST_DROPS);
        $this->counts = array_map(static fn(float $drop, float $share): float => $drop / $share, $this->sketch->drop, $this->sketch->share);
    }

    /**
     * @param list<Paint> $paints all with solids
     * @param int $most offers wanted, each of other paints
     * @param float $within how far off they may be
     * @param Workers $workers by whom the threes are looked at
     *
     * @return list<Offer> the nearest first; a paint alone stands among them if nothing is nearer
     */
    public static function of(array $paints, Wanted $wanted, Metric $metric, int $most, float $within, Workers $workers = new OneWorker()): array
    {
        $search = new self($paints, $wanted, $metric, $most, $within);
        $search->alone();
        if ($search->paints <= self::FEW) {
            $search->every();
        } else {
            $ways = new Ways($search->sketch);
            $search->pairs($ways);
            $search->threes($ways, $workers);
        }

        return $search->offers->all();
    }

    private function alone(): void
    {
        for ($paint = 0; $paint < $this->paints; $paint++) {
            $this->trials->propose([[$paint, 1]]);
        }
    }

    private function every(): void
    {
        for ($one = 0; $one < $this->paints; $one++) {
            for ($two = $one + 1; $two < $this->paints; $two++) {
                $this->trials->all($this->trials->blend($one, $two, $one), $this->drops->twos);
                for ($three = $two + 1; $three < $this->paints; $three++) {
                    $this->trials->all($this->trials->blend($one, $two, $three), $this->drops->threes);
                }
            }
        }
    }

    private function pairs(Ways $ways): void
    {
        foreach ($ways->order as $pair) {
            [$one, $two] = $ways->paints($pair);
            $this->sieve->narrow($this->trials->reach());
            $blend = $this->trials->blend($one, $two, $one);
            foreach ([0, 2, 4] as $from) {
                [$start, $middle, $end] = \array_slice($ways->places($pair), $from, 3);
                $patch = Patch::way($start, $middle, $end);
                if ($this->sieve->holds($patch)) {
                    $this->trials->look($blend, $patch, $this->drops->on(intdiv($from, 2), $this->counts[$one], $this->counts[$two]));
                }
            }
        }
    }

    private function threes(Ways $ways, Workers $workers): void
    {
        $this->sieve->narrow($this->trials->reach(), 1.0);
        $left = $this->threesOf($ways, \array_slice($ways->order, 0, self::FIRST), MixSearch::wholly($this->paints) ? INF : self::MOST_THREES);
        $pieces = $this->shares(\array_slice($ways->order, self::FIRST), $this->paints < self::ENOUGH_TO_SHARE ? 1 : $workers->count());
        $found = $workers->do(array_map(fn(array $pairs): callable => function () use ($ways, $pairs, $left, $pieces): array {
            $this->threesOf($ways, $pairs, $left / \count($pieces));

            return $this->trials->found();
        }, $pieces));
        foreach (array_merge(...$found) as $mix) {
            $this->trials->propose($mix);
        }
    }

    /**
     * Looks at the threes of some pairs, until so many are done.
     *
     * @param list<int> $pairs
     *
     * @return float how many are left
     */
    private function threesOf(Ways $ways, array $pairs, float $left): float
    {
        foreach ($pairs as $pair) {
            $this->sieve->narrow($this->trials->reach());
            $threes = $ways->threes($pair);
            $left -= \count($threes);
            foreach ($this->sieve->mayHold($ways, $pair, $threes) as [$one, $two, $three]) {
                $left -= $this->within($ways, $pair, $one, $two, $three) ? self::NEAR_ONE : 0;
            }
            if ($left <= 0) {
                break;
            }
        }

        return $left;
    }

    /**
     * Pairs by turns, so that each piece has near ones first.
     *
     * @param list<int> $pairs
     *
     * @return list<list<int>>
     */
    private function shares(array $pairs, int $pieces): array
    {
        $shares = array_fill(0, $pieces, []);
        foreach ($pairs as $i => $pair) {
            $shares[$i % $pieces][] = $pair;
        }

        return $shares;
    }

    /** Tries the mixes of three paints in whole drops that may lie near; whether there may be any. */
    private function within(Ways $ways, int $pair, int $one, int $two, int $three): bool
    {
        $middle = $this->sketch->at($one, $two, $three, [1, 1, 1]);
        $near = $this->sieve->near($ways->three($one, $two, $three, $middle), $ways->nearest($pair));
        if ($near === []) {
            return false;
        }
        $blend = $this->trials->blend($one, $two, $three);
        $places = $ways->edges($this->lattice, $one, $two, $three, $middle);
        foreach ($near as $number) {
            $six = $shares = [];
            foreach ($this->lattice->triangles[$number] as $place) {
                $six[] = $places[$place] ??= $blend->at($this->lattice->places[$place]);
            }
            foreach ([0, 1, 2] as $corner) {
                $shares[] = $this->lattice->places[$this->lattice->triangles[$number][$corner]];
            }
            $patch = new Patch($six, $shares);
            if ($this->sieve->holds($patch)) {
                $this->trials->look($blend, $patch, $this->drops->in($this->lattice->thirds[$number], $this->counts[$one], $this->counts[$two], $this->counts[$three]));
            }
        }

        return true;
    }
}
