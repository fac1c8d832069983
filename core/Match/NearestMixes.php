<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Metric;
use Hawkbrush\Core\Film\Mixing;
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

    /** How far a sketch may be off, in units of the metric, */
    private const OFF = 0.6;

    /** and how much further for each that the mix is off. */
    private const FURTHER = 0.025;

    /** The same where there is time for more care, and by the plain distance, of which strong colours have more. */
    private const OFF_AT_MOST = 1.0;

    /** Mixes of a patch are nearer than foretold by less than this part of how far it bulges. */
    private const NEARER = 0.8;

    /** A patch that bulges more is cut in four, */
    private const FLAT = 1.5;

    /** if it has more mixes than cutting takes to look at. */
    private const NOT_CUT = 9;

    /** and a quarter of it that has more than these. */
    private const FEW_OF_QUARTER = 3;

    private const MOST_CUTS = 8;

    /** After so many mixes of a patch it is known how far they stray. */
    private const TELLING = 4;

    /** The rest of a patch strays by less than so many times what those tried did. */
    private const LIKE = 3.0;

    /** Of fewer paints the threes are done before others could help. */
    private const ENOUGH_TO_SHARE = 24;

    /** The threes of so many pairs are looked at before the work is shared: what they give spares everyone the most. */
    private const FIRST = 24;

    /** Where not every three is looked at, so many are, those whose edges come nearest first, */
    private const MOST_THREES = 250_000;

    /** one that mixes near the colour counting for so many more. */
    private const NEAR_ONE = 10;

    private readonly Offers $offers;

    private readonly Sieve $sieve;

    /** How far a sketch is let off. */
    private readonly float $off;

    private readonly Sketch $sketch;

    /** @var list<float> how much a drop of each paint counts in a mix */
    private readonly array $counts;

    private readonly Drops $drops;

    private readonly Lattice $lattice;

    /** @param list<Paint> $paints */
    private function __construct(private readonly array $paints, private readonly Wanted $wanted, private readonly Metric $metric, int $most, float $within)
    {
        $this->offers = new Offers($most, $within);
        $this->off = \count($paints) <= self::FEW || $metric->isPlain() ? self::OFF_AT_MOST : self::OFF;
        $this->sketch = new Sketch($paints, $wanted, $metric);
        $this->drops = new Drops(MixSearch::MOST_DROPS);
        $this->lattice = new Lattice();
        $this->sieve = new Sieve(new Rays($metric), $this->lattice);
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
        if (\count($paints) <= self::FEW) {
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
        foreach ($this->paints as $paint) {
            $this->offers->aim([$paint]);
            $this->offer([[$paint, 1]]);
        }
    }

    private function every(): void
    {
        $paints = \count($this->paints);
        for ($one = 0; $one < $paints; $one++) {
            for ($two = $one + 1; $two < $paints; $two++) {
                $this->tryAll($this->blend($one, $two, $one), $this->drops->twos);
                for ($three = $two + 1; $three < $paints; $three++) {
                    $this->tryAll($this->blend($one, $two, $three), $this->drops->threes);
                }
            }
        }
    }

    private function pairs(Ways $ways): void
    {
        foreach ($ways->order as $pair) {
            [$one, $two] = $ways->paints($pair);
            $this->sieve->narrow($this->sketched($this->offers->worst));
            $blend = $this->blend($one, $two, $one);
            foreach ([0, 2, 4] as $from) {
                [$start, $middle, $end] = \array_slice($ways->places($pair), $from, 3);
                $patch = Patch::way($start, $middle, $end);
                if ($this->sieve->holds($patch)) {
                    $this->look($blend, $patch, $this->drops->on(intdiv($from, 2), $this->counts[$one], $this->counts[$two]));
                }
            }
        }
    }

    private function threes(Ways $ways, Workers $workers): void
    {
        $this->sieve->narrow($this->sketched($this->offers->worst), 1.0);
        $left = $this->threesOf($ways, \array_slice($ways->order, 0, self::FIRST), MixSearch::wholly(\count($this->paints)) ? INF : self::MOST_THREES);
        $pieces = $this->shares(\array_slice($ways->order, self::FIRST), \count($this->paints) < self::ENOUGH_TO_SHARE ? 1 : $workers->count());
        $found = $workers->do(array_map(fn(array $pairs): callable => function () use ($ways, $pairs, $left, $pieces): array {
            $this->threesOf($ways, $pairs, $left / \count($pieces));

            return $this->found();
        }, $pieces));
        foreach ($found as $mixes) {
            foreach ($mixes as $mix) {
                $parts = array_map(fn(array $part): array => [$this->paints[$part[0]], $part[1]], $mix);
                $this->offers->aim(array_column($parts, 0));
                $this->offer($parts);
            }
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
            $this->sieve->narrow($this->sketched($this->offers->worst));
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

    /** @return list<non-empty-list<array{int, int}>> of each of the best mixes so far: paints, by their place in the rack, with their drops */
    private function found(): array
    {
        $places = array_flip(array_map(spl_object_id(...), $this->paints));

        return array_map(static fn(Offer $offer): array => array_map(static fn(array $part): array => [$places[spl_object_id($part[0])], $part[1]], $offer->parts), $this->offers->all());
    }

    /** Tries the mixes of three paints in whole drops that may lie near; whether there may be any. */
    private function within(Ways $ways, int $pair, int $one, int $two, int $three): bool
    {
        $middle = $this->sketch->at($one, $two, $three, [1, 1, 1]);
        $near = $this->sieve->near($ways->three($one, $two, $three, $middle), $ways->nearest($pair));
        if ($near === []) {
            return false;
        }
        $blend = $this->blend($one, $two, $three);
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
                $this->look($blend, $patch, $this->drops->in($this->lattice->thirds[$number], $this->counts[$one], $this->counts[$two], $this->counts[$three]));
            }
        }

        return true;
    }

    /** Tries the mixes of a patch that may lie near; where they bend too much to be foretold, the patch is cut in four. */
    private function look(Blend $blend, Patch $patch, Spots $spots, int $cuts = 0, bool $evened = false): void
    {
        $spots = $this->sieve->sift($patch, $spots, self::NEARER * $patch->bulge);
        if ($patch->bulge <= self::FLAT) {
            $this->tryPatch($blend, $patch, $spots);

            return;
        }
        if ($blend->ofTwo() || $cuts === self::MOST_CUTS || \count($spots->mixes) <= self::NOT_CUT) {
            $this->tryAll($blend, $spots->mixes);

            return;
        }
        $even = $evened ? null : $patch->evened($blend);
        if ($even !== null) {
            [$patch, $weights] = $even;
            if ($this->sieve->holds($patch)) {
                $this->look($blend, $patch, $spots->weighed(...$weights), $cuts, true);
            }

            return;
        }
        $quarters = $spots->quarters();
        $which = [];
        foreach ($this->sieve->holdsOf($patch) as $quarter) {
            if (\count($quarters[$quarter]->mixes) <= self::FEW_OF_QUARTER) {
                $this->tryAll($blend, $quarters[$quarter]->mixes);
            } else {
                $which[] = $quarter;
            }
        }
        foreach ($patch->cut($which, $blend) as $quarter => $part) {
            if ($this->sieve->holds($part)) {
                $this->look($blend, $part, $quarters[$quarter], $cuts + 1);
            }
        }
    }

    /** From now on mixes of two or three paints are tried, the third of two being the first. */
    private function blend(int $one, int $two, int $three): Blend
    {
        $this->offers->aim($three === $one ? [$this->paints[$one], $this->paints[$two]] : [$this->paints[$one], $this->paints[$two], $this->paints[$three]]);

        return new Blend($this->sketch, $one, $two, $three);
    }

    /** @param list<int> $mixes see {@see Drops} */
    private function tryAll(Blend $blend, array $mixes): void
    {
        foreach ($mixes as $mix) {
            $this->try($blend, $mix);
        }
    }

    /**
     * Mixes of one patch, those foretold nearest first. What they were off by tells how far the rest may stray: mixes
     * that are foretold alike lie beside each other, and are off alike.
     */
    private function tryPatch(Blend $blend, Patch $patch, Spots $spots): void
    {
        $mixes = [];
        $within = $this->sketched($this->offers->goal) + self::NEARER * $patch->bulge;
        foreach ($spots->mixes as $i => $mix) {
            $away = $this->metric->off(...$patch->at($spots->v[$i], $spots->w[$i]));
            if ($away < $within) {
                $mixes[$mix] = $away;
            }
        }
        asort($mixes);
        $strayed = 0.0;
        $tried = 0;
        foreach ($mixes as $mix => $away) {
            if ($tried++ >= self::TELLING && $away > $this->sketched($this->offers->goal) + self::LIKE * $strayed) {
                break;
            }
            $strayed = max($strayed, abs($away - $this->try($blend, $mix)));
        }
    }

    /** How far off the sketch of a mix may be that is less than so much off. */
    private function sketched(float $off): float
    {
        return $off + $this->off + self::FURTHER * $off;
    }

    /** @return float how far off a mix is */
    private function try(Blend $blend, int $mix): float
    {
        [$ofOne, $ofTwo, $ofThree] = Drops::of($mix);
        [$x, $y, $z] = $blend->of($ofOne, $ofTwo, $ofThree);
        $off = $this->metric->off($x, $y, $z);
        if ($off <= $this->sketched($this->offers->goal)) {
            $parts = [[$this->paints[$blend->one], $ofOne], [$this->paints[$blend->two], $ofTwo]];
            if ($ofThree > 0) {
                $parts[] = [$this->paints[$blend->three], $ofThree];
            }
            $this->offer($parts);
        }

        return $off;
    }

    /** @param non-empty-list<array{Paint, int}> $parts */
    private function offer(array $parts): void
    {
        $colour = $this->wanted->shows(Mixing::of(array_map(static fn(array $part): array => [$part[0]->optics, $part[1] * $part[0]->dropMl * $part[0]->solids], $parts)));
        $this->offers->add(new Offer($parts, $colour, $this->metric->from($colour->lab), DeltaE2000::between($this->wanted->lab, $colour->lab)));
    }
}
