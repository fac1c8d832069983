<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Flat;

/** Arcs and circles as short chords. */
final class Arc
{
    private const STEP_DEG = 6.0;

    /**
     * An elliptical arc from its end points, after SVG 2 (W3C), appendix B.2.4.
     *
     * @param array{float, float} $from
     * @param array{float, float} $to
     *
     * @return non-empty-list<array{float, float}> without the first point
     */
    public static function chords(array $from, array $to, float $rx, float $ry, float $turnDeg, bool $large, bool $sweep): array
    {
        $rx = abs($rx);
        $ry = abs($ry);
        $cos = cos(deg2rad($turnDeg));
        $sin = sin(deg2rad($turnDeg));
        $x = ($cos * ($from[0] - $to[0]) + $sin * ($from[1] - $to[1])) / 2;
        $y = (-$sin * ($from[0] - $to[0]) + $cos * ($from[1] - $to[1])) / 2;
        if ($rx < 1e-9 || $ry < 1e-9 || ($x === 0.0 && $y === 0.0)) {
            return [$to];
        }
        // Radii too small to reach are made as large as they must be.
        $grow = max(1.0, sqrt(($x / $rx) ** 2 + ($y / $ry) ** 2));
        $rx *= $grow;
        $ry *= $grow;
        $below = ($rx * $y) ** 2 + ($ry * $x) ** 2;
        $root = ($large === $sweep ? -1 : 1) * sqrt(max(0.0, (($rx * $ry) ** 2 - $below) / $below));
        $cx = $root * $rx * $y / $ry;
        $cy = -$root * $ry * $x / $rx;
        $first = atan2(($y - $cy) / $ry, ($x - $cx) / $rx);
        $span = atan2((-$y - $cy) / $ry, (-$x - $cx) / $rx) - $first;
        $span += $sweep && $span < 0 ? 2 * M_PI : (! $sweep && $span > 0 ? -2 * M_PI : 0);
        $midX = ($from[0] + $to[0]) / 2;
        $midY = ($from[1] + $to[1]) / 2;
        $steps = max(1, (int) ceil(abs(rad2deg($span)) / self::STEP_DEG));
        $chords = [];
        for ($i = 1; $i < $steps; $i++) {
            $angle = $first + $span * $i / $steps;
            $ex = $cx + $rx * cos($angle);
            $ey = $cy + $ry * sin($angle);
            $chords[] = [$cos * $ex - $sin * $ey + $midX, $sin * $ex + $cos * $ey + $midY];
        }
        $chords[] = $to;

        return $chords;
    }

    /** @return non-empty-list<array{float, float}> a whole ellipse */
    public static function ring(float $x, float $y, float $rx, float $ry): array
    {
        $ring = [];
        $steps = (int) (360 / self::STEP_DEG);
        for ($i = 0; $i < $steps; $i++) {
            $angle = 2 * M_PI * $i / $steps;
            $ring[] = [$x + $rx * cos($angle), $y + $ry * sin($angle)];
        }

        return $ring;
    }
}
