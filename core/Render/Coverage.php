<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Pattern\PaintStep;
use Hawkbrush\Core\Technique\OpenSpray;

/**
 * How much of a coat lands on each cell of a surface, as a share of its full thickness.
 * Both sides are sprayed alike; where their strokes meet, the heavier counts.
 */
final readonly class Coverage
{
    /** Steps of thickness in which films are worked out, up to the full coat: enough for soft edges on the Stage, few enough that films stay few. */
    public const FULL = 12;

    /**
     * @param array<int, float> $left share by cell, at most 1; cells that get too little to count are not in it
     * @param array<int, float> $right the same for the right half
     * @param bool $even whether every cell gets the full thickness
     */
    private function __construct(public array $left, public array $right, public bool $mirrored, public bool $even) {}

    public static function of(PaintStep $step, Surface $surface): self
    {
        $open = self::open($step, $surface);
        $marks = $step->marks();
        $through = $step->technique->through($surface, $marks, $step->seed, $open);
        $even = self::everywhere($step) && $open->gave($through);
        if ($step->place->side !== null) {
            $one = self::landed($through, $open);

            return $step->place->side === 'left' ? new self($one, [], false, false) : new self([], $one, false, false);
        }
        $left = self::landed($through, $open);
        if ($step->technique->mirrored()) {
            return new self($left, $left, true, $even);
        }

        return new self($left, self::landed($step->technique->through($surface, $marks, $step->seed + 1, $open), $open), false, false);
    }

    /** The share of a coat as films are worked out: in whole steps. */
    public static function stepped(float $share): float
    {
        return (int) ($share * self::FULL + 0.5) / self::FULL;
    }

    private static function open(PaintStep $step, Surface $surface): OpenSpray
    {
        if (self::everywhere($step)) {
            return OpenSpray::everywhere($surface);
        }
        $sprayed = $step->technique->sprayed();

        return OpenSpray::on($surface, $step->place->extent($surface->body->marks), $sprayed ? $step->aimDeg : null, $sprayed ? $step->widthMm : null);
    }

    /** Whether nothing keeps the coat from any part of the body: no aim, no width, no place of its own. */
    private static function everywhere(PaintStep $step): bool
    {
        return $step->place->zone === Zone::Whole && (($step->widthMm === null && $step->aimDeg === null) || ! $step->technique->sprayed());
    }

    /**
     * Without what is too little to count; the open spray has none.
     *
     * @param array<int, float> $shares
     *
     * @return array<int, float>
     */
    private static function landed(array $shares, OpenSpray $open): array
    {
        if ($open->gave($shares)) {
            return $shares;
        }
        $least = OpenSpray::LEAST;
        foreach ($shares as $cell => $share) {
            if ($share < $least) {
                unset($shares[$cell]);
            }
        }

        return $shares;
    }
}
