<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

/**
 * Area, volume and girth of a body by facets of its left half. The ends of a body that is cut off flat (a station of some
 * size at nose or tail) are not counted: paint is measured on the side. Steps along the length are finer at the ends,
 * where the surface turns.
 */
final class Measure
{
    private const ALONG = 160;

    /** From ridge to keel. */
    private const AROUND = 90;

    /** Total area in mm2. */
    public static function areaMm2(Body $body): float
    {
        return array_sum(array_map(array_sum(...), self::facets($body)));
    }

    /** @return array<string, float> area of each zone on both sides in mm2, each place counted by how much it belongs to it */
    public static function zonesMm2(Body $body): array
    {
        $facets = self::facets($body);
        $deg = array_map(static fn(int $j): float => ($j + 0.5) * 180 / self::AROUND, range(0, self::AROUND - 1));
        $zones = [];
        foreach (Zone::cases() as $zone) {
            $extent = $zone->extent($body);
            $around = array_map($extent->outDeg(...), $deg);
            $area = 0.0;
            foreach ($facets as $i => $ring) {
                $along = $extent->outU((self::u($i) + self::u($i + 1)) / 2);
                foreach ($around as $j => $outDeg) {
                    $area += $extent->share($along, $outDeg) * $ring[$j];
                }
            }
            $zones[$zone->value] = $area;
        }

        return $zones;
    }

    public static function volumeMm3(Body $body): float
    {
        $section = Section::half(self::AROUND, $body->exponent);
        $steps = self::ALONG * 2;
        $volume = 0.0;
        for ($i = 0; $i < $steps; $i++) {
            $volume += self::enclosedMm2($section->rib($body, ($i + 0.5) / $steps)) * $body->lengthMm / $steps;
        }

        return $volume;
    }

    /** Way around the body in mm. */
    public static function girthMm(Body $body, float $u): float
    {
        [$y, $z] = Section::half(self::AROUND, $body->exponent)->rib($body, $u);
        $half = 0.0;
        for ($j = 0; $j < self::AROUND; $j++) {
            $half += hypot($y[$j + 1] - $y[$j], $z[$j + 1] - $z[$j]);
        }

        return 2 * $half;
    }

    private static function u(int $i): float
    {
        return (1 - cos(M_PI * $i / self::ALONG)) / 2;
    }

    /** @return list<list<float>> area of each facet and its mirror in mm2, ring by ring from nose to tail, each from ridge to keel */
    private static function facets(Body $body): array
    {
        $section = Section::half(self::AROUND, $body->exponent);
        $rings = [];
        [$frontY, $frontZ] = $section->rib($body, 0.0);
        for ($i = 1; $i <= self::ALONG; $i++) {
            [$rearY, $rearZ] = $section->rib($body, self::u($i));
            $along = (self::u($i) - self::u($i - 1)) * $body->lengthMm;
            $ring = [];
            for ($j = 0; $j < self::AROUND; $j++) {
                $k = $j + 1;
                // Two triangles: one on the front rib, one on the rear rib.
                $ring[] = self::parallelogram(
                    $along,
                    $rearY[$j] - $frontY[$j],
                    $rearZ[$j] - $frontZ[$j],
                    $frontY[$k] - $frontY[$j],
                    $frontZ[$k] - $frontZ[$j],
                )
                    + self::parallelogram(
                        $along,
                        $rearY[$k] - $frontY[$k],
                        $rearZ[$k] - $frontZ[$k],
                        $rearY[$k] - $rearY[$j],
                        $rearZ[$k] - $rearZ[$j],
                    );
            }
            $rings[] = $ring;
            [$frontY, $frontZ] = [$rearY, $rearZ];
        }

        return $rings;
    }

    /** The cross product of an edge along the body (ax, ay, az) and one across it (0, by, bz): a triangle and its mirror. */
    private static function parallelogram(float $ax, float $ay, float $az, float $by, float $bz): float
    {
        $x = $ay * $bz - $az * $by;

        return sqrt($x * $x + $ax * $ax * ($by * $by + $bz * $bz));
    }

    /** @param array{list<float>, list<float>} $rib of the left half */
    private static function enclosedMm2(array $rib): float
    {
        [$y, $z] = $rib;
        $half = 0.0;
        for ($j = 0; $j < self::AROUND; $j++) {
            $half += $y[$j + 1] * $z[$j] - $y[$j] * $z[$j + 1];
        }
        // A polygon inscribed in an ellipse is short of it by sin(x)/x.
        $step = M_PI / self::AROUND;

        return abs($half) * $step / sin($step);
    }
}
