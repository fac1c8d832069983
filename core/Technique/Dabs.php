<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

/** Round marks, and lines of them. */
final class Dabs extends HandMarks
{
    /**
     * A round mark of $radius around x and y in mm, with an edge $soft wide on either side of it. One whose middle lies on the
     * other half is not laid: that half has its own.
     */
    public function dab(float $xMm, float $yMm, float $radius, float $soft): void
    {
        // Cells are up to four times as tall as long: of a mark whose edge is sharper than they are, each gets what of
        // its height lies within two discs that thin the edge as evenly as all between them would (Gauss's two points).
        $sharp = $soft < $this->rowMm / 3;
        $off = $sharp ? $soft / M_SQRT3 : $soft;
        $edge = $radius + $off;
        $reach = $sharp ? $edge + $this->rowMm / 2 : $edge;
        $column = (int) ($xMm / $this->cellMm);
        $column = $column < 0 ? 0 : ($column < $this->surface->columns ? $column : $this->surface->columns - 1);
        $way = $this->flank[$column] + $yMm;
        $keel = $this->keel[$column];
        if ($way < 0 || $way > $keel) {
            return;
        }
        if ($way < $reach || $keel - $way < $reach) {
            $this->dabAcross($xMm, $way < $keel - $way, min($way, $keel - $way), $radius, max($soft, $this->halfMm[$column] / 2));

            return;
        }
        // See reaches(), written out.
        if ($yMm + $reach < $this->highest || $yMm - $reach > $this->lowest) {
            return;
        }
        $this->lay($xMm, $yMm, $radius - $off, $edge, $reach, $soft, $sharp);
    }

    /**
     * A dab whose middle lies on this half, away from ridge and keel.
     *
     * @param float $whole radius of what it covers in full
     * @param float $edge radius of all it covers
     * @param float $reach how far that goes up and down, by whole cells
     * @param bool $sharp whether its edge is sharper than cells are tall
     */
    private function lay(float $xMm, float $yMm, float $whole, float $edge, float $reach, float $soft, bool $sharp): void
    {
        $wholeSquare = $whole > 0 ? $whole * $whole : 0.0;
        $wide = 2 * $soft;
        $cellMm = $this->cellMm;
        [$from, $to] = $this->columns($xMm - $edge, $xMm + $edge);
        if ($from > $to) {
            return;
        }
        [$arc, $flank, $columns, $end, $second] = [$this->arc, $this->flank, $this->surface->columns, $this->end, $this->second];
        // Written to in place, and given back below.
        [$marks, $this->marks] = [$this->marks, []];
        $cell = $this->near($from, $flank[$from] + $yMm - $reach);
        for ($column = $from; $column <= $to; $column++, $cell++) {
            $dx = ($column + 0.5) * $cellMm - $xMm;
            $square = $dx * $dx;
            $outer = $edge * $edge - $square;
            if ($outer <= 0) {
                continue;
            }
            $middle = $flank[$column] + $yMm;
            $outer = sqrt($outer);
            $half = $sharp ? $this->halfMm[$column] : 0.0;
            [$first, $last] = [$middle - $outer - $half, $middle + $outer + $half];
            // To the first cell reached: from column to column it moves by one or two.
            while ($cell >= $second && $arc[$cell - $columns] >= $first) {
                $cell -= $columns;
            }
            while ($cell < $end && $arc[$cell] < $first) {
                $cell += $columns;
            }
            if ($sharp) {
                $inner = $wholeSquare > $square ? sqrt($wholeSquare - $square) : 0.0;
                for ($at = $cell; $at < $end && $arc[$at] <= $last; $at += $columns) {
                    $away = $arc[$at] - $middle;
                    $low = ($away < 0 ? -$away : $away) - $half;
                    $cover = self::height($low, $low + 2 * $half, $outer, $inner) / (4 * $half);
                    if ($cover > ($marks[$at] ?? 0.0)) {
                        $marks[$at] = $cover < 1 ? $cover : 1.0;
                    }
                }

                continue;
            }
            for ($at = $cell; $at < $end && $arc[$at] <= $last; $at += $columns) {
                $away = $arc[$at] - $middle;
                $away = $square + $away * $away;
                if ($away <= $wholeSquare) {
                    $marks[$at] = 1.0;

                    continue;
                }
                $cover = ($edge - sqrt($away)) / $wide;
                if ($cover > ($marks[$at] ?? 0.0)) {
                    $marks[$at] = $cover;
                }
            }
        }
        $this->marks = $marks;
    }

    /** How much of a cell's height lies within each of two discs, whose half heights are given, in mm. */
    private static function height(float $low, float $high, float $outer, float $inner): float
    {
        $in = ($high < $outer ? $high : $outer) - ($low > -$outer ? $low : -$outer);

        return $low >= $inner ? $in : $in + ($high < $inner ? $high : $inner) - ($low > -$inner ? $low : -$inner);
    }

    /**
     * A line from point to point, as a pen or a fine brush draws it.
     *
     * @param non-empty-list<array{float, float}> $points x and y in mm
     */
    public function stroke(array $points, float $widthMm, float $soft): void
    {
        $radius = $widthMm / 2;
        [$x, $y] = $points[0];
        foreach ($points as [$toX, $toY]) {
            $long = hypot($toX - $x, $toY - $y);
            $steps = max(1, (int) ceil($long / max(0.08, $radius * 0.6)));
            for ($step = 1; $step <= $steps; $step++) {
                $this->dab($x + ($toX - $x) * $step / $steps, $y + ($toY - $y) * $step / $steps, $radius, $soft);
            }
            [$x, $y] = [$toX, $toY];
        }
    }

    /**
     * A round mark that reaches over the ridge or the keel: measured from there, it comes out round on both halves.
     *
     * @param float $away of its middle from ridge or keel, mm
     */
    private function dabAcross(float $xMm, bool $ridge, float $away, float $radius, float $soft): void
    {
        $surface = $this->surface;
        $columns = $surface->columns;
        $edge = $radius + $soft;
        $to = min($this->toColumn, (int) (($xMm + $edge) / $this->cellMm));
        for ($column = max($this->fromColumn, (int) (($xMm - $edge) / $this->cellMm)); $column <= $to; $column++) {
            $along = (($column + 0.5) * $this->cellMm - $xMm) ** 2;
            for ($n = 0; $n < $surface->rows; $n++) {
                $cell = ($ridge ? $n : $surface->rows - 1 - $n) * $columns + $column;
                $way = $ridge ? $this->arc[$cell] : $this->keel[$column] - $this->arc[$cell];
                if ($way - $away > $edge) {
                    break;
                }
                $cover = min(1.0, ($edge - sqrt($along + ($way - $away) ** 2)) / (2 * $soft));
                if ($cover > ($this->marks[$cell] ?? 0.0)) {
                    $this->marks[$cell] = $cover;
                }
                $cover = min(1.0, ($edge - sqrt($along + ($way + $away) ** 2)) / (2 * $soft));
                if ($cover > ($this->beyond[$cell] ?? 0.0)) {
                    $this->beyond[$cell] = $cover;
                }
            }
        }
    }
}
