<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

use Hawkbrush\Core\Refused;

/**
 * Stations from outlines drawn over photographs: one from the side, and one from above if there is one. A photograph has
 * no scale of its own; the length of the body gives it. Points are in any unit, the same along and down, y downwards.
 */
final class Trace
{
    /** Two points nearer than this share of the length are one station. */
    private const NEAR = 0.004;

    private const MOST = 40;

    /**
     * @param array{nose: array{float, float}, tail: array{float, float}, upper: list<array{float, float}>, lower: list<array{float, float}>} $side
     * @param array{nose: array{float, float}, tail: array{float, float}, upper: list<array{float, float}>, lower: list<array{float, float}>}|null $above
     * @param float $widthShare of the depth, where no photograph from above is given
     *
     * @return list<Station>
     *
     * @throws Refused when the outline makes no body
     */
    public static function stations(float $lengthMm, array $side, ?array $above, float $widthShare): array
    {
        [$top, $bottom] = self::edges($side, $lengthMm, '/side');
        $wide = $above === null ? null : self::edges($above, $lengthMm, '/above');
        $places = array_merge(array_column($top, 0), array_column($bottom, 0));
        sort($places);
        $us = [0.0];
        foreach ($places as $u) {
            if ($u - $us[\count($us) - 1] > self::NEAR && $u < 1 - self::NEAR) {
                $us[] = $u;
            }
        }
        $us[] = 1.0;
        $step = max(1, (int) ceil(\count($us) / self::MOST));
        $stations = [];
        foreach ($us as $i => $u) {
            if ($i % $step !== 0 && $u < 1.0) {
                continue;
            }
            $up = self::at($top, $u);
            $down = self::at($bottom, $u);
            $half = $wide === null ? ($up + $down) / 2 * $widthShare : (self::at($wide[0], $u) + self::at($wide[1], $u)) / 2;
            $stations[] = new Station(round($u, 4), round($up, 2), round($down, 2), round($half, 2));
        }

        return $stations;
    }

    /**
     * Both edges as [u, mm from the line between nose and tail], from nose to tail.
     *
     * @param array{nose: array{float, float}, tail: array{float, float}, upper: list<array{float, float}>, lower: list<array{float, float}>} $outline
     *
     * @return array{non-empty-list<array{float, float}>, non-empty-list<array{float, float}>}
     */
    private static function edges(array $outline, float $lengthMm, string $pointer): array
    {
        [$nx, $ny] = $outline['nose'];
        $dx = $outline['tail'][0] - $nx;
        $dy = $outline['tail'][1] - $ny;
        $long = hypot($dx, $dy);
        if ($long < 1e-6) {
            throw Refused::at($pointer.'/tail', 'Nose and tail lie on one point: pull them apart, to the two ends of the bait.');
        }
        $edges = [];
        foreach (['upper' => 1, 'lower' => -1] as $name => $sign) {
            $edge = [];
            foreach ($outline[$name] as $i => [$x, $y]) {
                $u = (($x - $nx) * $dx + ($y - $ny) * $dy) / $long ** 2;
                $away = $sign * (($x - $nx) * $dy - ($y - $ny) * $dx) / $long;
                if ($u < -0.02 || $u > 1.02) {
                    throw Refused::at("{$pointer}/{$name}/{$i}", 'This point lies beyond nose or tail.');
                }
                if ($away < -0.02 * $long) {
                    throw Refused::at(
                        "{$pointer}/{$name}/{$i}",
                        "This point of the {$name} edge lies across the line from nose to tail: the edges would cross.",
                    );
                }
                $edge[] = [max(0.0, min(1.0, $u)), max(0.0, $away) / $long * $lengthMm];
            }
            if ($edge === []) {
                throw Refused::at("{$pointer}/{$name}", "The {$name} edge has no points.");
            }
            usort($edge, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
            $edges[] = $edge;
        }

        return [$edges[0], $edges[1]];
    }

    /**
     * Straight between points; towards nose and tail it runs out to nothing.
     *
     * @param non-empty-list<array{float, float}> $edge
     */
    private static function at(array $edge, float $u): float
    {
        $before = [0.0, 0.0];
        foreach ([...$edge, [1.0, 0.0]] as $point) {
            if ($point[0] >= $u) {
                $gap = $point[0] - $before[0];

                return $gap < 1e-9 ? max($point[1], $before[1]) : $before[1] + ($point[1] - $before[1]) * ($u - $before[0]) / $gap;
            }
            $before = $point;
        }

        return 0.0;
    }
}
