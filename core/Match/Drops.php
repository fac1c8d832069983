<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

/** Mixes of two and of three paints in whole drops, without a common divisor. */
final readonly class Drops
{
    /** @var list<int> drops of two paints: of the first << 8 | of the second << 4 */
    public array $twos;

    /** @var list<int> drops of three: the same | of the third */
    public array $threes;

    /** @var list<bool> whether such drops are among these */
    private array $among;

    /** Of a drop: less than any mix lies from another. */
    private const WHISKER = 1e-6;

    /** @param int $most drops of a mix, less than 16 */
    public function __construct(private int $most)
    {
        [$this->twos, $this->threes] = self::mixes($most);
        $among = array_flip($this->threes);
        $this->among = array_map(static fn(int $mix): bool => isset($among[$mix]), range(0, ($most << 8) - 1));
    }

    /** @return array{int, int, int} drops of each paint */
    public static function of(int $mix): array
    {
        return [$mix >> 8, $mix >> 4 & 15, $mix & 15];
    }

    /**
     * The mixes of three paints that lie in a small triangle.
     *
     * @param array{int, int, bool} $thirds of the triangle, see {@see Lattice::$thirds}
     * @param float $first how much a drop of the first paint counts
     */
    public function in(array $thirds, float $first, float $second, float $third): Spots
    {
        [$i, $j, $turned] = $thirds;
        $k = 2 - $i - $j - ($turned ? 1 : 0);
        // All of it thirds: the first from i to i + 1, the second from j, the third from k. A whisker more on either side,
        // for what rounding takes. Written out rather than with min and max: this runs hundreds of thousands of times.
        $leastOfOne = 3 / ($i + 1);
        $leastOfTwo = 3 / ($j + 1);
        $leastOfBoth = 3 / (3 - $k);
        $mostOfOne = $i === 0 ? INF : 3 / $i;
        $mostOfTwo = $j === 0 ? INF : 3 / $j;
        $mostOfBoth = $k === 2 ? INF : 3 / (2 - $k);
        $drops = 1 / $third;
        $mixes = $vs = $ws = [];
        for ($ofOne = 1; $ofOne <= $this->most - 2; $ofOne++) {
            $one = $ofOne * $first;
            $left = $this->most - $ofOne;
            $lastTwo = $i === 0 ? $left - 1 : (int) min($left - 1, $one * ($j + 1) / $i / $second + self::WHISKER);
            for ($ofTwo = max(1, (int) ceil($one * $j / ($i + 1) / $second - self::WHISKER)); $ofTwo <= $lastTwo; $ofTwo++) {
                $two = $ofTwo * $second;
                $both = $one + $two;
                $least = $one * $leastOfOne;
                $other = $two * $leastOfTwo;
                $least = $other > $least ? $other : $least;
                $other = $both * $leastOfBoth;
                $least = $other > $least ? $other : $least;
                $most = $one * $mostOfOne;
                $other = $two * $mostOfTwo;
                $most = $other < $most ? $other : $most;
                $other = $both * $mostOfBoth;
                $most = ($other < $most ? $other : $most) - $both;
                $last = $most * $drops + self::WHISKER;
                $lastThree = $last > $left - $ofTwo ? $left - $ofTwo : (int) $last;
                $from = ($least - $both) * $drops - self::WHISKER;
                for ($ofThree = $from <= 1 ? 1 : (int) ceil($from); $ofThree <= $lastThree; $ofThree++) {
                    $mix = $ofOne << 8 | $ofTwo << 4 | $ofThree;
                    if ($this->among[$mix]) {
                        $each = 3 / ($both + $ofThree * $third);
                        $mixes[] = $mix;
                        $vs[] = $turned ? 1 + $i - $one * $each : $one * $each - $i;
                        $ws[] = $turned ? 1 + $j - $two * $each : $two * $each - $j;
                    }
                }
            }
        }

        return new Spots($mixes, $vs, $ws);
    }

    /**
     * The mixes of two paints that lie in a third of the way from the first to the second.
     *
     * @param int $third 0 to 2
     */
    public function on(int $third, float $first, float $second): Spots
    {
        $mixes = $vs = [];
        foreach ($this->twos as $mix) {
            [$ofOne, $ofTwo] = self::of($mix);
            $two = $ofTwo * $second;
            $thirds = 3 * $two / ($two + $ofOne * $first);
            if ((int) $thirds === $third) {
                $mixes[] = $mix;
                $vs[] = $thirds - $third;
            }
        }

        return new Spots($mixes, $vs, array_fill(0, \count($vs), 0.0));
    }

    /** @return array{list<int>, list<int>} */
    private static function mixes(int $most): array
    {
        $twos = $threes = [];
        for ($a = 1; $a < $most; $a++) {
            for ($b = 1; $b <= $most - $a; $b++) {
                $divisor = self::divisor($a, $b);
                if ($divisor === 1) {
                    $twos[] = $a << 8 | $b << 4;
                }
                for ($c = 1; $c <= $most - $a - $b; $c++) {
                    if (self::divisor($divisor, $c) === 1) {
                        $threes[] = $a << 8 | $b << 4 | $c;
                    }
                }
            }
        }

        return [$twos, $threes];
    }

    private static function divisor(int $a, int $b): int
    {
        return $b === 0 ? $a : self::divisor($b, $a % $b);
    }
}
