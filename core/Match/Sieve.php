<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

/**
 * What of a rack's mixes may still be an offer: what may lie in the {@see Halo}, which is drawn the narrower the better
 * the offers are. A flat piece lies beyond a hull of it if all of the piece lies further, in the direction that the hull
 * faces there, than the hull reaches; mixes lie on pieces that are bent, so that each test leaves a margin. These are from trials
 * with racks by chance, see docs/decisions/0006.
 */
final class Sieve
{
    /** Mixes leave what is spanned by ten places by less than this part of the most that ways through them bend, in the direction that counts. */
    private const BEND_OF_ALL = 0.4;

    /** They leave what is spanned by the edges alone by less than this part of the most that these bend. */
    private const BEND_OF_EDGES = 0.5;

    /** They leave what is spanned by three of them, and by what pulls the ways between these, by less than this part of it, and of the longest side. */
    private const BEND = 0.13;

    /** They leave the quadratic through six by less than this part of how far it bulges, in the direction that counts. */
    private const STRAY = 0.25;

    /** The halo is drawn anew when it can be so many times as narrow. */
    private const NARROWER = 0.85;

    public Halo $halo;

    public function __construct(private readonly Rays $rays, private readonly Lattice $lattice)
    {
        $this->halo = new Halo($rays, INF);
    }

    /** Draws the halo anew if it can be so much narrower; whether it was. */
    public function narrow(float $deltaE, float $than = self::NARROWER): bool
    {
        if ($deltaE >= $than * $this->halo->deltaE) {
            return false;
        }
        $this->halo = new Halo($this->rays, $deltaE);

        return true;
    }

    /** Whether mixes of three paints may lie in the halo, by their edges alone. */
    public function mayHold(Ways $ways, int $one, int $two, int $three): bool
    {
        [$x, $y, $z] = $ways->nearest($one, $two, $three);
        $bends = self::BEND_OF_EDGES * $ways->bend($one, $two, $three);
        foreach ($this->halo->hulls as $hull) {
            $cell = $hull->cell($x, $y, $z);
            if ($ways->along($one, $two, $three, $hull->facing[$cell]) <= $hull->reach[$cell] + $bends) {
                return true;
            }
        }

        return false;
    }

    /**
     * The small triangles of three paints that may come into the halo, by ten places.
     *
     * @param array{float, float, float} $middle
     *
     * @return array<int> by number
     */
    public function near(Ways $ways, int $one, int $two, int $three, array $middle): array
    {
        $places = $ways->ten($one, $two, $three, $middle);
        $curve = $ways->curve($one, $two, $three, $places);
        $pulls = $ways->pulls($one, $two, $three);
        $strays = $ways->strays($one, $two, $three);
        $near = $this->nearOne($this->halo->hulls[0], [$ways->nearest($one, $two, $three), $middle], $places, $curve, $pulls, $strays);
        foreach (\array_slice($this->halo->hulls, 1) as $hull) {
            $near = array_unique([...$near, ...$this->nearOne($hull, [$middle], $places, $curve, $pulls, $strays)]);
        }

        return $near;
    }

    /** Whether mixes of a patch may lie in the halo. */
    public function holds(Patch $patch): bool
    {
        foreach ($this->halo->hulls as $hull) {
            $cell = $patch->toward($hull);
            if ($patch->along($hull->facing[$cell]) <= $hull->reach[$cell] + self::STRAY * $patch->bulge) {
                return true;
            }
        }

        return false;
    }

    /**
     * The mixes of a patch that may lie in the halo.
     *
     * @param array<int, array{float, float}> $spots see {@see Lattice::mixesIn}
     * @param float $strays how far they may lie from where they are foretold
     *
     * @return array<int, array{float, float}>
     */
    public function sift(Patch $patch, array $spots, float $strays): array
    {
        $left = [];
        foreach ($this->halo->hulls as $hull) {
            $cell = $patch->toward($hull);
            $left += $patch->upTo($hull->reach[$cell] + $strays, $spots, $hull->facing[$cell]);
        }

        return $left;
    }

    /**
     * @param non-empty-list<array{float, float, float}> $toward places towards which all are looked at first
     * @param non-empty-list<array{float, float, float}> $places ten
     * @param array{list<array{float, float, float}>, list<array{float, float, float}>, list<array{float, float, float}>} $pulls
     * @param array{list<array{float, float, float}>, list<array{float, float, float}>, list<array{float, float, float}>} $strays
     *
     * @return list<int>
     */
    private function nearOne(Hull $hull, array $toward, array $places, float $curve, array $pulls, array $strays): array
    {
        $beyond = [];
        foreach ($toward as [$x, $y, $z]) {
            $cell = $hull->cell($x, $y, $z);
            [$x, $y, $z] = $hull->facing[$cell];
            $limit = $hull->reach[$cell] + self::BEND_OF_ALL * $curve;
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
        $near = [];
        foreach ($this->lattice->coarse as $number => [$a, $b, $c]) {
            foreach ($beyond as $outside) {
                if ($outside[$a] && $outside[$b] && $outside[$c]) {
                    continue 2;
                }
            }
            $cell = $hull->toward($places[$a], $places[$b], $places[$c]);
            [$x, $y, $z] = $hull->facing[$cell];
            [$ax, $ay, $az] = $places[$a];
            [$bx, $by, $bz] = $places[$b];
            [$cx, $cy, $cz] = $places[$c];
            $reach = $hull->reach[$cell];
            $least = min($x * $ax + $y * $ay + $z * $az, $x * $bx + $y * $by + $z * $bz, $x * $cx + $y * $cy + $z * $cz);
            if ($least > $reach) {
                $bends = min($curve, sqrt(Triangle::longest($places[$a], $places[$b], $places[$c])));
                if ($least > $reach + self::BEND_OF_ALL * $bends) {
                    continue;
                }
                $least = min($least, $this->lattice->pulled($number, $places, $pulls, $strays, $x, $y, $z)) - self::BEND * $bends;
            }
            if ($least <= $reach) {
                $near[] = $number;
            }
        }

        return $near;
    }
}
