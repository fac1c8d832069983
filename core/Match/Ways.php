<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

/**
 * The ways from each paint of a rack to each other, through their mixes, as places by sixths: what threes of them have in common.
 *
 * @phpstan-type Place array{float, float, float}
 * @phpstan-type Seven array{Place, Place, Place, Place, Place, Place, Place}
 */
final class Ways
{
    /** @var list<array{int, int}> paints of each pair, by {@see pair} */
    private array $paints = [];

    /** @var list<Seven> seven places of each pair */
    private array $places = [];

    /** @var list<float> how far off the nearest place of each pair is, DeltaE00 */
    private array $least = [];

    /** @var list<Place> that place */
    private array $nearest = [];

    /** @var list<float> the most that each pair's way bends by thirds */
    private array $curves = [];

    /** @var array<int, list<Place>> what pulls each pair's way by thirds */
    private array $pulls = [];

    /** @var array<int, list<Place>> by how much the middle of each third of a pair's way lies off the cubic through its thirds */
    private array $strays = [];

    /** @var list<int> pairs, the nearest first */
    public readonly array $order;

    public function __construct(private readonly Sketch $sketch)
    {
        $alone = array_map(static fn(int $one): array => $sketch->at($one, $one, $one, [1, 0, 0]), array_keys($sketch->share));
        foreach (array_keys($alone) as $two) {
            for ($one = 0; $one < $two; $one++) {
                $at = static fn(int $sixths): array => $sketch->at($one, $two, $one, [6 - $sixths, $sixths, 0]);
                $this->add($one, $two, [$alone[$one], $at(1), $at(2), $at(3), $at(4), $at(5), $alone[$two]]);
            }
        }
        $least = $this->least;
        asort($least);
        $this->order = array_keys($least);
    }

    /** The number of a pair of paints, the first of which comes first in the rack. */
    public static function pair(int $one, int $two): int
    {
        return ($two * ($two - 1) >> 1) + $one;
    }

    /** @return array{int, int} */
    public function paints(int $pair): array
    {
        return $this->paints[$pair];
    }

    /** @return Seven */
    public function places(int $pair): array
    {
        return $this->places[$pair];
    }

    /** @return Place the nearest of a pair */
    public function nearest(int $pair): array
    {
        return $this->nearest[$pair];
    }

    /**
     * The threes that have a pair for their nearest edge, or for the first of those that are as near: each three is one pair's.
     *
     * @return list<array{int, int, int, int, int}> paints, and the two other edges
     */
    public function threes(int $pair): array
    {
        [$one, $two] = $this->paints[$pair];
        $least = $this->least[$pair];
        $threes = [];
        foreach ($this->sketch->share as $third => $_) {
            if ($third === $one || $third === $two) {
                continue;
            }
            $toOne = $third < $one ? self::pair($third, $one) : self::pair($one, $third);
            $near = $this->least[$toOne];
            if ($near < $least || ($near === $least && $toOne < $pair)) {
                continue;
            }
            $toTwo = $third < $two ? self::pair($third, $two) : self::pair($two, $third);
            $near = $this->least[$toTwo];
            if ($near < $least || ($near === $least && $toTwo < $pair)) {
                continue;
            }
            $threes[] = $third < $one ? [$third, $one, $two, $toOne, $toTwo] : ($third < $two ? [$one, $third, $two, $toOne, $toTwo] : [$one, $two, $third, $toOne, $toTwo]);
        }

        return $threes;
    }

    /** @param Place $middle of all three paints */
    public function three(int $one, int $two, int $three, array $middle): Three
    {
        $first = self::pair($one, $two);
        $second = self::pair($one, $three);
        $third = self::pair($two, $three);
        $toTwo = $this->places[$first];
        $toThree = $this->places[$second];
        $across = $this->places[$third];

        return new Three(
            [$toTwo[0], $toTwo[2], $toTwo[4], $toTwo[6], $toThree[2], $toThree[4], $toThree[6], $across[2], $across[4], $middle],
            [...$this->pull($first), ...$this->pull($second), ...$this->pull($third)],
            [...$this->stray($first), ...$this->stray($second), ...$this->stray($third)],
            $this->bend($first, $second, $third),
        );
    }

    /**
     * How far all of a pair's way lies at least in a direction: its thirds, and what pulls these out of straight.
     *
     * @param Place $direction
     */
    public function along(int $pair, array $direction): float
    {
        [$x, $y, $z] = $direction;
        $least = INF;
        $places = $this->places[$pair];
        foreach ([$places[0], $places[2], $places[4], $places[6], ...$this->pull($pair)] as [$px, $py, $pz]) {
            $along = $x * $px + $y * $py + $z * $pz;
            $least = $along < $least ? $along : $least;
        }

        return $least;
    }

    /** The most that one of three pairs' ways bends. */
    public function bend(int $one, int $two, int $three): float
    {
        $most = $this->curves[$one];
        $other = $this->curves[$two];
        $most = $other > $most ? $other : $most;
        $other = $this->curves[$three];

        return $other > $most ? $other : $most;
    }

    /**
     * The places known of three paints.
     *
     * @param Place $middle
     *
     * @return array<int, Place|null> by number of the lattice's place
     */
    public function edges(Lattice $lattice, int $one, int $two, int $three, array $middle): array
    {
        $places = array_fill(0, \count($lattice->places), null);
        $places[$lattice->middle] = $middle;
        foreach ([self::pair($one, $two), self::pair($one, $three), self::pair($two, $three)] as $side => $pair) {
            $along = $lattice->sides[$side];
            foreach ($this->places[$pair] as $sixths => $place) {
                $places[$along[$sixths]] = $place;
            }
        }

        return $places;
    }

    /** @param Seven $places */
    private function add(int $one, int $two, array $places): void
    {
        $least = INF;
        $nearest = $places[0];
        foreach ($places as $place) {
            $off = $this->sketch->metric->off(...$place);
            if ($off < $least) {
                $least = $off;
                $nearest = $place;
            }
        }
        $this->paints[] = [$one, $two];
        $this->places[] = $places;
        $this->least[] = $least;
        $this->nearest[] = $nearest;
        $this->curves[] = max(Triangle::curve($places[0], $places[2], $places[4]), Triangle::curve($places[2], $places[4], $places[6]));
    }

    /** @return list<Place> by thirds, worked out when first asked for */
    private function pull(int $pair): array
    {
        if (! isset($this->pulls[$pair])) {
            [$a, $ab, $b, $bc, $c, $cd, $d] = $this->places[$pair];
            $this->pulls[$pair] = [Patch::pull($a, $ab, $b), Patch::pull($b, $bc, $c), Patch::pull($c, $cd, $d)];
        }

        return $this->pulls[$pair];
    }

    /** @return list<Place> by thirds, worked out when first asked for */
    private function stray(int $pair): array
    {
        if (! isset($this->strays[$pair])) {
            [$p, $pq, $q, $qr, $r, $rs, $s] = $this->places[$pair];
            $strays = [];
            foreach ([$pq, $qr, $rs] as $third => [$x, $y, $z]) {
                [$a, $b, $c, $d] = Lattice::HALFWAY[$third];
                $strays[] = [
                    $x - $a * $p[0] - $b * $q[0] - $c * $r[0] - $d * $s[0],
                    $y - $a * $p[1] - $b * $q[1] - $c * $r[1] - $d * $s[1],
                    $z - $a * $p[2] - $b * $q[2] - $c * $r[2] - $d * $s[2],
                ];
            }
            $this->strays[$pair] = $strays;
        }

        return $this->strays[$pair];
    }
}
