<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

use Hawkbrush\Core\Film\Mixing;
use Hawkbrush\Core\Pattern\Paint;

/**
 * The best mixes of two and three paints of a rack in whole drops. Of a few paints each mix is tried, as a {@see Sketch};
 * what comes near is worked out with the true film. Of more paints every pair and every three is looked at, at a few
 * places of its {@see Lattice}, and mixes are tried only where the wanted colour can lie. The margins of that are from
 * trials, not proven.
 */
final class MixSearch
{
    public const MOST_DROPS = 12;

    /** Of so many paints each mix is tried. */
    public const FEW = 10;

    /** Of more paints than that the margins are kept closer far from the colour, or the search would take seconds. */
    public const MANY = 30;

    /** Where the best is off by no more, DeltaE00, the search was never seen to miss a mix; see docs/decisions/0006. */
    public const NEAR = 10.0;

    /** How far a sketch may be off, in DeltaE00. */
    private const OFF = 0.12;

    /** The same where there is time for more care. */
    private const OFF_AT_MOST = 1.0;

    /** So near, DeltaE00, the margins were tried; where nothing comes nearer they grow with how far the rack stays off, by as much again with each of these. */
    private const TRIED = 3.0;

    private const LOOSER_BY = 1.5;

    private const OF_MANY_LOOSER_BY = 6.0;

    private const LOOSEST = 20.0;

    /** After so many mixes of a patch it is known how far they stray. */
    private const TELLING = 4;

    /** The rest of a patch strays by less than so many times what those tried did. */
    private const LIKE = 1.5;

    private readonly Offers $offers;

    /** @var list<array{float, float, float}> place of each paint alone */
    private array $corners = [];

    /** @var array<int, list<array{float, float, float}>> places of 1 to 5 sixths of the second paint, by pair */
    private array $edges = [];

    /** @var array<int, float> the most that each pair's way bends */
    private array $curves = [];

    /** How far a sketch is let off. */
    private readonly float $off;

    private readonly Sketch $sketch;

    /** @var list<float> how much a drop of each paint counts in a mix */
    private readonly array $counts;

    private readonly Lattice $lattice;

    /** @param list<Paint> $paints */
    private function __construct(private readonly array $paints, private readonly Wanted $wanted, int $most)
    {
        $this->offers = new Offers($most);
        $this->off = \count($paints) <= self::FEW ? self::OFF_AT_MOST : self::OFF;
        $this->sketch = new Sketch($paints, $wanted);
        $this->lattice = new Lattice(self::MOST_DROPS);
        $this->counts = array_map(static fn(float $drop, float $share): float => $drop / $share, $this->sketch->drop, $this->sketch->share);
    }

    /**
     * @param list<Paint> $paints those without solids are left out
     * @param int $most offers wanted, each of other paints
     *
     * @return list<Offer> the best first; a paint alone stands among them if nothing is better
     */
    public static function best(array $paints, Wanted $wanted, int $most = 6): array
    {
        $search = new self(array_values(array_filter($paints, static fn(Paint $paint): bool => $paint->solids > 0)), $wanted, $most);
        $search->alone();
        if (\count($search->paints) <= self::FEW) {
            $search->every();
        } else {
            $search->pairs();
            $search->threes();
        }

        return $search->offers->all();
    }

    private function alone(): void
    {
        foreach ($this->paints as $one => $paint) {
            $this->corners[] = $this->sketch->place($one, $one, $one, 1.0, 0.0, 0.0);
            $this->offers->aim([$paint]);
            $this->offer([[$paint, 1]]);
        }
    }

    private function every(): void
    {
        $paints = \count($this->paints);
        for ($one = 0; $one < $paints; $one++) {
            for ($two = $one + 1; $two < $paints; $two++) {
                $this->offers->aim([$this->paints[$one], $this->paints[$two]]);
                foreach ($this->lattice->twos as [$ofOne, $ofTwo]) {
                    $this->try($one, $two, $one, $ofOne, $ofTwo, 0);
                }
                for ($three = $two + 1; $three < $paints; $three++) {
                    $this->offers->aim([$this->paints[$one], $this->paints[$two], $this->paints[$three]]);
                    foreach ($this->lattice->threes as $mix => $_) {
                        $this->try($one, $two, $three, $mix >> 8, $mix >> 4 & 15, $mix & 15);
                    }
                }
            }
        }
    }

