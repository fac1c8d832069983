<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

use Hawkbrush\Core\Colour\Metric;

/**
 * Rays from the wanted colour to all sides, and how far off the colours along them are. Each goes through the middle of
 * one cell, of a grid on each of the six faces of a cube. Between rays all is much as on them.
 */
final readonly class Rays
{
    /** Cells along each side of a face. */
    private const GRID = 6;

    private const FIRST = 0.1;

    /** Each step outward is so many times as far as the one before. */
    private const GROWTH = 1.5;

    /** The last is further than any two colours are apart. */
    private const STEPS = 22;

    /** So many times the way between two steps is halved. */
    private const HALVES = 6;

    /** @var list<array{float, float, float}> of length 1, by cell */
    public array $directions;

    /** @var list<list<float>> how far off each step of each ray is */
    private array $offs;

    public function __construct(public Metric $metric)
    {
        $directions = $offs = [];
        for ($cell = 0; $cell < 6 * self::GRID * self::GRID; $cell++) {
            $directions[] = [$x, $y, $z] = self::through($cell);
            $steps = [];
            for ($step = 0, $far = self::FIRST; $step < self::STEPS; $step++, $far *= self::GROWTH) {
                $steps[] = $metric->off($far * $x, $far * $y, $far * $z);
            }
            $offs[] = $steps;
        }
        $this->directions = $directions;
        $this->offs = $offs;
    }

    /** The cell through which the way to a place goes. */
    public static function cell(float $x, float $y, float $z): int
    {
        $ax = abs($x);
        $ay = abs($y);
        $az = abs($z);
        if ($ax >= $ay && $ax >= $az) {
            $face = $x > 0 ? 1 : 0;
            $u = $y;
            $v = $z;
            $size = $ax;
        } elseif ($ay >= $az) {
            $face = $y > 0 ? 3 : 2;
            $u = $z;
            $v = $x;
            $size = $ay;
        } else {
            $face = $z > 0 ? 5 : 4;
            $u = $x;
            $v = $y;
            $size = $az;
        }
        if ($size === 0.0) {
            return 0;
        }
        $i = (int) (($u / $size + 1) * (self::GRID / 2));
        $j = (int) (($v / $size + 1) * (self::GRID / 2));

        return ($face * self::GRID + ($i < self::GRID ? $i : self::GRID - 1)) * self::GRID + ($j < self::GRID ? $j : self::GRID - 1);
    }

    /** How far along a ray colours are within so much, or a hundredth further: the last time, should it come back to such. */
    public function leaves(int $cell, float $off): float
    {
        $offs = $this->offs[$cell];
        for ($step = self::STEPS - 1; $step >= 0 && $offs[$step] > $off; $step--);
        if ($step < 0) {
            return self::FIRST * $off / $offs[0];
        }
        $in = self::FIRST * self::GROWTH ** $step;
        if ($step === self::STEPS - 1) {
            return $in;
        }
        $out = $in * self::GROWTH;
        [$x, $y, $z] = $this->directions[$cell];
        // By halves, for the difference jumps where hues lie opposite.
        for ($i = 0; $i < self::HALVES; $i++) {
            $far = ($in + $out) / 2;
            if ($this->metric->off($far * $x, $far * $y, $far * $z) > $off) {
                $out = $far;
            } else {
                $in = $far;
            }
        }

        return $out;
    }

    /** @return array{float, float, float} of length 1 */
    private static function through(int $cell): array
    {
        $face = intdiv($cell, self::GRID * self::GRID);
        $u = (2 * (intdiv($cell, self::GRID) % self::GRID) + 1) / self::GRID - 1;
        $v = (2 * ($cell % self::GRID) + 1) / self::GRID - 1;
        $size = sqrt(1 + $u * $u + $v * $v);
        $w = ($face % 2 === 1 ? 1 : -1) / $size;

        return match (intdiv($face, 2)) {
            0 => [$w, $u / $size, $v / $size],
            1 => [$v / $size, $w, $u / $size],
            default => [$u / $size, $v / $size, $w],
        };
    }
}
