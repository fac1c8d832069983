<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

use Hawkbrush\Core\Body\Surface;

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
        $cell = $surface->cellAt($u, $thetaDeg);

        return $surface->arcMm[$cell] - $surface->flankMm[$cell % $surface->columns];
    }

    /**
     * Lays a round mark of $radius with an edge $soft wide, where it covers more than what is there.
     *
     * @param array<int, float> $marks share covered so far, by cell
     *
     * @return array<int, float>
     */
    public static function dab(Surface $surface, array $marks, float $xMm, float $yMm, float $radius, float $soft): array
    {
        $reach = $radius + $soft;
        $cellMm = $surface->body->lengthMm / $surface->columns;
        $from = max(0, (int) floor(($xMm - $reach) / $cellMm));
        $to = min($surface->columns - 1, (int) ceil(($xMm + $reach) / $cellMm));
        for ($column = $from; $column <= $to; $column++) {
            $dx = ($column + 0.5) * $cellMm - $xMm;
            $middle = $surface->flankMm[$column] + $yMm;
            for ($cell = $column; $cell < $surface->rows * $surface->columns; $cell += $surface->columns) {
                $dy = $surface->arcMm[$cell] - $middle;
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