    private function pairs(): void
    {
        $near = [];
        $loose = $this->loose();
        foreach ($this->corners as $one => $first) {
            for ($two = $one + 1; $two < \count($this->corners); $two++) {
                $places = [$first];
                for ($sixths = 1; $sixths <= 5; $sixths++) {
                    $places[] = $this->at($one, $two, $one, [6 - $sixths, $sixths, 0]);
                }
                $places[] = $this->corners[$two];
                for ($from = 0; $from < 6; $from++) {
                    $near[] = [Gap::from($places[$from], $places[$from + 1], $places[$from + 1], INF, INF, $loose), $one, $two, $from];
                }
                $this->edges[self::pair($one, $two)] = $places;
                $this->curves[self::pair($one, $two)] = max(Gap::curve($places[0], $places[2], $places[4]), Gap::curve($places[2], $places[4], $places[6]));
            }
        }
        sort($near);
        foreach ($near as [$gap, $one, $two, $from]) {
            if ($gap > $this->offers->worst + self::OFF) {
                break;
            }
            $this->offers->aim([$this->paints[$one], $this->paints[$two]]);
            foreach ($this->lattice->twos as [$ofOne, $ofTwo]) {
                $second = $ofTwo * $this->counts[$two];
                if ((int) (6 * $second / ($second + $ofOne * $this->counts[$one])) === $from) {
                    $this->try($one, $two, $one, $ofOne, $ofTwo, 0);
                }
            }
        }
    }

    private function threes(): void
    {
        $near = $threes = [];
        $within = $this->offers->worst + self::OFF;
        $loose = $this->loose();
        foreach ((new Reach($this->paints, $this->wanted))->threes($within) as [$one, $two, $three]) {
            $toTwo = $this->edges[self::pair($one, $two)];
            $toThree = $this->edges[self::pair($one, $three)];
            $across = $this->edges[self::pair($two, $three)];
            $places = [$toTwo[0], $toTwo[2], $toTwo[4], $toTwo[6], $toThree[2], $toThree[4], $toThree[6], $across[2], $across[4], $this->at($one, $two, $three, [2, 2, 2])];
            $along = Gap::along($places, Lattice::MIDDLE);
            if (Gap::beyond($along, $within, $loose)) {
                continue;
            }
            $gaps = [];
            $curve = $this->curve($one, $two, $three, $places);
            $bent = $within + Gap::bend($curve, $loose);
            foreach ($this->lattice->coarse as $number => [$a, $b, $c]) {
                if ($along[$a] > $bent && $along[$b] > $bent && $along[$c] > $bent) {
                    continue;
                }
                $gap = Gap::from($places[$a], $places[$b], $places[$c], $within, $curve, $loose);
                if ($gap < $within) {
                    $gaps[$number] = $gap;
                }
            }
            if ($gaps !== []) {
                $near[] = min($gaps);
                $threes[] = [$one, $two, $three, $gaps];
            }
        }
        asort($near);
        foreach ($near as $i => $gap) {
            if ($gap > $this->offers->worst + self::OFF) {
                break;
            }
            $this->within(...$threes[$i]);
        }
    }

    /**
     * The mixes of three paints in whole drops, of which those are tried that may lie near.
     *
     * @param array<int, float> $gaps by number of the small triangle
     */
    private function within(int $one, int $two, int $three, array $gaps): void
    {
        $this->offers->aim([$this->paints[$one], $this->paints[$two], $this->paints[$three]]);
        $loose = $this->loose();
        $places = $this->edgesOf($one, $two, $three);
        $patches = [];
        foreach ($gaps as $number => $gap) {
            if ($gap < $this->offers->goal + self::OFF) {
                $six = [];
                foreach ($this->lattice->triangles[$number] as $place) {
                    $six[] = $places[$place] ??= $this->at($one, $two, $three, $this->lattice->places[$place]);
                }
                $patch = new Patch($six, $loose);
                if ($patch->gap < $this->offers->goal + self::OFF) {
                    $patches[$number] = $patch;
                }
            }
        }
        foreach ($patches as $number => $patch) {
            $spots = $this->lattice->mixesIn($number, $this->counts[$one], $this->counts[$two], $this->counts[$three]);
            $this->tryPatch($one, $two, $three, $patch, $spots);
        }
    }

