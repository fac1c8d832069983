<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

use Hawkbrush\Core\Body\Extent;
use Hawkbrush\Core\Body\Surface;

/**
 * What of a coat would land on the left half if no mask were there, as shares from 0 to 1 by cell.
 *
 * What a spray leaves is proportional to the cosine between aim and surface normal, times the bell-shaped section of
 * the stroke, times what the place lets through. The fade over the shoulder comes out of this by itself. Worked out for
 * the cells that are asked for: most marks are small.
 */
final class OpenSpray
{
    /** A smaller share of a coat is not seen: half of the steps in which films are worked out. */
    public const LEAST = 0.5 / 12;

    /** Full cover is reached a little before the brush points squarely at the surface: a painter's hand sweeps. */
    private const SWEEP = 1.06;

    /** Marks are many if they take up more than one cell in so many. */
    private const MANY = 3;

    /** @var array<int, float>|null */
    private ?array $all = null;

    private bool $asked = false;

    /** @var array{float, float}|null */
    private ?array $heights = null;

    /**
     * @param Extent|null $corners the place, if it has corners to round: then what follows is the power of how far out a column or row lies
     * @param array<int, float>|null $along share by column; null: all of it everywhere
     * @param array<int, float> $around share by row
     * @param array{float, float}|null $aim sine and cosine
     * @param list<float>|null $bell section of the stroke by quarter millimetres from its middle
     * @param list<float> $aimArc way around in mm to the line the brush points at, by column
     * @param Aim|null $from where the brush stands, for what throws a shadow; null: turned all round, and square
     */
    private function __construct(
        private readonly Surface $surface,
        private readonly ?Extent $corners,
        private readonly ?array $along,
        private readonly array $around,
        private readonly ?array $aim,
        private readonly ?array $bell,
        private readonly array $aimArc,
        public readonly ?Aim $from,
    ) {}

    /** All of the coat on every cell. */
    public static function everywhere(Surface $surface): self
    {
        return new self($surface, null, null, [], null, null, [], null);
    }

    /**
     * @param float|null $aimDeg where the brush points from, 0 above to 180 below; null: turned all round
     * @param float|null $widthMm of the stroke; null: fanned out
     * @param float $slantDeg along the bait, from the nose towards the tail
     */
    public static function on(Surface $surface, Extent $place, ?float $aimDeg, ?float $widthMm, float $slantDeg = 0.0): self
    {
        $counts = static fn(float $share): bool => $share >= self::LEAST;
        $along = array_filter(array_map($place->along(...), $surface->u), $counts);
        $around = array_filter(array_map($place->around(...), $surface->theta), $counts);
        $corners = $place->hasCorners() ? $place : null;
        if ($corners !== null) {
            $along = array_map(static fn(float $u): float => $place->power($place->outU($u)), array_intersect_key($surface->u, $along));
            $around = array_map(
                static fn(float $deg): float => $place->power($place->outDeg($deg)),
                array_intersect_key($surface->theta, $around),
            );
        }

        return new self(
            $surface,
            $corners,
            $along,
            $around,
            $aimDeg === null ? null : [sin(deg2rad($aimDeg)) * self::SWEEP, cos(deg2rad($aimDeg)) * self::SWEEP],
            $widthMm === null ? null : Stroke::bell($widthMm),
            $widthMm === null ? [] : Stroke::middle($surface, $aimDeg ?? 90.0),
            $aimDeg === null && $slantDeg === 0.0 ? null : Aim::of($aimDeg, $slantDeg),
        );
    }

    /** @return array<int, float> by cell; cells that get none are not in it */
    public function all(): array
    {
        if ($this->all !== null) {
            return $this->all;
        }
        if ($this->along === null) {
            return $this->all = array_fill(0, $this->surface->rows * $this->surface->columns, 1.0);
        }
        $open = [];
        foreach ($this->around as $row => $share) {
            $this->row($row, $this->along, $open);
        }

        return $this->all = $open;
    }

