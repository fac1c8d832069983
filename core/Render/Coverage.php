<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Sided;
use Hawkbrush\Core\Technique\Technique;

/**
 * How much of a coat lands on each cell of a surface, as a share of its full thickness.
 * Both sides are sprayed alike; where their strokes meet, the heavier counts.
 */
final readonly class Coverage
{
    /** Steps of thickness in which films are worked out, up to the full coat: enough for soft edges on the Stage, few enough that films stay few. */
    public const FULL = 12;

    /** Share of a coat of size that holds every flake. A guess. */
    private const HOLDS = 0.3;

    /**
     * @param array<int, float> $left share by cell, at most 1; cells that get too little to count are not in it
     * @param array<int, float> $right the same for the right half
     * @param bool $even whether every cell gets the full thickness
     */
    private function __construct(public array $left, public array $right, public bool $mirrored, public bool $even) {}

    /**
     * What is known to land, on cells that need not be those of a whole bait.
     *
     * @param array<int, float> $shares by cell, at most 1
     */
    public static function shares(array $shares): self
    {
        return new self($shares, $shares, true, false);
    }

    /** @param array<mixed> $plain as {@see toArray} gave it */
    public static function fromArray(array $plain, Surface $surface): self
    {
        /** @var array{array<int, float>|null, array<int, float>|null, bool} $plain */
        [$left, $right, $mirrored] = $plain;
        if ($left === null) {
            $full = array_fill(0, $surface->rows * $surface->columns, 1.0);

            return new self($full, $full, true, true);
        }

        return new self($left, $right ?? $left, $mirrored, false);
    }

    /** @return array<mixed> as numbers and lists of them */
    public function toArray(): array
    {
        return $this->even ? [null, null, true] : [$this->left, $this->right === $this->left ? null : $this->right, $this->mirrored];
    }

    /** @param OpenSprays|null $sprays of the surface, if other coats go over it */
    public static function land(Coat $coat, Surface $surface, ?OpenSprays $sprays = null): self
    {
        $landed = self::thrown($coat, $surface, $sprays);
        if ($coat->clingsTo === null) {
            return $landed;
        }
        $size = self::land($coat->clingsTo, $surface, $sprays);
        $mirrored = $landed->mirrored && $size->mirrored;

        return $coat->clingsTo->holdsFlakes()
            ? new self(self::clinging($landed->left, $size->left), self::clinging($landed->right, $size->right), $mirrored, false)
            : new self([], [], $mirrored, false);
    }

    private static function thrown(Coat $coat, Surface $surface, ?OpenSprays $sprays): self
    {
        $open = ($sprays ?? new OpenSprays($surface))->for($coat);
        $technique = $coat->technique;
        $side = $coat->place->side;
        $seeds = $technique->mirrored() || $side !== null ? [$coat->seed] : [$coat->seed, $coat->seed + 1];
        $sides = self::through($technique, $surface, $coat->marks(), $seeds, $open);
        if (OpenSprays::everywhere($coat) && $side === null && $technique->mirrored() && $open->gave($sides[0])) {
            return new self($sides[0], $sides[0], true, true);
        }
        $halves = array_map(static fn(array $shares): array => self::halves($shares, $open, $surface), $sides);
        [$own, $beyond] = $halves[0];
        [$other, $back] = $halves[1] ?? $halves[0];
        if ($side !== null) {
            return $side === 'left' ? new self($own, $beyond, false, false) : new self($beyond, $own, false, false);
        }
        $left = self::heavier($own, $back);

        return new self($left, $technique->mirrored() ? $left : self::heavier($other, $beyond), $technique->mirrored(), false);
    }

    /**
     * @param non-empty-list<int> $seeds
     *
     * @return non-empty-list<array<int, float>> the shares for each
     */
    private static function through(Technique $technique, Surface $surface, Choices $marks, array $seeds, OpenSpray $open): array
    {
        return $technique instanceof Sided
            ? $technique->sides($surface, $marks, $seeds, $open)
            : array_map(static fn(int $seed): array => $technique->through($surface, $marks, $seed, $open), $seeds);
    }

    /** Area it lands on, each mm2 by its share of the full thickness. */
    public function areaMm2(Surface $surface): float
    {
        $area = 0.0;
        foreach ([$this->left, $this->right] as $side) {
            foreach ($side as $cell => $share) {
                $area += $surface->areaMm2[$cell] * $share;
            }
        }

        return $area;
    }

    /** The share of a coat as films are worked out: in whole steps. */
    public static function stepped(float $share): float
    {
        return (int) ($share * self::FULL + 0.5) / self::FULL;
    }

    /**
     * What lands on its own half and what beyond ridge and keel, without what is too little to count; the open spray has none.
     *
     * @param array<int, float> $shares
     *
     * @return array{array<int, float>, array<int, float>}
     */
    private static function halves(array $shares, OpenSpray $open, Surface $surface): array
    {
        if ($open->gave($shares)) {
            return [$shares, []];
        }
        $least = OpenSpray::LEAST;
        $half = $surface->rows * $surface->columns;
        $beyond = [];
        foreach ($shares as $cell => $share) {
            if ($cell >= $half) {
                unset($shares[$cell]);
                if ($share >= $least) {
                    $beyond[$cell - $half] = $share;
                }
            } elseif ($share < $least) {
                unset($shares[$cell]);
            }
        }

        return [$shares, $beyond];
    }

    /**
     * Flakes where the size lies; they need a film of it to hold.
     *
     * @param array<int, float> $flakes
     * @param array<int, float> $size
     *
     * @return array<int, float>
     */
    private static function clinging(array $flakes, array $size): array
    {
        $held = [];
        foreach (array_intersect_key($flakes, $size) as $cell => $share) {
            $held[$cell] = $share * min(1.0, $size[$cell] / self::HOLDS);
        }

        return $held;
    }

    /**
     * @param array<int, float> $one
     * @param array<int, float> $other
     *
     * @return array<int, float>
     */
    private static function heavier(array $one, array $other): array
    {
        foreach ($other as $cell => $share) {
            if ($share > ($one[$cell] ?? 0.0)) {
                $one[$cell] = $share;
            }
        }

        return $one;
    }
}
