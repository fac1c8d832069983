<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

use Hawkbrush\Core\Refused;

/**
 * Where a bait on a plain ground seems to end in a photograph: a first guess for the painter to nudge. Column by column,
 * the longest run of pixels that differ from the ground.
 */
final readonly class Silhouette
{
    /** Points along each edge, closer together towards the ends. */
    public const POINTS = 14;

    /** How far a pixel must be from the ground, in steps of 255 summed over the three channels. */
    private const DIFFERS = 60;

    /** Gaps up to so many pixels (glare, an eye) do not break a run. */
    private const GAP = 6;

    /** A run shorter than this share of the width is a speck. */
    private const SPECK = 0.01;

    /** Its tips may be as thin as a speck, for this share of the width; what goes on no thinner for the other is a wire. */
    private const TIP = 0.03;

    private const WIRE = 0.02;

    /** A bait covers at least this share of the width. */
    private const LEAST = 0.2;

    private int $rows;

    /** @var array{int, int, int} */
    private array $ground;

    /** @param list<int> $pixels 0xrrggbb, row by row */
    private function __construct(private array $pixels, private int $columns)
    {
        $this->rows = intdiv(\count($pixels), $columns);
        $this->ground = $this->ground();
    }

    /**
     * @param list<int> $pixels 0xrrggbb, row by row
     *
     * @return array{nose: array{float, float}, tail: array{float, float}, upper: list<array{float, float}>, lower: list<array{float, float}>} in shares of the picture's width
     *
     * @throws Refused when nothing stands out
     */
    public static function find(array $pixels, int $columns): array
    {
        $runs = (new self($pixels, $columns))->runs();
        if (\count($runs) < self::LEAST * $columns) {
            throw Refused::because(
                'No bait stands out in this photograph: lay it on a plain ground of another colour, or set the points by hand.',
            );
        }
        $first = (int) array_key_first($runs);
        $last = (int) array_key_last($runs);
        $middle = static fn(int $x): array => [$x / $columns, ($runs[$x][0] + $runs[$x][1]) / 2 / $columns];
        $upper = $lower = [];
        foreach (self::places($first, $last) as $place) {
            $x = (int) round($place);
            if (isset($runs[$x])) {
                $upper[] = [$x / $columns, $runs[$x][0] / $columns];
                $lower[] = [$x / $columns, $runs[$x][1] / $columns];
            }
        }

        // A column has a width: the bait ends behind its last one.
        [, $tailY] = $middle($last);

        return ['nose' => $middle($first), 'tail' => [($last + 1) / $columns, $tailY], 'upper' => $upper, 'lower' => $lower];
    }

    /**
     * Where points of an edge lie between its ends.
     *
     * @return list<float>
     */
    public static function places(float $from, float $to): array
    {
        return array_map(
            static fn(int $i): float => $from + ($to - $from) * (1 - cos(M_PI * $i / self::POINTS)) / 2,
            range(1, self::POINTS - 1),
        );
    }

    /** @return array<int, array{int, int}> first and last row by column */
    private function runs(): array
    {
        $runs = [];
        for ($x = 0; $x < $this->columns; $x++) {
            $run = $this->longest($x);
            if ($run !== null && $run[1] - $run[0] > self::SPECK * $this->columns) {
                $runs[$x] = $run;
            }
        }
        if ($runs !== []) {
            $runs += $this->tip($runs, (int) array_key_first($runs), -1) + $this->tip($runs, (int) array_key_last($runs), 1);
            ksort($runs);
        }

        return $runs;
    }

    /**
     * What tapers on beyond an end.
     *
     * @param array<int, array{int, int}> $runs
     *
     * @return array<int, array{int, int}>
     */
    private function tip(array $runs, int $end, int $way): array
    {
        [$from, $to] = $runs[$end];
        $tip = [];
        $even = 0;
        for ($x = $end + $way; abs($x - $end) <= self::TIP * $this->columns && $x >= 0 && $x < $this->columns; $x += $way) {
            $run = $this->longest($x);
            if ($run === null || $run[1] - $run[0] > $to - $from || $run[0] > $to || $run[1] < $from) {
                break;
            }
            $even = $run[1] - $run[0] === $to - $from ? $even + 1 : 0;
            $tip[$x] = $run;
            [$from, $to] = $run;
        }

        return $even >= self::WIRE * $this->columns ? \array_slice($tip, 0, -$even, true) : $tip;
    }

    /** @return array{int, int, int} the middle colour along the upper and lower border */
    private function ground(): array
    {
        $channels = [[], [], []];
        for ($x = 0; $x < $this->columns; $x += 3) {
            foreach ([min(1, $this->rows - 1), max(0, $this->rows - 2)] as $y) {
                foreach ($this->pixel($x, $y) as $i => $value) {
                    $channels[$i][] = $value;
                }
            }
        }

        return array_map(static function (array $values): int {
            sort($values);

            return $values[intdiv(\count($values), 2)];
        }, $channels);
    }

    /** @return array{int, int}|null */
    private function longest(int $x): ?array
    {
        $best = $from = null;
        $gap = 0;
        for ($y = 0; $y <= $this->rows; $y++) {
            $differs = $y < $this->rows && $this->differs($x, $y);
            $gap = $differs ? 0 : $gap + 1;
            if ($differs) {
                $from ??= $y;
            } elseif ($from !== null && ($gap > self::GAP || $y === $this->rows)) {
                // The edge lies behind the last row that differs.
                if ($best === null || $y - $gap + 1 - $from > $best[1] - $best[0]) {
                    $best = [$from, $y - $gap + 1];
                }
                $from = null;
            }
        }

        return $best;
    }

    private function differs(int $x, int $y): bool
    {
        [$r, $g, $b] = $this->pixel($x, $y);

        return abs($r - $this->ground[0]) + abs($g - $this->ground[1]) + abs($b - $this->ground[2]) > self::DIFFERS;
    }

    /** @return array{int, int, int} */
    private function pixel(int $x, int $y): array
    {
        $colour = $this->pixels[$y * $this->columns + $x];

        return [$colour >> 16 & 255, $colour >> 8 & 255, $colour & 255];
    }
}
