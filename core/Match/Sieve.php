<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

/**
 * What of a rack's mixes may still be an offer: what may lie in the {@see Halo}, which is drawn the narrower the better
 * the offers are. A flat piece lies beyond it if all of the piece lies further, in a direction that it faces, than it
 * reaches; mixes lie on pieces that are bent, so that each test leaves a margin. These are from trials with racks by
 * chance, see docs/decisions/0006.
 *
 * @phpstan-import-type Net from Patch
 */
final class Sieve
{
    /** Mixes leave what is spanned by ten places by less than this part of the most that ways through them bend, in the direction that counts. */
    private const BEND_OF_ALL = 0.4;

    /** They leave what is spanned by the edges alone, and by what pulls these, by less than this part of the most that these bend. */
    private const BEND_OF_EDGES = 0.25;

    /** They leave what is spanned by three of them, and by what pulls the ways between these, by less than this part of it, and of the longest side. */
    private const BEND = 0.13;

    /** They leave the quadratic through six by less than this part of how far it bulges, in the direction that counts. */
    private const STRAY = 0.25;

    /** And what a quarter of that is foretold to lie between by less than this part of it. */
    private const STRAY_OF_QUARTER = 0.5;

    /** The halo is drawn anew when it can be so many times as narrow. */
    private const NARROWER = 0.85;

    private Halo $halo;

    public function __construct(private readonly Rays $rays, private readonly Lattice $lattice)
    {
        $this->halo = new Halo($rays, INF);
    }

    /** Draws the halo anew if it can be so much narrower. */
    public function narrow(float $off, float $than = self::NARROWER): void
    {
        if ($off < $than * $this->halo->off) {
            $this->halo = new Halo($this->rays, $off);
        }
    }

    /**
     * The threes of which mixes may lie in the halo, by their edges alone.
     *
     * @param int $pair the nearest edge of all of them
     * @param list<array{int, int, int, int, int}> $threes see {@see Ways::threes}
     *
     * @return array<int, array{int, int, int, int, int}> those, by their place in the list
     */
    public function mayHold(Ways $ways, int $pair, array $threes): array
    {
        [$x, $y, $z] = $ways->nearest($pair);
        $cell = Rays::cell($x, $y, $z);
        $facing = $this->halo->facing[$cell];
        $reach = $this->halo->reach[$cell];
        $least = $ways->along($pair, $facing);
        $may = [];
        foreach ($threes as $i => [, , , $toOne, $toTwo]) {
            $limit = $reach + self::BEND_OF_EDGES * $ways->bend($pair, $toOne, $toTwo);
            if ($least <= $limit || $ways->along($toOne, $facing) <= $limit || $ways->along($toTwo, $facing) <= $limit) {
                $may[$i] = $threes[$i];
            }
        }

        return $may;
    }

    /**
     * The small triangles of three paints that may come into the halo, by ten places: first all of them looked at in two
     * directions, then what is left of them each in its own.
     *
     * @param array{float, float, float} $nearest of their edges
     *
     * @return list<int> by number
     */
    public function near(Three $three, array $nearest): array
    {
        $near = array_keys($this->lattice->coarse);
        foreach ([$three->places[Lattice::MIDDLE], $nearest] as [$x, $y, $z]) {
            $near = $this->nearIn($near, Rays::cell($x, $y, $z), $three, $three->bends);
            if ($near === []) {
                return [];
            }
        }
        $left = [];
        foreach ($near as $number) {
            [$a, $b, $c] = $this->lattice->coarse[$number];
            $a = $three->places[$a];
            $b = $three->places[$b];
            $c = $three->places[$c];
            $longest = sqrt(Triangle::longest($a, $b, $c));
            if ($this->nearIn([$number], Halo::toward($a, $b, $c), $three, $longest < $three->bends ? $longest : $three->bends) !== []) {
                $left[] = $number;
            }
        }

        return $left;
    }

    /** Whether mixes of a patch may lie in the halo. */
    public function holds(Patch $patch): bool
    {
        return $this->comesTo($patch->net, self::STRAY * $patch->bulge);
    }

    /**
     * Which quarters of a patch have mixes that may lie in the halo, as {@see Spots::quarters}, by where they are foretold.
     *
     * @return list<int>
     */
    public function holdsOf(Patch $patch): array
    {
        $which = [];
        foreach ($patch->quarters() as $quarter => $net) {
            if ($this->comesTo($net, self::STRAY_OF_QUARTER * $patch->bulge)) {
                $which[] = $quarter;
            }
        }

        return $which;
    }

    /**
     * The mixes of a patch that may lie in the halo.
     *
     * @param float $strays how far they may lie from where they are foretold
     */
    public function sift(Patch $patch, Spots $spots, float $strays): Spots
    {
        $cell = Halo::toward($patch->net[0], $patch->net[1], $patch->net[2]);

        return $patch->upTo($this->halo->reach[$cell] + $strays, $spots, $this->halo->facing[$cell]);
    }

    /**
     * Whether what lies between some places may come as near to the halo as that.
     *
     * @param Net $net
     */
    private function comesTo(array $net, float $as): bool
    {
        $cell = Halo::toward($net[0], $net[1], $net[2]);
        [$x, $y, $z] = $this->halo->facing[$cell];
        $limit = $this->halo->reach[$cell] + $as;
        foreach ($net as [$px, $py, $pz]) {
            if ($x * $px + $y * $py + $z * $pz <= $limit) {
                return true;
            }
        }

        return false;
    }

    /**
     * Which of some small triangles may come into the halo, in the direction that one cell of it faces.
     *
     * @param list<int> $numbers
     * @param float $bends how far their mixes may bend
     *
     * @return list<int>
     */
    private function nearIn(array $numbers, int $cell, Three $three, float $bends): array
    {
        $facing = $this->halo->facing[$cell];
        $beyond = $this->halo->reach[$cell] + self::BEND_OF_ALL * $bends;
        $limit = $this->halo->reach[$cell] + self::BEND * $bends;
        [$x, $y, $z] = $facing;
        $along = [];
        foreach ($three->places as [$px, $py, $pz]) {
            $along[] = $x * $px + $y * $py + $z * $pz;
        }
        $pulled = $near = [];
        foreach ($numbers as $number) {
            [$a, $b, $c] = $this->lattice->coarse[$number];
            $a = $along[$a];
            $b = $along[$b];
            $c = $along[$c];
            if ($a > $beyond && $b > $beyond && $c > $beyond) {
                continue;
            }
            if ($a > $limit && $b > $limit && $c > $limit) {
                [$a, $b, $c] = $this->lattice->around[$number];
                if (($pulled[$a] ??= $this->lattice->pulled($a, $three, $along, $facing)) > $limit
                    && ($pulled[$b] ??= $this->lattice->pulled($b, $three, $along, $facing)) > $limit
                    && ($pulled[$c] ??= $this->lattice->pulled($c, $three, $along, $facing)) > $limit) {
                    continue;
                }
            }
            $near[] = $number;
        }

        return $near;
    }
}
