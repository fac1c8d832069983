<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Flat\Shape;

/** Laying marks out in millimetres on the surface: x from the nose, y below (+) or above (-) the widest line. */
final class Cells
{
    /**
     * @param array<int, float> $open
     * @param callable(float, float): float $share of x and y in mm, 0 to 1
     *
     * @return array<int, float>
     */
    public static function each(Surface $surface, array $open, callable $share): array
    {
        $columns = $surface->columns;
        $cellMm = $surface->body->lengthMm / $columns;
        $through = [];
        foreach ($open as $cell => $paint) {
            $column = $cell % $columns;
            $part = $share(($column + 0.5) * $cellMm, $surface->arcMm[$cell] - $surface->flankMm[$column]);
            if ($part > 0) {
                $through[$cell] = $paint * $part;
            }
        }

        return $through;
    }

    /** Way in mm around the section from the widest line to $thetaDeg at $u, downwards positive. */
    public static function yMm(Surface $surface, float $u, float $thetaDeg): float
    {
        // Between the middles of two rows, so that 90 degrees is the widest line itself.
        $down = max(0.0, min($surface->rows - 1.0, $thetaDeg / 180 * $surface->rows - 0.5));
        $column = $surface->cellAt($u, 0);
        $upper = (int) $down * $surface->columns + $column;
        $lower = min((int) $down + 1, $surface->rows - 1) * $surface->columns + $column;
        $arc = $surface->arcMm[$upper] + ($surface->arcMm[$lower] - $surface->arcMm[$upper]) * ($down - floor($down));

        return $arc - $surface->flankMm[$column];
    }

    /** @return array{float, float, float} of the left side in mm: length, y of the ridge, and the way from ridge to keel where it is longest */
    public static function side(Surface $surface): array
    {
        return [$surface->body->lengthMm, -max([1.0, ...$surface->flankMm]), max([1.0, ...$surface->arcMm])];
    }

    /**
     * Lays a round mark of $radius with an edge $soft wide, where it covers more than what is there. The marks are added to in place: there may be thousands.
     *
     * @param array<int, float> $marks share covered so far, by cell
     */
    public static function dab(Surface $surface, array &$marks, float $xMm, float $yMm, float $radius, float $soft): void
    {
        $reach = $radius + $soft;
        $arc = $surface->arcMm;
        $columns = $surface->columns;
        $cellMm = $surface->body->lengthMm / $surface->columns;
        $from = max(0, (int) floor(($xMm - $reach) / $cellMm));
        $to = min($surface->columns - 1, (int) ceil(($xMm + $reach) / $cellMm));
        for ($column = $from; $column <= $to; $column++) {
            $dx = ($column + 0.5) * $cellMm - $xMm;
            $middle = $surface->flankMm[$column] + $yMm;
            // The way around only grows from row to row, so the first row that is reached is found by halving.
            [$first, $behind] = [0, $surface->rows];
            while ($first < $behind) {
                $row = ($first + $behind) >> 1;
                [$first, $behind] = $arc[$row * $columns + $column] < $middle - $reach ? [$row + 1, $behind] : [$first, $row];
            }
            for ($cell = $first * $columns + $column; $cell < $surface->rows * $columns; $cell += $columns) {
                $dy = $arc[$cell] - $middle;
                if ($dy > $reach) {
                    break;
                }
                $distance = sqrt($dx * $dx + $dy * $dy);
                if ($distance < $reach) {
                    $cover = $distance <= $radius - $soft ? 1.0 : ($reach - $distance) / (2 * $soft);
                    $marks[$cell] = max($marks[$cell] ?? 0.0, $cover);
                }
            }
        }
    }

    /**
     * The part of the open spray that gets through a hole laid on the side, with an edge $soft wide. Each cell gets the
     * share of itself and of its soft surroundings that lies inside the hole, measured down three lines.
     *
     * @param array<int, float> $open
     *
     * @return array<int, float>
     */
    public static function within(Surface $surface, array $open, Shape $hole, float $soft): array
    {
        [$left, $top, $right, $bottom] = $hole->bounds();
        $columns = $surface->columns;
        $cellMm = $surface->body->lengthMm / $columns;
        $wide = $cellMm + $soft;
        $through = [];
        for ($column = max(0, (int) floor(($left - $soft) / $cellMm)); $column <= min($columns - 1, (int) ceil(($right + $soft) / $cellMm)); $column++) {
            $lines = array_map(static fn(float $at): array => $hole->crossings(($column + 0.5) * $cellMm + $at * $wide), [-1 / 3, 0.0, 1 / 3]);
            $above = 0.0;
            for ($cell = $column; $cell < $surface->rows * $columns; $cell += $columns) {
                $y = $surface->arcMm[$cell] - $surface->flankMm[$column];
                $half = max(0.01, $surface->arcMm[$cell] - $above);
                $above = $surface->arcMm[$cell] + $half;
                $half += $soft / 2;
                if (isset($open[$cell]) && $y + $half > $top && $y - $half < $bottom) {
                    $inside = array_sum(array_map(static fn(array $line): float => self::covered($line, $y - $half, $y + $half), $lines)) / (6 * $half);
                    if ($inside > 0) {
                        $through[$cell] = $open[$cell] * min(1.0, $inside);
                    }
                }
            }
        }

        return $through;
    }

    /** @param list<float> $line where it goes in and out */
    private static function covered(array $line, float $from, float $to): float
    {
        $length = 0.0;
        for ($i = 1; $i < \count($line); $i += 2) {
            $length += max(0.0, min($to, $line[$i]) - max($from, $line[$i - 1]));
        }

        return $length;
    }

    /**
     * Marks with others taken out of them.
     *
     * @param array<int, float> $marks
     * @param array<int, float> $free
     *
     * @return array<int, float>
     */
    public static function without(array $marks, array $free): array
    {
        foreach ($free as $cell => $share) {
            $marks[$cell] = max(0.0, ($marks[$cell] ?? 0.0) - $share);
        }

        return $marks;
    }

    /**
     * The part of the open spray that falls on the marks.
     *
     * @param array<int, float> $open
     * @param array<int, float> $marks
     *
     * @return array<int, float>
     */
    public static function on(array $open, array $marks): array
    {
        $through = [];
        foreach ($marks as $cell => $share) {
            if (isset($open[$cell])) {
                $through[$cell] = $open[$cell] * $share;
            }
        }

        return $through;
    }
}
