<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Metric;
use Hawkbrush\Core\Film\Mixing;
use Hawkbrush\Core\Pattern\Paint;

/**
 * Tries mixes in whole drops of the paints at hand: as a {@see Sketch}, and what comes near with the true film. Of a
 * {@see Patch} those are tried that the {@see Sieve} holds back. The margins are from trials, not proven.
 */
final class Trials
{
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

    private readonly Metric $metric;

    /** How far a sketch is let off. */
    private readonly float $off;

    /**
     * @param list<Paint> $paints
     * @param bool $careful whether there is time for more care
     */
    public function __construct(
        private readonly array $paints,
        private readonly Wanted $wanted,
        private readonly Sketch $sketch,
        private readonly Sieve $sieve,
        private readonly Offers $offers,
        bool $careful,
    ) {
        $this->metric = $sketch->metric;
        $this->off = $careful || $this->metric->isPlain() ? self::OFF_AT_MOST : self::OFF;
    }

    /** How far off a sketch of what would still be an offer may be. */
    public function reach(): float
    {
        return $this->sketched($this->offers->worst);
    }

    /** Tries the mixes of a patch that may lie near; where they bend too much to be foretold, the patch is cut in four. */
    public function look(Blend $blend, Patch $patch, Spots $spots, int $cuts = 0, bool $evened = false): void
    {
        $spots = $this->sieve->sift($patch, $spots, self::NEARER * $patch->bulge);
        if ($patch->bulge <= self::FLAT) {
            $this->tryPatch($blend, $patch, $spots);

            return;
        }
        if ($blend->ofTwo() || $cuts === self::MOST_CUTS || \count($spots->mixes) <= self::NOT_CUT) {
            $this->all($blend, $spots->mixes);

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
                $this->all($blend, $quarters[$quarter]->mixes);
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
    public function blend(int $one, int $two, int $three): Blend
    {
        $this->offers->aim($three === $one ? [$this->paints[$one], $this->paints[$two]] : [$this->paints[$one], $this->paints[$two], $this->paints[$three]]);

        return new Blend($this->sketch, $one, $two, $three);
    }

    /** @param list<int> $mixes see {@see Drops} */
    public function all(Blend $blend, array $mixes): void
    {
        foreach ($mixes as $mix) {
            $this->try($blend, $mix);
        }
    }

    /**
     * Takes these paints in hand and offers one mix of them.
     *
     * @param non-empty-list<array{int, int}> $parts paints, by their place in the rack, with their drops
     */
    public function propose(array $parts): void
    {
        $mix = array_map(fn(array $part): array => [$this->paints[$part[0]], $part[1]], $parts);
        $this->offers->aim(array_column($mix, 0));
        $this->offer($mix);
    }

    /** @return list<non-empty-list<array{int, int}>> of each of the best mixes so far: paints, by their place in the rack, with their drops */
    public function found(): array
    {
        $places = array_flip(array_map(spl_object_id(...), $this->paints));

        return array_map(static fn(Offer $offer): array => array_map(static fn(array $part): array => [$places[spl_object_id($part[0])], $part[1]], $offer->parts), $this->offers->all());
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
