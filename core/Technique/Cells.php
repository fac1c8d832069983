<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Flat\Shape;

/** Laying marks out in millimetres on the surface: x from the nose, y below (+) or above (-) the widest line. */
final class Cells
{
    /**
     * @param callable(float, float, int): float $share of x and y in mm and of the column, 0 to 1
     *
     * @return array<int, float>
     */
    public static function each(Surface $surface, OpenSpray $open, callable $share): array
    {
        $columns = $surface->columns;
        $cellMm = $surface->body->lengthMm / $columns;
        $arc = $surface->arcMm;
        $flank = $surface->flankMm;
        $through = [];
        foreach ($open->all() as $cell => $paint) {
            $column = $cell % $columns;
            $part = $share(($column + 0.5) * $cellMm, $arc[$cell] - $flank[$column], $column);
            if ($part > 0) {
                $through[$cell] = $paint * $part;
            }
        }

        return $through;
    }

    /**
     * The same for marks that lie within a box in mm: nothing beyond it is looked at.
     *
     * @param array{float, float, float, float} $box from x and y, to x and y
     * @param callable(float, float): float $share of x and y in mm, 0 to 1
     *
     * @return array<int, float>
     */
    public static function inBox(Surface $surface, OpenSpray $open, array $box, callable $share): array
    {
        [$left, $top, $right, $bottom] = $box;
        $columns = $surface->columns;
        $cellMm = $surface->body->lengthMm / $columns;
        [$first, $last, $firstRow, $lastRow] = $open->reach();
        $end = ($lastRow + 1) * $columns;
        $marks = [];
        for ($column = max($first, (int) floor($left / $cellMm)); $column <= min($last, (int) ceil($right / $cellMm)); $column++) {
            $x = ($column + 0.5) * $cellMm;
            $flank = $surface->flankMm[$column];
            for ($cell = self::firstFrom($surface, $column, $flank + $top, $firstRow, $lastRow); $cell < $end; $cell += $columns) {
                $y = $surface->arcMm[$cell] - $flank;
                if ($y > $bottom) {
                    break;
                }
                $part = $share($x, $y);
                if ($part > 0) {
                    $marks[$cell] = $part;
                }
            }
        }

        return $open->over($marks);
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
        return [$surface->body->lengthMm, -max([1.0, ...$surface->flankMm]), $surface->deepestMm()];
    }

    /**
     * The part of the open spray that gets through a hole laid on the side, with an edge $soft wide. Each cell gets the
     * share of itself and of its soft surroundings that lies inside the hole, measured down three lines.
     *
     * @return array<int, float>
     */
    public static function within(Surface $surface, OpenSpray $open, Shape $hole, float $soft): array
    {
        [$left, $top, $right, $bottom] = $hole->bounds();
        $columns = $surface->columns;
        $cellMm = $surface->body->lengthMm / $columns;
        $wide = $cellMm + $soft;
        $end = $surface->rows * $columns;
        $marks = [];
        for ($column = max(0, (int) floor(($left - $soft) / $cellMm)); $column <= min(
            $columns - 1,
            (int) ceil(($right + $soft) / $cellMm),
        ); $column++) {
            $x = ($column + 0.5) * $cellMm;
            $lines = array_filter(array_map(
                static fn(float $at): array => array_chunk($hole->crossings($at), 2),
                [$x - $wide / 3, $x, $x + $wide / 3],
            ));
            if ($lines === []) {
                continue;
            }
            $flank = $surface->flankMm[$column];
            $above = 0.0;
            for ($cell = $column; $cell < $end; $cell += $columns) {
                $arc = $surface->arcMm[$cell];
                $y = $arc - $flank;
                $half = $arc - $above > 0.01 ? $arc - $above : 0.01;
                $above = $arc + $half;
                $half += $soft / 2;
                if ($y - $half >= $bottom) {
                    break;
                }
                if ($y + $half > $top) {
                    $inside = 0.0;
                    foreach ($lines as $line) {
                        foreach ($line as [$in, $out]) {
                            $long = ($out < $y + $half ? $out : $y + $half) - ($in > $y - $half ? $in : $y - $half);
                            $inside += $long > 0 ? $long : 0.0;
                        }
                    }
                    if ($inside > 0) {
                        $marks[$cell] = min(1.0, $inside / (6 * $half));
                    }
                }
            }
        }

        return $open->over($marks);
    }

    /** The first cell of a column, between two rows, at or beyond so many mm from the ridge; the way around only grows from row to row. */
    private static function firstFrom(Surface $surface, int $column, float $arcMm, int $first, int $last): int
    {
        $columns = $surface->columns;
        $behind = $last + 1;
        while ($first < $behind) {
            $row = ($first + $behind) >> 1;
            if ($surface->arcMm[$row * $columns + $column] < $arcMm) {
                $first = $row + 1;
            } else {
                $behind = $row;
            }
        }

        return $first * $columns + $column;
    }
}
