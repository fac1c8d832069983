<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

/** Streaks, as a brush that is nearly dry leaves them. */
final class Streaks extends HandMarks
{
    /**
     * A streak along the side, $long from x and y in mm, falling by $lean of its way, from its full half-width to a
     * $taper of it. It follows the body: along the ridge it runs along it.
     */
    public function streak(float $xMm, float $yMm, float $long, float $lean, float $half, float $taper, float $soft): void
    {
        $low = $yMm + $half + $soft + max(0.0, $lean * $long);
        $high = $yMm - $half - $soft + min(0.0, $lean * $long);
        if ($low < $this->highest || $high > $this->lowest) {
            return;
        }
        $cellMm = $this->cellMm;
        $from = max($this->fromColumn, (int) (($xMm - $half - $soft) / $cellMm));
        $to = min($this->toColumn, (int) (($xMm + $long + $half + $soft) / $cellMm));
        if ($from > $to) {
            return;
        }
        $arc = $this->arc;
        $columns = $this->surface->columns;
        $end = $this->end;
        $second = $this->second;
        $flank = $this->flank;
        $narrower = (1 - $taper) * $half / $long;
        $wide = 2 * $soft;
        // Written to in place, and given back below.
        $marks = $this->marks;
        $this->marks = [];
        $cell = $this->near($from, $flank[$from] + $high);
        [$upperRow, $part] = $this->rowOf($xMm, $yMm);
        $lowerRow = $upperRow + $columns;
        for ($column = $from; $column <= $to; $column++, $cell++) {
            $along = ($column + 0.5) * $cellMm - $xMm;
            $on = $along < 0 ? 0.0 : ($along > $long ? $long : $along);
            // Beyond its ends it is round.
            $reach = $half - $narrower * $on + $soft - ($along < $on ? $on - $along : $along - $on);
            if ($reach <= 0) {
                continue;
            }
            $upper = $arc[$upperRow + $column];
            $middle = $upper + $part * ($arc[$lowerRow + $column] - $upper) + $on * $lean;
            $first = $middle - $reach;
            // To the first cell reached: from column to column it moves by one or two.
            while ($cell >= $second && $arc[$cell - $columns] >= $first) {
                $cell -= $columns;
            }
            while ($cell < $end && $arc[$cell] < $first) {
                $cell += $columns;
            }
            for ($at = $cell; $at < $end; $at += $columns) {
                $away = $arc[$at] - $middle;
                if ($away >= $reach) {
                    break;
                }
                $cover = ($reach - ($away < 0 ? -$away : $away)) / $wide;
                if ($cover > ($marks[$at] ?? 0.0)) {
                    $marks[$at] = $cover < 1 ? $cover : 1.0;
                }
            }
        }
        $this->marks = $marks;
    }

    /** @return array{int, float} the first cell of the last row above a place, and how far it lies towards the next one, in rows */
    private function rowOf(float $xMm, float $yMm): array
    {
        $columns = $this->surface->columns;
        $column = max(0, min($columns - 1, (int) ($xMm / $this->cellMm)));
        $way = $this->flank[$column] + $yMm;
        $row = max(0, min($this->surface->rows - 2, (int) ($way / (2 * $this->halfMm[$column]) - 0.5))) * $columns;
        $from = $this->arc[$row + $column];
        $gap = $this->arc[$row + $columns + $column] - $from;

        return [$row, $gap > 0 ? ($way - $from) / $gap : 0.0];
    }
}
