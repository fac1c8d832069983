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

    /** Where the best is off by no more, DeltaE00, the page takes it for near; see docs/decisions/0006. */
    public const NEAR = 10.0;

    /** How far a sketch may be off, in DeltaE00. */
    private const OFF = 0.12;

    /** The same where there is time for more care. */
    private const OFF_AT_MOST = 1.0;

    /** Mixes leave the flat triangle between three places by less than this part of its longest side, and by less than this part of the most that the lattice bends, in the direction that counts. */
    private const BEND = 0.25;

    /** They leave the quadratic through six by less than this part of how far it bulges, in the direction that counts. */
    private const STRAY = 0.2;

    /** And are nearer than foretold by less than this part of it. */
    private const NEARER = 0.8;

    /** A patch that bulges more is cut in four, in the units of {@see Metric}, */
    private const FLAT = 1.5;

    /** if it has more mixes than cutting takes to look at. */
    private const NOT_CUT = 9;

    /** Of colours with less chroma nothing is foretold if the wanted one has more than that: see {@see Rays}. */
    private const GREY = 15.0;

    /** After so many mixes of a patch it is known how far they stray. */
    private const TELLING = 4;

    /** The rest of a patch strays by less than so many times what those tried did. */
    private const LIKE = 3.0;

    /** So many threes are held and sorted at a time: all of sixty paints, and no more memory for more. */
    private const AT_ONCE = 40_000;

    /** The halo is drawn anew when it can be so many times as narrow. */
    private const NARROWER = 0.9;

    private readonly Offers $offers;

    private readonly Rays $rays;

    /** What may still be an offer. */
    private Halo $halo;

    /** How far a sketch is let off. */
    private readonly float $off;

    private readonly Sketch $sketch;

    /** @var list<float> how much a drop of each paint counts in a mix */
    private readonly array $counts;

    private readonly Lattice $lattice;

    /** Whether the wanted colour is no grey. */
    private readonly bool $strong;

    /** @param list<Paint> $paints */
    private function __construct(private readonly array $paints, private readonly Wanted $wanted, int $most)
    {
        $this->offers = new Offers($most);
        $this->strong = $wanted->lab->chroma() > self::GREY;
        $this->off = \count($paints) <= self::FEW ? self::OFF_AT_MOST : self::OFF;
        $this->sketch = new Sketch($paints, $wanted);
        $this->rays = new Rays($this->sketch->metric);
        $this->halo = new Halo($this->rays, INF);
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
            $ways = new Ways($search->sketch);
            $search->pairs($ways);
            $search->threes($ways);
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

    private function pairs(Ways $ways): void
    {
        foreach ($ways->least as $pair => $_) {
            [$one, $two] = Ways::paints($pair);
            $this->narrow(self::NARROWER);
            $this->offers->aim([$this->paints[$one], $this->paints[$two]]);
            foreach ([0, 2, 4] as $from) {
                [$start, $middle, $end] = \array_slice($ways->places[$pair], $from, 3);
                $patch = Patch::way($start, $middle, $end);
                if (! $this->beyond($patch)) {
                    $this->look($one, $two, $one, $patch, $this->lattice->mixesOn(intdiv($from, 2), $this->counts[$one], $this->counts[$two]));
                }
            }
        }
    }

    private function threes(Ways $ways): void
    {
        $this->narrow(1.0);
        $near = $threes = [];
        foreach ((new Reach($this->paints, $this->wanted, $this->sketch->metric))->threes($this->halo) as [$one, $two, $three]) {
            [$x, $y, $z] = $this->sketch->at($one, $two, $three, [1, 1, 1]);
            $near[] = min($ways->least($one, $two, $three), $this->sketch->metric->off($x, $y, $z));
            $threes[] = [$one, $two, $three, [$x, $y, $z]];
            if (\count($near) === self::AT_ONCE) {
                $this->nearestFirst($ways, $near, $threes);
                $near = $threes = [];
            }
        }
        $this->nearestFirst($ways, $near, $threes);
    }

    /**
     * @param list<float> $near how near each three comes
     * @param list<array{int, int, int, array{float, float, float}}> $threes with the place of all three in like parts
     */
    private function nearestFirst(Ways $ways, array $near, array $threes): void
    {
        asort($near);
        foreach (array_keys($near) as $i) {
            $this->narrow(self::NARROWER);
            [$one, $two, $three, $middle] = $threes[$i];
            $this->within($ways, $one, $two, $three, $middle);
        }
    }

    /** Draws the halo anew if it can be so much narrower. */
    private function narrow(float $than): void
    {
        $within = $this->offers->worst + self::OFF;
        if ($within < $than * $this->halo->deltaE) {
            $this->halo = new Halo($this->rays, $within);
        }
    }

    /**
     * The mixes of three paints in whole drops, of which those are tried that may lie near.
     *
     * @param array{float, float, float} $middle place of all three in like parts
     */
    private function within(Ways $ways, int $one, int $two, int $three, array $middle): void
    {
        $this->offers->aim([$this->paints[$one], $this->paints[$two], $this->paints[$three]]);
        $places = [];
        foreach ($this->coarse($ways, $one, $two, $three, $middle) as $number) {
            $places = $places === [] ? $ways->edges($this->lattice, $one, $two, $three, $middle) : $places;
            $six = $shares = [];
            foreach ($this->lattice->triangles[$number] as $place) {
                $six[] = $places[$place] ??= $this->sketch->at($one, $two, $three, $this->lattice->places[$place]);
            }
            foreach ([0, 1, 2] as $corner) {
                $shares[] = $this->lattice->places[$this->lattice->triangles[$number][$corner]];
            }
            $patch = new Patch($six, $shares);
            if (! $this->beyond($patch)) {
                $this->look($one, $two, $three, $patch, $this->lattice->mixesIn($number, $this->counts[$one], $this->counts[$two], $this->counts[$three]));
            }
        }
    }

    /**
     * The small triangles of three paints that may come into the halo, by ten places.
     *
     * @param array{float, float, float} $middle
     *
     * @return list<int> by number
     */
    private function coarse(Ways $ways, int $one, int $two, int $three, array $middle): array
    {
        $places = $ways->ten($one, $two, $three, $middle);
        $bend = self::BEND * $ways->curve($one, $two, $three, $places);
        $beyond = [];
        foreach ([$ways->nearest($one, $two, $three), $middle] as [$x, $y, $z]) {
            $cell = Rays::cell($x, $y, $z);
            [$x, $y, $z] = $this->halo->facing[$cell];
            $limit = $this->halo->reach[$cell] + $bend;
            $outside = [];
            $all = true;
            foreach ($places as [$px, $py, $pz]) {
                $outside[] = $out = $x * $px + $y * $py + $z * $pz > $limit;
                $all = $all && $out;
            }
            if ($all) {
                return [];
            }
            $beyond[] = $outside;
        }
        [$first, $second] = $beyond;
        $near = [];
        foreach ($this->lattice->coarse as $number => [$a, $b, $c]) {
            if (($first[$a] && $first[$b] && $first[$c]) || ($second[$a] && $second[$b] && $second[$c])) {
                continue;
            }
            [$ax, $ay, $az] = $places[$a];
            [$bx, $by, $bz] = $places[$b];
            [$cx, $cy, $cz] = $places[$c];
            [$x, $y, $z] = Triangle::nearest($places[$a], $places[$b], $places[$c]);
            $cell = Rays::cell($x, $y, $z);
            [$x, $y, $z] = $this->halo->facing[$cell];
            $out = min($x * $ax + $y * $ay + $z * $az, $x * $bx + $y * $by + $z * $bz, $x * $cx + $y * $cy + $z * $cz) - $this->halo->reach[$cell];
            if ($out <= 0.0 || ($out <= $bend && $out <= self::BEND * sqrt(Triangle::longest($places[$a], $places[$b], $places[$c])))) {
                $near[] = $number;
            }
        }

        return $near;
    }

    /** Whether all mixes of a patch lie beyond the halo. */
    private function beyond(Patch $patch): bool
    {
        [$x, $y, $z] = $patch->nearest();
        $cell = Rays::cell($x, $y, $z);

        return $patch->along($this->halo->facing[$cell]) > $this->halo->reach[$cell] + self::STRAY * $patch->bulge;
    }

    /**
     * Tries the mixes of a patch that may lie near; where they bend too much to be foretold, the patch is cut in four.
     *
     * @param array<int, array{float, float}> $spots see {@see Lattice::mixesIn}
     */
    private function look(int $one, int $two, int $three, Patch $patch, array $spots): void
    {
        [$x, $y, $z] = $patch->nearest();
        $cell = Rays::cell($x, $y, $z);
        $spots = $patch->upTo($this->halo->reach[$cell] + self::NEARER * $patch->bulge, $spots, $this->halo->facing[$cell]);
        if ($patch->bulge <= self::FLAT) {
            $this->tryPatch($one, $two, $three, $patch, $spots);
        } elseif ($one === $three || \count($spots) <= self::NOT_CUT) {
            foreach ($spots as $mix => $_) {
                $this->try($one, $two, $three, $mix >> 8, $mix >> 4 & 15, $mix & 15);
            }
        } else {
            foreach ($patch->four(fn(array $shares): array => $this->sketch->at($one, $two, $three, $shares), $spots) as [$part, $ofPart]) {
                if (! $this->beyond($part)) {
                    $this->look($one, $two, $three, $part, $ofPart);
                }
            }
        }
    }

    /**
     * Mixes of one patch, those foretold nearest first. What they were off by tells how far the rest may stray: mixes
     * that are foretold alike lie beside each other, and are off alike.
     *
     * @param array<int, array{float, float}> $spots
     */
    private function tryPatch(int $one, int $two, int $three, Patch $patch, array $spots): void
    {
        $mixes = $greys = [];
        $metric = $this->sketch->metric;
        $most = $this->offers->goal + self::OFF + self::NEARER * $patch->bulge;
        foreach ($spots as $mix => [$v, $w]) {
            [$x, $y, $z] = $patch->at($v, $w);
            $away = $metric->off($x, $y, $z);
            if ($away < $most) {
                $mixes[$mix] = $away;
            } elseif ($this->strong && $metric->colour($x, $y, $z)->chroma() < self::GREY) {
                $greys[] = $mix;
            }
        }
        asort($mixes);
        $strayed = 0.0;
        $tried = 0;
        foreach ($mixes as $mix => $away) {
            if ($tried++ >= self::TELLING && $away > $this->offers->goal + self::OFF + self::LIKE * $strayed) {
                break;
            }
            $strayed = max($strayed, abs($away - $this->try($one, $two, $three, $mix >> 8, $mix >> 4 & 15, $mix & 15)));
        }
        foreach ($greys as $mix) {
            $this->try($one, $two, $three, $mix >> 8, $mix >> 4 & 15, $mix & 15);
        }
    }

    /** @return float how far off it is, DeltaE00 */
    private function try(int $one, int $two, int $three, int $ofOne, int $ofTwo, int $ofThree): float
    {
        $drop = $this->sketch->drop;
        [$x, $y, $z] = $this->sketch->place($one, $two, $three, $ofOne * $drop[$one], $ofTwo * $drop[$two], $ofThree * $drop[$three]);
        $off = $this->sketch->metric->off($x, $y, $z);
        if ($off <= $this->offers->goal + $this->off) {
            $parts = [[$this->paints[$one], $ofOne], [$this->paints[$two], $ofTwo]];
            if ($ofThree > 0) {
                $parts[] = [$this->paints[$three], $ofThree];
            }
            $this->offer($parts);
        }

        return $off;
    }

    /** @param non-empty-list<array{Paint, int}> $parts */
    private function offer(array $parts): void
    {
        $colour = $this->wanted->shows(Mixing::of(array_map(static fn(array $part): array => [$part[0]->optics, $part[1] * $part[0]->dropMl * $part[0]->solids], $parts)));
        $this->offers->add(new Offer($parts, $colour, $this->wanted->missedBy($colour)));
    }
}
