<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

/**
 * The ways from each paint of a rack to each other, through their mixes, as places by sixths: what threes of them have in common.
 *
 * @phpstan-type Seven array{array{float, float, float}, array{float, float, float}, array{float, float, float}, array{float, float, float}, array{float, float, float}, array{float, float, float}, array{float, float, float}}
 */
final class Ways
{
    /** Which of the sixths are whole thirds, corners among them. */
    private const THIRDS = [0, 2, 4, 6];

    /** @var array<int, Seven> seven places of each pair, by the first paint << 10 | the second */
    public array $places = [];

    /** @var array<int, float> how far off the nearest place of each pair is, DeltaE00 */
    public array $least = [];

    /** @var array<int, array{float, float, float}> that place */
    private array $nearest = [];

    /** @var array<int, float> the most that each pair's way bends by thirds */
    private array $curves = [];

    /** @var array<int, list<array{float, float, float}>> of each pair, by thirds of its way */
    private array $pulls = [];

    /** @var array<int, list<array{float, float, float}>> by how much the middle of each third of a pair's way lies off the cubic through its thirds */
    private array $strays = [];

    public function __construct(private readonly Sketch $sketch)
    {
        $paints = \count($sketch->share);
        $alone = array_map(static fn(int $one): array => $sketch->at($one, $one, $one, [1, 0, 0]), array_keys($sketch->share));
        for ($one = 0; $one < $paints; $one++) {
            for ($two = $one + 1; $two < $paints; $two++) {
                $at = static fn(int $sixths): array => $sketch->at($one, $two, $one, [6 - $sixths, $sixths, 0]);
                $this->add($one << 10 | $two, [$alone[$one], $at(1), $at(2), $at(3), $at(4), $at(5), $alone[$two]]);
            }
        }
        asort($this->least);
    }

    /** @return array{int, int} */
    public static function paints(int $pair): array
    {
        return [$pair >> 10, $pair & 1023];
    }

    /** @return \Generator<array{int, int, int}> every three once, those whose edges come nearest first */
    public function threes(): \Generator
    {
        $paints = \count($this->sketch->share);
        foreach ($this->least as $pair => $least) {
            [$one, $two] = self::paints($pair);
            for ($third = 0; $third < $paints; $third++) {
                if ($third === $one || $third === $two) {
                    continue;
                }
                $toOne = $third < $one ? $third << 10 | $one : $one << 10 | $third;
                $toTwo = $third < $two ? $third << 10 | $two : $two << 10 | $third;
                // Its turn is with its nearest edge; with the first of them, of edges alike.
                $near = $this->least[$toOne];
                if ($near < $least || ($near === $least && $toOne < $pair)) {
                    continue;
                }
                $near = $this->least[$toTwo];
                if ($near < $least || ($near === $least && $toTwo < $pair)) {
                    continue;
                }
                yield $third < $one ? [$third, $one, $two] : ($third < $two ? [$one, $third, $two] : [$one, $two, $third]);
            }
        }
    }

    /** @return array{float, float, float} the nearest place on the edges of three */
    public function nearest(int $one, int $two, int $three): array
    {
        $pair = $one << 10 | $two;
        foreach ([$one << 10 | $three, $two << 10 | $three] as $other) {
            $pair = $this->least[$other] < $this->least[$pair] ? $other : $pair;
        }

        return $this->nearest[$pair];
    }

    /**
     * The ten places of three paints, see {@see Lattice::$coarse}.
     *
     * @param array{float, float, float} $middle
     *
     * @return non-empty-list<array{float, float, float}>
     */
    public function ten(int $one, int $two, int $three, array $middle): array
    {
        $toTwo = $this->places[$one << 10 | $two];
        $toThree = $this->places[$one << 10 | $three];
        $across = $this->places[$two << 10 | $three];

        return [$toTwo[0], $toTwo[2], $toTwo[4], $toTwo[6], $toThree[2], $toThree[4], $toThree[6], $across[2], $across[4], $middle];
    }

