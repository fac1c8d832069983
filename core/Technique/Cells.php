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
     * The same for a mark that lies within so many mm of its root: nothing beyond is looked at.
     *
     * @param float $u of the root
     * @param callable(float, float): float $share of x and y in mm from the root, 0 to 1
     *
     * @return array<int, float>
     */
    public static function around(Surface $surface, OpenSpray $open, float $u, float $deg, float $reachMm, callable $share): array
    {
        $columns = $surface->columns;
        $cellMm = $surface->body->lengthMm / $columns;
        $cells = $surface->rows * $columns;
        $x = $u * $surface->body->lengthMm;
        $line = self::line($surface, $deg);
        $last = min($columns - 1, (int) ceil(($x + $reachMm) / $cellMm));
        $marks = [];
        for ($column = max(0, (int) floor(($x - $reachMm) / $cellMm)); $column <= $last; $column++) {
            $away = ($column + 0.5) * $cellMm - $x;
            $middle = $line[$column];
            $keel = $surface->keelMm[$column];
            for ($cell = $column; $cell < $cells; $cell += $columns) {
                $arc = $surface->arcMm[$cell];
                // Itself, and as the other half's cell seen over the ridge and over the keel.
                $ways = [[$cell, $arc]];
                if ($middle < $reachMm) {
                    $ways[] = [$cells + $cell, -$arc];
                }
                if ($keel - $middle < $reachMm) {
                    $ways[] = [$cells + $cell, 2 * $keel - $arc];
                }
                foreach ($ways as [$at, $way]) {
                    $down = $way - $middle;
                    $part = $down >= -$reachMm && $down <= $reachMm ? $share($away, $down) : 0.0;
                    if ($part > ($marks[$at] ?? 0.0)) {
                        $marks[$at] = $part;
                    }
                }
            }
        }

        return $open->over($marks);
    }

    /**
     * Way in mm from the ridge to the line at $thetaDeg, by column. Marks are laid out from the line through their own
     * middle: one on the ridge lies along it, and comes out alike on either side of it.
     *
     * @return list<float>
     */
    public static function line(Surface $surface, float $thetaDeg): array
    {
        $columns = $surface->columns;
        if ($thetaDeg <= 0 || $thetaDeg >= 180) {
            return $thetaDeg <= 0 ? array_fill(0, $columns, 0.0) : $surface->keelMm;
        }
        $down = max(0.0, min($surface->rows - 1.0, $thetaDeg / 180 * $surface->rows - 0.5));
        $part = $down - floor($down);
        $upper = \array_slice($surface->arcMm, (int) $down * $columns, $columns);
        $lower = \array_slice($surface->arcMm, min((int) $down + 1, $surface->rows - 1) * $columns, $columns);

        return array_map(static fn(float $from, float $to): float => $from + ($to - $from) * $part, $upper, $lower);
    }

    /** Way in mm around the section from the widest line to $thetaDeg at $u, downwards positive. */
    public static function yMm(Surface $surface, float $u, float $thetaDeg): float
    {
        $column = $surface->cellAt($u, 0);
        if ($thetaDeg <= 0 || $thetaDeg >= 180) {
            return ($thetaDeg <= 0 ? 0.0 : $surface->keelMm[$column]) - $surface->flankMm[$column];
        }
        // Between the middles of two rows, so that 90 degrees is the widest line itself.
        $down = max(0.0, min($surface->rows - 1.0, $thetaDeg / 180 * $surface->rows - 0.5));
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
     * The part of the open spray that gets through a hole laid on the body by its middle, with an edge $soft wide. Each cell
     * gets the share of itself and of its soft surroundings that lies inside the hole, measured down three lines.
     *
     * @param float $u of the hole's middle
     *
     * @return array<int, float>
     */
    public static function within(Surface $surface, OpenSpray $open, Shape $hole, float $u, float $deg, float $soft): array
    {
        [$left, $top, $right, $bottom] = $hole->bounds();
        $columns = $surface->columns;
        $cellMm = $surface->body->lengthMm / $columns;
        $wide = $cellMm + $soft;
        $cells = $surface->rows * $columns;
        $fromLine = self::line($surface, $deg);
        $atLine = self::yMm($surface, $u, $deg);
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
            $lines = array_merge(...$lines);
            $ridge = $atLine - $fromLine[$column];
            $keel = $ridge + $surface->keelMm[$column];
            $overRidge = $top < $ridge + $soft;
            $overKeel = $bottom > $keel - $soft;
            $above = 0.0;
            for ($cell = $column; $cell < $cells; $cell += $columns) {
                $arc = $surface->arcMm[$cell];
                $half = $arc - $above > 0.01 ? $arc - $above : 0.01;
                $above = $arc + $half;
                $half += $soft / 2;
                $y = $ridge + $arc;
                if ($y - $half < $bottom && $y + $half > $top) {
                    $share = self::inside($lines, $y, $half);
                    if ($share > 0) {
                        $marks[$cell] = $share;
                    }
                }
                if ($overRidge || $overKeel) {
                    $share = max(
                        $overRidge ? self::inside($lines, $ridge - $arc, $half) : 0.0,
                        $overKeel ? self::inside($lines, 2 * $keel - $y, $half) : 0.0,
                    );
                    if ($share > 0) {
                        $marks[$cells + $cell] = $share;
                    }
                }
            }
        }

        return $open->over($marks);
    }

    /**
     * Share of a cell from $y - $half to $y + $half that lies within parts of three lines.
     *
     * @param list<list<float>> $lines where each part begins and ends
     */
    private static function inside(array $lines, float $y, float $half): float
    {
        $inside = 0.0;
        foreach ($lines as [$in, $out]) {
            $long = ($out < $y + $half ? $out : $y + $half) - ($in > $y - $half ? $in : $y - $half);
            $inside += $long > 0 ? $long : 0.0;
        }

        return min(1.0, $inside / (6 * $half));
    }
}
