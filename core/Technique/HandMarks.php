<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

use Hawkbrush\Core\Body\Surface;

/**
 * Marks laid one over the other, each counting where it covers more than what is there. There may be thousands, so that only the
 * part of the body is looked at where the coat can land at all.
 */
abstract class HandMarks
{
    /** @var array<int, float> share covered so far, by cell */
    protected array $marks = [];

    /** @var array<int, float> the same on the other half, of marks that reach over ridge or keel */
    protected array $beyond = [];

    protected readonly float $cellMm;

    /** @var list<float> */
    protected readonly array $keel;

    /** @var list<float> */
    protected readonly array $arc;

    /** @var list<float> */
    protected readonly array $flank;

    protected readonly int $fromColumn;

    protected readonly int $toColumn;

    protected readonly int $fromRow;

    /** The first cell behind the last row. */
    protected readonly int $end;

    /** The first cell of the second row. */
    protected readonly int $second;

    /** y of the highest and of the lowest cell where the coat can land. */
    protected readonly float $highest;

    protected readonly float $lowest;

    /** The mean height of a cell where the body is deepest. */
    protected readonly float $rowMm;

    /** @var list<float> half the mean height of a cell, by column */
    protected readonly array $halfMm;

    final public function __construct(protected readonly Surface $surface, private readonly OpenSpray $open)
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
    final public function falls(float $xMm, float $yMm, float $luck): bool
    {
        $column = (int) ($xMm / $this->cellMm);
        if ($column < $this->fromColumn || $column > $this->toColumn || ! $this->reaches($yMm, 0.0)) {
            return false;
        }

        return $luck < ($this->open->all()[$this->near($column, $this->flank[$column] + $yMm)] ?? 0.0);
    }

    /** Whether marks that lie within so many mm of y can land at all. */
    final public function reaches(float $yMm, float $reach): bool
    {
        return $yMm + $reach >= $this->highest && $yMm - $reach <= $this->lowest;
    }

    /** Takes out of the marks what others cover. */
    final public function without(self $others): void
    {
        foreach ($others->marks as $cell => $share) {
            $this->marks[$cell] = max(0.0, ($this->marks[$cell] ?? 0.0) - $share);
        }
        foreach ($others->beyond as $cell => $share) {
            $this->beyond[$cell] = max(0.0, ($this->beyond[$cell] ?? 0.0) - $share);
        }
    }

    /** @return array{int, int} the first and the last column from x to x in mm in which the coat can land */
    final protected function columns(float $fromMm, float $toMm): array
    {
        $from = (int) ($fromMm / $this->cellMm);
        $to = (int) ($toMm / $this->cellMm);

        return [$from > $this->fromColumn ? $from : $this->fromColumn, $to < $this->toColumn ? $to : $this->toColumn];
    }

    /** A cell of a column about so many mm from the ridge: as if all rows were alike. */
    final protected function near(int $column, float $arcMm): int
    {
        $columns = $this->surface->columns;
        $row = (int) ($arcMm / (2 * $this->halfMm[$column]));
        $cell = $row * $columns + $column;

        return $cell >= $this->end
            ? $this->end - $columns + $column
            : ($row < $this->fromRow ? $this->fromRow * $columns + $column : $cell);
    }
}