    /**
     * How far all of the edges of three, by thirds, lie at least in a direction.
     *
     * @param array{float, float, float} $direction
     */
    public function along(int $one, int $two, int $three, array $direction): float
    {
        [$x, $y, $z] = $direction;
        $least = INF;
        foreach ([$one << 10 | $two, $one << 10 | $three, $two << 10 | $three] as $pair) {
            $places = $this->places[$pair];
            foreach (self::THIRDS as $sixths) {
                [$px, $py, $pz] = $places[$sixths];
                $along = $x * $px + $y * $py + $z * $pz;
                $least = $along < $least ? $along : $least;
            }
        }

        return $least;
    }

    /** The most that one of the edges of three bends. */
    public function bend(int $one, int $two, int $three): float
    {
        return max($this->curves[$one << 10 | $two], $this->curves[$one << 10 | $three], $this->curves[$two << 10 | $three]);
    }

    /**
     * The most that the way through three of ten places on a line bends.
     *
     * @param non-empty-list<array{float, float, float}> $ten
     */
    public function curve(int $one, int $two, int $three, array $ten): float
    {
        $curve = $this->bend($one, $two, $three);
        foreach (Lattice::ACROSS as [$from, $to]) {
            $across = Triangle::curve($ten[$from], $ten[Lattice::MIDDLE], $ten[$to]);
            $curve = $across > $curve ? $across : $curve;
        }

        return $curve;
    }

    /**
     * What pulls each third of the three edges out of straight: see {@see Patch::pull}.
     *
     * @return array{list<array{float, float, float}>, list<array{float, float, float}>, list<array{float, float, float}>}
     */
    public function pulls(int $one, int $two, int $three): array
    {
        return [$this->pull($one << 10 | $two), $this->pull($one << 10 | $three), $this->pull($two << 10 | $three)];
    }

    /**
     * By how much the middle of each third of the three edges lies off the cubic through their thirds.
     *
     * @return array{list<array{float, float, float}>, list<array{float, float, float}>, list<array{float, float, float}>}
     */
    public function strays(int $one, int $two, int $three): array
    {
        return [$this->stray($one << 10 | $two), $this->stray($one << 10 | $three), $this->stray($two << 10 | $three)];
    }

    /**
     * The places known of three paints.
     *
     * @param array{float, float, float} $middle
     *
     * @return array<int, array{float, float, float}> by number of the lattice's place
     */
    public function edges(Lattice $lattice, int $one, int $two, int $three, array $middle): array
    {
        $places = [$lattice->middle => $middle];
        foreach ([[$one, $two], [$one, $three], [$two, $three]] as $side => [$from, $to]) {
            foreach ($lattice->sides[$side] as $sixths => $place) {
                $places[$place] = $this->places[$from << 10 | $to][$sixths];
            }
        }

        return $places;
    }

    /** @param Seven $places */
    private function add(int $pair, array $places): void
    {
        $least = INF;
        $nearest = $places[0];
        foreach ($places as [$x, $y, $z]) {
            $off = $this->sketch->metric->off($x, $y, $z);
            if ($off < $least) {
                $least = $off;
                $nearest = [$x, $y, $z];
            }
        }
        $this->places[$pair] = $places;
        $this->least[$pair] = $least;
        $this->nearest[$pair] = $nearest;
        $this->curves[$pair] = max(Triangle::curve($places[0], $places[2], $places[4]), Triangle::curve($places[2], $places[4], $places[6]));
    }

    /** @return list<array{float, float, float}> by thirds, worked out when first asked for */
    private function pull(int $pair): array
    {
        if (! isset($this->pulls[$pair])) {
            [$a, $ab, $b, $bc, $c, $cd, $d] = $this->places[$pair];
            $this->pulls[$pair] = [Patch::pull($a, $ab, $b), Patch::pull($b, $bc, $c), Patch::pull($c, $cd, $d)];
        }

        return $this->pulls[$pair];
    }

    /** @return list<array{float, float, float}> by thirds, worked out when first asked for */
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
