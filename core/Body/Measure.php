<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

/**
 * Area, volume and girth of a body by facets. The ends of a body that is cut off flat (a station of some size at nose
 * or tail) are not counted: paint is measured on the side. Steps along the length are finer at the ends, where the
 * surface turns.
 */
final class Measure
{
    private const ALONG = 160;

    private const AROUND = 180;

    /** Total area in mm2. */
    public static function areaMm2(Body $body): float
    {
        return self::weighted($body, static fn(float $u, float $theta): float => 1.0);
    }

    /**
     * Area in mm2 counted with a weight from 0 to 1 at each place, for example how much of a zone it belongs to.
     *
     * @param callable(float, float): float $weight of u and theta in degrees
     */
    public static function weighted(Body $body, callable $weight): float
    {
        $section = Section::whole(self::AROUND, $body->exponent);
        $area = 0.0;
        $before = $section->rib($body, 0.0);
        $u = 0.0;
        for ($i = 1; $i <= self::ALONG; $i++) {
            $next = (1 - cos(M_PI * $i / self::ALONG)) / 2;
            $after = $section->rib($body, $next);
            $along = ($next - $u) * $body->lengthMm;
            for ($j = 0; $j < self::AROUND; $j++) {
                $share = $weight(($u + $next) / 2, ($j + 0.5) * 360 / self::AROUND);
                if ($share > 0) {
                    $area += $share * self::facet($before, $after, $along, $j, ($j + 1) % self::AROUND);
                }
            }
            [$before, $u] = [$after, $next];
        }

        return $area;
    }

    public static function volumeMm3(Body $body): float
    {
        $section = Section::whole(self::AROUND, $body->exponent);
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
        [$y, $z] = Section::whole(self::AROUND, $body->exponent)->rib($body, $u);
        $girth = 0.0;
        foreach ($y as $j => $here) {
            $k = ($j + 1) % self::AROUND;
            $girth += hypot($y[$k] - $here, $z[$k] - $z[$j]);
        }

        return $girth;
    }

    /** @param array{list<float>, list<float>} $rib */
    private static function enclosedMm2(array $rib): float
    {
        [$y, $z] = $rib;
        $twice = 0.0;
        foreach ($y as $j => $here) {
            $k = ($j + 1) % self::AROUND;
            $twice += $here * $z[$k] - $y[$k] * $z[$j];
        }
        // A polygon inscribed in an ellipse is short of it by sin(x)/x.
        $step = 2 * M_PI / self::AROUND;

        return abs($twice) / 2 * $step / sin($step);
    }

    /**
     * Area in mm2 of the two triangles between corners j and k of two ribs.
     *
     * @param array{list<float>, list<float>} $front
     * @param array{list<float>, list<float>} $rear
     */
    private static function facet(array $front, array $rear, float $along, int $j, int $k): float
    {
        [$fy, $fz] = $front;
        [$ry, $rz] = $rear;

        return self::triangle($along, $ry[$j] - $fy[$j], $rz[$j] - $fz[$j], $fy[$k] - $fy[$j], $fz[$k] - $fz[$j])
            + self::triangle($along, $ry[$k] - $fy[$k], $rz[$k] - $fz[$k], $ry[$k] - $ry[$j], $rz[$k] - $rz[$j]);
    }

    /** Half the cross product of an edge along the body (ax, ay, az) and one across it (0, by, bz). */
    private static function triangle(float $ax, float $ay, float $az, float $by, float $bz): float
    {
        return sqrt(($ay * $bz - $az * $by) ** 2 + ($ax * $bz) ** 2 + ($ax * $by) ** 2) / 2;
    }
}