    /**
     * Mixes of one patch, those foretold nearest first. What they were off by tells how far the rest may stray: mixes
     * that are foretold alike lie beside each other, and are off alike.
     *
     * @param array<int, array{float, float}> $spots see {@see Lattice::mixesIn}
     */
    private function tryPatch(int $one, int $two, int $three, Patch $patch, array $spots): void
    {
        $mixes = [];
        $within = $this->offers->goal + self::OFF;
        foreach ($spots as $mix => [$v, $w]) {
            $away = $patch->away($within, $v, $w);
            if ($away !== null) {
                $mixes[$mix] = $away;
            }
        }
        asort($mixes);
        $strayed = 0.0;
        $tried = 0;
        foreach ($mixes as $mix => $away) {
            if ($tried++ >= self::TELLING && $away > $this->offers->goal + self::OFF + $this->loose() * self::LIKE * $strayed) {
                return;
            }
            [$x, $y, $z] = $this->try($one, $two, $three, $mix >> 8, $mix >> 4 & 15, $mix & 15);
            [$toX, $toY, $toZ] = $patch->at(...$spots[$mix]);
            $off = sqrt(($x - $toX) * ($x - $toX) + ($y - $toY) * ($y - $toY) + ($z - $toZ) * ($z - $toZ));
            $strayed = $off > $strayed ? $off : $strayed;
        }
    }

    /**
     * @param array{int, int, int} $shares
     *
     * @return array{float, float, float}
     */
    private function at(int $one, int $two, int $three, array $shares): array
    {
        $share = $this->sketch->share;

        return $this->sketch->place($one, $two, $three, $shares[0] * $share[$one], $shares[1] * $share[$two], $shares[2] * $share[$three]);
    }

    /**
     * The most that the way through three places on a line of the lattice bends.
     *
     * @param array<int, array{float, float, float}> $places
     */
    private function curve(int $one, int $two, int $three, array $places): float
    {
        $curve = max($this->curves[self::pair($one, $two)], $this->curves[self::pair($one, $three)], $this->curves[self::pair($two, $three)]);
        foreach (Lattice::ACROSS as [$from, $to]) {
            $curve = max($curve, Gap::curve($places[$from], $places[Lattice::MIDDLE], $places[$to]));
        }

        return $curve;
    }

    /** @return array<int, array{float, float, float}> by number of the lattice's place */
    private function edgesOf(int $one, int $two, int $three): array
    {
        [$first, $second, $third] = $this->lattice->sides;
        $toTwo = $this->edges[self::pair($one, $two)];
        $toThree = $this->edges[self::pair($one, $three)];
        $across = $this->edges[self::pair($two, $three)];
        $places = [];
        for ($i = 0; $i <= 6; $i++) {
            $places[$first[$i]] = $toTwo[$i];
            $places[$second[$i]] = $toThree[$i];
            $places[$third[$i]] = $across[$i];
        }

        return $places;
    }

    /** @return array{float, float, float} where it lies */
    private function try(int $one, int $two, int $three, int $ofOne, int $ofTwo, int $ofThree): array
    {
        $drop = $this->sketch->drop;
        [$x, $y, $z] = $this->sketch->place($one, $two, $three, $ofOne * $drop[$one], $ofTwo * $drop[$two], $ofThree * $drop[$three]);
        if (sqrt($x * $x + $y * $y + $z * $z) <= $this->offers->goal + $this->off) {
            $parts = [[$this->paints[$one], $ofOne], [$this->paints[$two], $ofTwo]];
            if ($ofThree > 0) {
                $parts[] = [$this->paints[$three], $ofThree];
            }
            $this->offer($parts);
        }

        return [$x, $y, $z];
    }

    /** @param non-empty-list<array{Paint, int}> $parts */
    private function offer(array $parts): void
    {
        $colour = $this->wanted->shows(Mixing::of(array_map(static fn(array $part): array => [$part[0]->optics, $part[1] * $part[0]->dropMl * $part[0]->solids], $parts)));
        $this->offers->add(new Offer($parts, $colour, $this->wanted->missedBy($colour)));
    }

    /** How many times as far mixes may stray as near a colour. */
    private function loose(): float
    {
        $by = \count($this->paints) > self::MANY ? self::OF_MANY_LOOSER_BY : self::LOOSER_BY;

        return min(self::LOOSEST, 1 + max(0.0, $this->offers->worst - self::TRIED) / $by);
    }

    private static function pair(int $one, int $two): int
    {
        return $one << 10 | $two;
    }
}
