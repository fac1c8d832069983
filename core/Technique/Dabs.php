<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

use Hawkbrush\Core\Body\Surface;

/**
 * Round marks and streaks laid one over the other, each counting where it covers more than what is there. There may be
 * thousands, so that only the part of the body is looked at where the coat can land at all.
 */
final class Dabs
{
    /** @var array<int, float> share covered so far, by cell */
    private array $marks = [];

    /** @var array<int, float> the same on the other half, of marks that reach over ridge or keel */
    private array $beyond = [];

    private readonly float $cellMm;

    /** @var list<float> */
    private readonly array $keel;

    /** @var list<float> */
    private readonly array $arc;

    /** @var list<float> */
    private readonly array $flank;

    private readonly int $fromColumn;

    private readonly int $toColumn;

    private readonly int $fromRow;

    /** The first cell behind the last row. */
    private readonly int $end;

    /** The first cell of the second row. */
    private readonly int $second;

    /** y of the highest and of the lowest cell where the coat can land. */
    private readonly float $highest;

    private readonly float $lowest;

    /** The mean height of a cell where the body is deepest. */
    private readonly float $rowMm;

    /** @var list<float> half the mean height of a cell, by column */
    private readonly array $halfMm;

    public function __construct(private readonly Surface $surface, private readonly OpenSpray $open)
    {
        $this->cellMm = $surface->body->lengthMm / $surface->columns;
        $this->arc = $surface->arcMm;
        $this->flank = $surface->flankMm;
        $this->keel = $surface->keelMm;
        [$this->fromColumn, $this->toColumn, $this->fromRow, $toRow] = $open->reach();
        $this->end = ($toRow + 1) * $surface->columns;
        $this->second = ($this->fromRow + 1) * $surface->columns;
        [$this->highest, $this->lowest] = $open->heights();
        $this->rowMm = $surface->deepestMm() / $surface->rows;
        $this->halfMm = $surface->halfMm;
    }

    /** @return array<int, float> the part of the coat that falls on the marks */
    public function through(): array
    {
        return $this->open->over($this->whole());
    }

    /** @return array<int, float> the marks in full: those that {@see falls} let through, whose place has no other edge */
    public function whole(): array
    {
        $half = $this->surface->rows * $this->surface->columns;
        $all = $this->marks;
        foreach ($this->beyond as $cell => $share) {
            $all[$half + $cell] = $share;
        }

        return $all;
    }

    /**
     * Whether a mark that is thrown here falls within the place: towards its soft edge fewer do, but none of them fainter.
     *
     * @param float $luck by chance, 0 to 1
     */
    public function falls(float $xMm, float $yMm, float $luck): bool
    {
        $column = (int) ($xMm / $this->cellMm);
        if ($column < $this->fromColumn || $column > $this->toColumn || ! $this->reaches($yMm, 0.0)) {
            return false;
        }

        return $luck < ($this->open->all()[$this->near($column, $this->flank[$column] + $yMm)] ?? 0.0);
    }

    /** Whether marks that lie within so many mm of y can land at all. */
    public function reaches(float $yMm, float $reach): bool
    {
        return $yMm + $reach >= $this->highest && $yMm - $reach <= $this->lowest;
    }

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
        $whole = $radius > $off ? $radius - $off : 0.0;
        $wholeSquare = $whole * $whole;
        $wide = 2 * $soft;
        $cellMm = $this->cellMm;
        $from = (int) (($xMm - $edge) / $cellMm);
        $from = $from > $this->fromColumn ? $from : $this->fromColumn;
        $to = (int) (($xMm + $edge) / $cellMm);
        $to = $to < $this->toColumn ? $to : $this->toColumn;
        if ($from > $to) {
            return;
        }
        $arc = $this->arc;
        $flank = $this->flank;
        $columns = $this->surface->columns;
        $end = $this->end;
        $second = $this->second;
        // Written to in place, and given back below.
        $marks = $this->marks;
        $this->marks = [];
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
            $last = $middle + $outer + $half;
            $first = $middle - $outer - $half;
            // To the first cell reached: from column to column it moves by one or two.
            while ($cell >= $second && $arc[$cell - $columns] >= $first) {
                $cell -= $columns;
            }
            while ($cell < $end && $arc[$cell] < $first) {
                $cell += $columns;
            }
            if ($sharp) {
                $inner = $wholeSquare > $square ? sqrt($wholeSquare - $square) : 0.0;
                $all = 4 * $half;
                for ($at = $cell; $at < $end && $arc[$at] <= $last; $at += $columns) {
                    $away = $arc[$at] - $middle;
                    $low = ($away < 0 ? -$away : $away) - $half;
                    $high = $low + 2 * $half;
                    $cover = ($high < $outer ? $high : $outer) - ($low > -$outer ? $low : -$outer);
                    if ($low < $inner) {
                        $cover += ($high < $inner ? $high : $inner) - ($low > -$inner ? $low : -$inner);
                    }
                    $cover /= $all;
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

    /** Takes out of the marks what others cover. */
    public function without(self $others): void
    {
        foreach ($others->marks as $cell => $share) {
            $this->marks[$cell] = max(0.0, ($this->marks[$cell] ?? 0.0) - $share);
        }
        foreach ($others->beyond as $cell => $share) {
            $this->beyond[$cell] = max(0.0, ($this->beyond[$cell] ?? 0.0) - $share);
        }
    }

    /** A cell of a column about so many mm from the ridge: as if all rows were alike. */
    private function near(int $column, float $arcMm): int
    {
        $columns = $this->surface->columns;
        $row = (int) ($arcMm / (2 * $this->halfMm[$column]));
        $cell = $row * $columns + $column;

        return $cell >= $this->end
            ? $this->end - $columns + $column
            : ($row < $this->fromRow ? $this->fromRow * $columns + $column : $cell);
    }
}
