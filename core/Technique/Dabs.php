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

    private readonly float $cellMm;

    /** @var list<float> */
    private readonly array $arc;

    /** @var list<float> */
    private readonly array $flank;

    private readonly int $fromColumn;

    private readonly int $toColumn;

    private readonly int $fromRow;

    /** The first cell behind the last row. */
    private readonly int $end;

    /** y of the highest and of the lowest cell where the coat can land. */
    private readonly float $highest;

    private readonly float $lowest;

    /** The mean height of a cell where the body is deepest. */
    private readonly float $rowMm;

    public function __construct(private readonly Surface $surface, private readonly OpenSpray $open)
    {
        $this->cellMm = $surface->body->lengthMm / $surface->columns;
        $this->arc = $surface->arcMm;
        $this->flank = $surface->flankMm;
        [$this->fromColumn, $this->toColumn, $this->fromRow, $toRow] = $open->reach();
        $this->end = ($toRow + 1) * $surface->columns;
        $highest = INF;
        $lowest = -INF;
        for ($column = $this->fromColumn; $column <= $this->toColumn && $toRow >= 0; $column++) {
            $highest = min($highest, $this->arc[$this->fromRow * $surface->columns + $column] - $this->flank[$column]);
            $lowest = max($lowest, $this->arc[$toRow * $surface->columns + $column] - $this->flank[$column]);
        }
        $this->rowMm = $surface->deepestMm() / $surface->rows;
        $this->highest = $highest;
        $this->lowest = $lowest;
    }

    /** @return array<int, float> the part of the coat that falls on the marks */
    public function through(): array
    {
        return $this->open->over($this->marks);
    }

    /** A round mark of $radius around x and y in mm, with an edge $soft wide on either side of it. */
    public function dab(float $xMm, float $yMm, float $radius, float $soft): void
    {
        $edge = $radius + $soft;
        // Cells are up to four times as tall as long: a mark whose edge is sharper than they are is met at three heights.
        $third = $this->rowMm / 3;
        $sharp = $soft < $third;
        $reach = $sharp ? $edge + $third : $edge;
        if ($yMm + $reach < $this->highest || $yMm - $reach > $this->lowest) {
            return;
        }
        $heights = $sharp ? [-$third, 0.0, $third] : [0.0];
        $part = 1 / \count($heights);
        $whole = $radius - $soft;
        $cellMm = $this->cellMm;
        $from = max($this->fromColumn, (int) floor(($xMm - $reach) / $cellMm));
        $to = min($this->toColumn, (int) ceil(($xMm + $reach) / $cellMm));
        if ($from > $to) {
            return;
        }
        $arc = $this->arc;
        $columns = $this->surface->columns;
        $top = ($this->fromRow + 1) * $columns;
        $end = $this->end;
        $cell = $this->firstAt($from, $this->flank[$from] + $yMm - $reach);
        for ($column = $from; $column <= $to; $column++) {
            $middle = $this->flank[$column] + $yMm;
            // From column to column the first row reached moves by one or two.
            $least = $middle - $reach;
            while ($cell >= $top && $arc[$cell - $columns] >= $least) {
                $cell -= $columns;
            }
            while ($cell < $end && $arc[$cell] < $least) {
                $cell += $columns;
            }
            $dx = ($column + 0.5) * $cellMm - $xMm;
            $square = $dx * $dx;
            for ($at = $cell; $at < $end; $at += $columns) {
                $dy = $arc[$at] - $middle;
                if ($dy > $reach) {
                    break;
                }
                $cover = 0.0;
                foreach ($heights as $height) {
                    $down = $dy + $height;
                    $distance = sqrt($square + $down * $down);
                    if ($distance < $edge) {
                        $cover += $distance <= $whole ? 1.0 : ($edge - $distance) / (2 * $soft);
                    }
                }
                $cover *= $part;
                if ($cover > ($this->marks[$at] ?? 0.0)) {
                    $this->marks[$at] = $cover;
                }
            }
            $cell++;
        }
    }

    /**
     * A streak along the side, $long from x and y in mm, falling by $lean of its way, from its full half-width to a
     * $taper of it.
     */
    public function streak(float $xMm, float $yMm, float $long, float $lean, float $half, float $taper, float $soft): void
    {
        $low = $yMm + $half + $soft + max(0.0, $lean * $long);
        $high = $yMm - $half - $soft + min(0.0, $lean * $long);
        if ($low < $this->highest || $high > $this->lowest) {
            return;
        }
        $arc = $this->arc;
        $columns = $this->surface->columns;
        $from = max($this->fromColumn, (int) floor(($xMm - $half - $soft) / $this->cellMm));
        $to = min($this->toColumn, (int) ceil(($xMm + $long + $half + $soft) / $this->cellMm));
        for ($column = $from; $column <= $to; $column++) {
            $along = ($column + 0.5) * $this->cellMm - $xMm;
            $on = max(0.0, min($long, $along));
            // Beyond its ends it is round.
            $reach = $half * (1 - (1 - $taper) * $on / $long) + $soft - abs($along - $on);
            if ($reach <= 0) {
                continue;
            }
            $middle = $this->flank[$column] + $yMm + $on * $lean;
            for ($cell = $this->firstAt($column, $middle - $reach); $cell < $this->end; $cell += $columns) {
                $away = $arc[$cell] - $middle;
                if ($away >= $reach) {
                    break;
                }
                $cover = min(1.0, ($reach - abs($away)) / (2 * $soft));
                if ($cover > ($this->marks[$cell] ?? 0.0)) {
                    $this->marks[$cell] = $cover;
                }
            }
        }
    }

    /** Takes out of the marks what others cover. */
    public function without(self $others): void
    {
        foreach ($others->marks as $cell => $share) {
            $this->marks[$cell] = max(0.0, ($this->marks[$cell] ?? 0.0) - $share);
        }
    }

    /** The first cell of a column at or beyond so many mm from the ridge; the way around only grows from row to row. */
    private function firstAt(int $column, float $arcMm): int
    {
        $columns = $this->surface->columns;
        $first = $this->fromRow;
        $behind = intdiv($this->end, $columns);
        while ($first < $behind) {
            $row = ($first + $behind) >> 1;
            if ($this->arc[$row * $columns + $column] < $arcMm) {
                $first = $row + 1;
            } else {
                $behind = $row;
            }
        }

        return $first * $columns + $column;
    }
}
