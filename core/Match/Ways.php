<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

/** The ways from each paint of a rack to each other, through their mixes, as places by sixths: what threes of them have in common. */
final class Ways
{
    /** By sixths. */
    private const STEPS = 6;

    /** Which of these are whole thirds, corners among them. */
    private const THIRDS = [0, 2, 4, 6];

    /** @var array<int, list<array{float, float, float}>> seven places of each pair, by the first paint << 10 | the second */
    public array $places = [];

    /** @var array<int, float> how far off the nearest place of each pair is, DeltaE00 */
    public array $least = [];

    /** @var array<int, array{float, float, float}> that place */
    private array $nearest = [];

    /** @var array<int, float> the most that each pair's way bends by thirds */
    private array $curves = [];

    /** @var array<int, list<array{float, float, float}>> of each pair, by thirds of its way */
    private array $pulls = [];

    public function __construct(private readonly Sketch $sketch)
    {
        $paints = \count($sketch->share);
        $alone = array_map(static fn(int $one): array => $sketch->at($one, $one, $one, [1, 0, 0]), array_keys($sketch->share));
        for ($one = 0; $one < $paints; $one++) {
            for ($two = $one + 1; $two < $paints; $two++) {
                $places = [$alone[$one]];
                for ($sixths = 1; $sixths < self::STEPS; $sixths++) {
                    $places[] = $sketch->at($one, $two, $one, [self::STEPS - $sixths, $sixths, 0]);
                }
                $places[] = $alone[$two];
                $this->add($one << 10 | $two, $places);
            }
        }
        asort($this->least);
    }

    /** @return array{int, int} */
    public static function paints(int $pair): array
    {
        return [$pair >> 10, $pair & 1023];
    }

    /** How far off the nearest place on the edges of three is, DeltaE00. */
    public function least(int $one, int $two, int $three): float
    {
        return min($this->least[$one << 10 | $two], $this->least[$one << 10 | $three], $this->least[$two << 10 | $three]);
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
        return [$this->pulls[$one << 10 | $two], $this->pulls[$one << 10 | $three], $this->pulls[$two << 10 | $three]];
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

    /** @param non-empty-list<array{float, float, float}> $places */
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
        $this->pulls[$pair] = [Patch::pull($places[0], $places[1], $places[2]), Patch::pull($places[2], $places[3], $places[4]), Patch::pull($places[4], $places[5], $places[6])];
        $this->curves[$pair] = max(Triangle::curve($places[0], $places[2], $places[4]), Triangle::curve($places[2], $places[4], $places[6]));
    }
}
