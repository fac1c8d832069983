<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Pattern\PaintStep;

/**
 * How much of a coat lands on each cell of a surface, in 15 steps of its full thickness (0: none).
 *
 * What a spray leaves is proportional to the cosine between aim and surface normal, times the bell-shaped section of
 * the stroke, times what the place and the masks let through. The fade over the shoulder comes out of this by itself.
 * Both sides are sprayed alike; where their strokes meet, the heavier counts.
 */
final readonly class Coverage
{
    /** Steps of thickness up to the full coat: enough for soft edges on the Stage, few enough that films stay few. */
    public const FULL = 12;

    /** Less rounds to nothing. */
    private const LEAST = 0.5 / self::FULL;

    /** Full cover is reached a little before the brush points squarely at the surface: a painter's hand sweeps. */
    private const SWEEP = 1.06;

    /**
     * @param array<int, int> $left 1 to FULL by cell; cells that get none are not in it
     * @param array<int, int> $right the same for the right half
     * @param bool $even whether every cell gets the full thickness
     */
    private function __construct(public array $left, public array $right, public bool $mirrored, public bool $even) {}

    public static function of(PaintStep $step, Surface $surface): self
    {
        $open = self::open($step, $surface);
        $through = $step->technique->through($surface, $step->choices, $step->seed, $open);
        $even = $through === $open && self::everywhere($step);
        if ($step->place->side !== null) {
            $one = self::landed($through);

            return $step->place->side === 'left' ? new self($one, [], false, false) : new self([], $one, false, false);
        }
        $left = $even ? array_fill(0, \count($open), self::FULL) : self::landed($through);
        if ($step->technique->mirrored()) {
            return new self($left, $left, true, $even);
        }

        return new self($left, self::landed($step->technique->through($surface, $step->choices, $step->seed + 1, $open)), false, false);
    }

    /**
     * Share of the coat that would land if no mask were there, by cell.
     *
     * @return array<int, float>
     */
    private static function open(PaintStep $step, Surface $surface): array
    {
        $marks = $surface->body->marks;
        $along = array_filter(array_map(static fn(float $u): float => $step->place->along($marks, $u), $surface->u), static fn(float $share): bool => $share >= self::LEAST);
        $aimed = $step->aimDeg !== null && $step->technique->sprayed();
        $sin = $aimed ? sin(deg2rad((float) $step->aimDeg)) * self::SWEEP : 0.0;
        $cos = $aimed ? cos(deg2rad((float) $step->aimDeg)) * self::SWEEP : 0.0;
        $bell = self::bell($step, $surface);
        $aimArc = $bell === null ? [] : self::aimArc($step, $surface);
        $ny = $surface->normalY;
        $nz = $surface->normalZ;
        $arc = $surface->arcMm;
        if (self::everywhere($step)) {
            return array_fill(0, $surface->rows * $surface->columns, 1.0);
        }
        $least = self::LEAST;
        $open = [];
        foreach ($surface->theta as $row => $theta) {
            $around = $step->place->around($marks, $theta);
            if ($around < $least) {
                continue;
            }
            $first = $row * $surface->columns;
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

        return $open;
    }

    /** Whether nothing keeps the coat from any part of the body: no aim, no width, no place of its own. */
    private static function everywhere(PaintStep $step): bool
    {
        return $step->place->zone === Zone::Whole && (($step->widthMm === null && $step->aimDeg === null) || ! $step->technique->sprayed());
    }

    /**
     * Section of the stroke by quarter millimetres from its middle: half at half the width. What is put on by hand has none.
     *
     * @return list<float>|null
     */
    private static function bell(PaintStep $step, Surface $surface): ?array
    {
        if ($step->widthMm === null || ! $step->technique->sprayed()) {
            return null;
        }
        $bell = [];
        $half = $step->widthMm / 2;
        for ($quarter = 0; $quarter / 4 < $half * 2.6; $quarter++) {
            $bell[] = exp(-M_LN2 * ($quarter / 4 / $half) ** 2);
        }

        return $bell;
    }

    /**
     * Way around the section, in mm from the ridge, to the line the brush points at, by column.
     *
     * @return list<float>
     */
    private static function aimArc(PaintStep $step, Surface $surface): array
    {
        $aim = $step->aimDeg ?? 90.0;
        $row = (int) round($aim / 180 * $surface->rows - 0.5);
        $arcs = [];
        foreach (array_keys($surface->u) as $column) {
            $arcs[] = match (true) {
                $row < 0, $aim <= 0 => 0.0,
                $row >= $surface->rows => $surface->arcMm[($surface->rows - 1) * $surface->columns + $column],
                default => $surface->arcMm[$row * $surface->columns + $column],
            };
        }

        return $arcs;
    }

    /**
     * @param array<int, float> $shares
     *
     * @return array<int, int>
     */
    private static function landed(array $shares): array
    {
        $least = self::LEAST;
        $full = self::FULL;
        $landed = [];
        foreach ($shares as $cell => $share) {
            if ($share >= $least) {
                $landed[$cell] = (int) ($share * $full + 0.5);
            }
        }

        return $landed;
    }
}
