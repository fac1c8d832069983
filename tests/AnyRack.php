<?php

declare(strict_types=1);

namespace Tests;

use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Metric;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Film\Unmeasured;
use Hawkbrush\Core\Mix\Drops;
use Hawkbrush\Core\Mix\MixSearch;
use Hawkbrush\Core\Mix\Sketch;
use Hawkbrush\Core\Mix\Wanted;

/** Racks by chance, and the best that can be mixed of them. */
final class AnyRack
{
    /**
     * Paints of all kinds and strengths, of any colour.
     *
     * @return list<Paint>
     */
    public static function of(int $paints, int $seed): array
    {
        mt_srand($seed);
        $kinds = [Kind::Opaque, Kind::Opaque, Kind::SemiOpaque, Kind::Transparent, Kind::Pearl, Kind::Ink, Kind::Fluorescent];
        $rack = [];
        for ($i = 0; $i < $paints; $i++) {
            $hex = match ($i) {
                0 => '#f4f4f0', 1 => '#141414', default => \sprintf('#%02x%02x%02x', mt_rand(10, 245), mt_rand(10, 245), mt_rand(10, 245)),
            };
            $kind = $i < 2 ? Kind::Opaque : $kinds[mt_rand(0, 6)];
            $rack[] = new Paint(
                "p{$i}",
                "Paint {$i}",
                $kind,
                Unmeasured::optics(SurfaceFinish::Clear->body(Colour::fromHex($hex)->reflectance()), $kind),
                $hex,
                mt_rand(18, 50) / 100,
                mt_rand(4, 6) / 100,
            );
        }

        return $rack;
    }

    /**
     * How near any mix of one, two or three paints comes, by their sketches.
     *
     * @param list<Paint> $rack
     */
    public static function nearest(array $rack, Wanted $wanted, Metric $metric): float
    {
        $sketch = new Sketch($rack, $wanted, $metric);
        $drops = new Drops(MixSearch::MOST_DROPS);
        $best = INF;
        foreach ($rack as $i => $one) {
            for ($j = $i + 1; $j < \count($rack); $j++) {
                for ($k = $j; $k < \count($rack); $k++) {
                    foreach ($k === $j ? $drops->twos : $drops->threes as $mix) {
                        [$a, $b, $c] = Drops::of($mix);
                        [$x, $y, $z] = $sketch->place(
                            $i,
                            $j,
                            $k === $j ? $i : $k,
                            $a * $sketch->drop[$i],
                            $b * $sketch->drop[$j],
                            $k === $j ? 0.0 : $c * $sketch->drop[$k],
                        );
                        // The formula itself only where it may be: far off, it and the distance differ by less than three times.
                        $best = $x * $x + $y * $y + $z * $z < 9 * $best * $best ? min($best, $metric->off($x, $y, $z)) : $best;
                    }
                }
            }
        }

        return $best;
    }
}
