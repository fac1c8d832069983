<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

/**
 * What of a rack's mixes may still be an offer: what may lie in the {@see Halo}, which is drawn the narrower the better
 * the offers are. A flat piece lies beyond the halo if all of it lies further, in the direction that the halo faces
 * there, than the halo reaches; mixes lie on pieces that are bent, so that each test leaves a margin. These are from trials
 * with racks by chance, see docs/decisions/0006.
 */
final class Sieve
{
    /** Mixes leave what is spanned by ten places by less than this part of the most that ways through them bend, in the direction that counts. */
    private const BEND_OF_ALL = 0.3;

    /** They leave what is spanned by three of them, and by what pulls the ways between these, by less than this part of it, and of the longest side. */
    private const BEND = 0.1;

    /** They leave the quadratic through six by less than this part of how far it bulges, in the direction that counts. */
    private const STRAY = 0.2;

    /** The halo is drawn anew when it can be so many times as narrow. */
    private const NARROWER = 0.9;

    public Halo $halo;

    public function __construct(private readonly Rays $rays, private readonly Lattice $lattice)
    {
        $this->halo = new Halo($rays, INF);
    }

    /** Draws the halo anew if it can be so much narrower. */
    public function narrow(float $deltaE, float $than = self::NARROWER): void
    {
        if ($deltaE < $than * $this->halo->deltaE) {
            $this->halo = new Halo($this->rays, $deltaE);
        }
    }

    /**
     * The small triangles of three paints that may come into the halo, by ten places.
     *
     * @param array{float, float, float} $middle
     *
     * @return list<int> by number
     */
    public function near(Ways $ways, int $one, int $two, int $three, array $middle): array
    {
        $places = $ways->ten($one, $two, $three, $middle);
        $curve = $ways->curve($one, $two, $three, $places);
        $pulls = $ways->pulls($one, $two, $three);
        $beyond = [];
        foreach ([$ways->nearest($one, $two, $three), $middle] as [$x, $y, $z]) {
            $cell = Rays::cell($x, $y, $z);
            [$x, $y, $z] = $this->halo->facing[$cell];
            $limit = $this->halo->reach[$cell] + self::BEND_OF_ALL * $curve;
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
            [$x, $y, $z] = Triangle::nearest($places[$a], $places[$b], $places[$c]);
            $cell = Rays::cell($x, $y, $z);
            [$x, $y, $z] = $this->halo->facing[$cell];
            [$ax, $ay, $az] = $places[$a];
            [$bx, $by, $bz] = $places[$b];
            [$cx, $cy, $cz] = $places[$c];
            $reach = $this->halo->reach[$cell];
            $least = min($x * $ax + $y * $ay + $z * $az, $x * $bx + $y * $by + $z * $bz, $x * $cx + $y * $cy + $z * $cz);
            if ($least > $reach + self::BEND_OF_ALL * $curve) {
                continue;
            }
            if ($least > $reach) {
                $least = min($least, $this->lattice->pulled($number, $places, $pulls, $x, $y, $z)) - self::BEND * min($curve, sqrt(Triangle::longest($places[$a], $places[$b], $places[$c])));
            }
            if ($least <= $reach) {
                $near[] = $number;
            }
        }

        return $near;
    }

    /** Whether mixes of a patch may lie in the halo. */
    public function holds(Patch $patch): bool
    {
        [$x, $y, $z] = $patch->nearest();
        $cell = Rays::cell($x, $y, $z);

        return $patch->along($this->halo->facing[$cell]) <= $this->halo->reach[$cell] + self::STRAY * $patch->bulge;
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
        [$x, $y, $z] = $patch->nearest();
        $cell = Rays::cell($x, $y, $z);

        return $patch->upTo($this->halo->reach[$cell] + $strays, $spots, $this->halo->facing[$cell]);
    }
}
