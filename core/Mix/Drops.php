<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Mix;

/** Mixes of two and of three paints in whole drops, without a common divisor. */
final readonly class Drops
{
    /** @var list<int> drops of two paints: of the first << 8 | of the second << 4 */
    public array $twos;

    /** @var list<int> drops of three: the same | of the third */
    public array $threes;

    /** @param int $most drops of a mix, less than 16 */
    public function __construct(int $most)
    {
        [$this->twos, $this->threes] = self::mixes($most);
    }

    /** @return array{int, int, int} drops of each paint */
    public static function of(int $mix): array
    {
        return [$mix >> 8, $mix >> 4 & 15, $mix & 15];
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