    /**
     * Whether these are all of its shares, as {@see all} gave them.
     *
     * @param array<int, float> $shares
     */
    public function gave(array $shares): bool
    {
        return $this->all !== null && $shares === $this->all;
    }

    /** @return array{int, int, int, int} the first and last column and the first and last row that get any */
    public function reach(): array
    {
        if ($this->along === null) {
            return [0, $this->surface->columns - 1, 0, $this->surface->rows - 1];
        }

        return [
            array_key_first($this->along) ?? 0,
            array_key_last($this->along) ?? -1,
            array_key_first($this->around) ?? 0,
            array_key_last($this->around) ?? -1,
        ];
    }

    /** @return array{float, float} y in mm of the highest and of the lowest cell that gets any; INF and -INF if none does */
    public function heights(): array
    {
        if ($this->heights !== null) {
            return $this->heights;
        }
        [$first, $last, $top, $bottom] = $this->reach();
        $highest = INF;
        $lowest = -INF;
        for ($column = $first; $column <= $last && $bottom >= 0; $column++) {
            $flank = $this->surface->flankMm[$column];
            $highest = min($highest, $this->surface->arcMm[$top * $this->surface->columns + $column] - $flank);
            $lowest = max($lowest, $this->surface->arcMm[$bottom * $this->surface->columns + $column] - $flank);
        }

        return $this->heights = [$highest, $lowest];
    }

    /**
     * What falls on marks.
     *
     * @param array<int, float> $marks share of each cell that is open
     *
     * @return array<int, float>
     */
    public function over(array $marks): array
    {
        if ($this->along === null) {
            return $marks;
        }
        // Asked for the second time, or for many, it is worked out for all.
        $open = $this->all ?? (
            $this->asked || self::MANY * \count($marks) > \count($this->along) * \count($this->around) ? $this->all() : null
        );
        $this->asked = true;
        // A place lies alike on both halves.
        $half = $this->surface->rows * $this->surface->columns;
        if ($open === null) {
            $columns = $this->surface->columns;
            $rows = $open = [];
            foreach ($marks as $cell => $share) {
                $cell = $cell < $half ? $cell : $cell - $half;
                $column = $cell % $columns;
                if (isset($this->along[$column])) {
                    $rows[intdiv($cell, $columns)][$column] = $this->along[$column];
                }
            }
            foreach (array_intersect_key($rows, $this->around) as $row => $along) {
                $this->row($row, $along, $open);
            }
        }
        $through = [];
        foreach ($marks as $cell => $share) {
            $own = $cell < $half ? $cell : $cell - $half;
            if (isset($open[$own])) {
                $through[$cell] = $open[$own] * $share;
            }
        }

        return $through;
    }

    /**
     * @param array<int, float> $along share by column
     * @param array<int, float> $open added to
     */
    private function row(int $row, array $along, array &$open): void
    {
        $surface = $this->surface;
        $around = $this->around[$row];
        $first = $row * $surface->columns;
        [$sin, $cos] = $this->aim ?? [0.0, 0.0];
        $aimed = $this->aim !== null;
        $bell = $this->bell;
        $aimArc = $this->aimArc;
        $ny = $surface->normalY;
        $nz = $surface->normalZ;
        $arc = $surface->arcMm;
        $least = self::LEAST;
        if ($this->corners !== null) {
            $along = $this->corners->fades($along, $around);
            $around = 1.0;
        }
        foreach ($along as $column => $share) {
            $cell = $first + $column;
            $lands = $share * $around;
            if ($bell !== null) {
                $away = (int) (($arc[$cell] - $aimArc[$column]) * 4);
                $lands *= $bell[$away < 0 ? -$away : $away] ?? 0.0;
            }
            if ($lands < $least) {
                continue;
            }
            if ($aimed) {
                // On the left half the stroke of this side always lies squarer than the other side's.
                $facing = $nz[$cell] * $cos + $ny[$cell] * $sin;
                if ($facing < 1) {
                    $lands *= $facing < 0 ? 0.0 : $facing;
                    if ($lands < $least) {
                        continue;
                    }
                }
            }
            $open[$cell] = $lands;
        }
    }
}
