<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Flat;

use Hawkbrush\Core\Refused;

/** Takes corners out of a ring that lie closer to the line between their neighbours than a knife is exact (Ramer 1972; Douglas and Peucker 1973). */
final class Thin
{
    public const KNIFE_MM = 0.03;

    /**
     * Corners looked at in all. A drawn line takes some twenty looks a corner; the teeth of a comb take one at each for every
     * other, and a comb of as many corners as a shape may have is still read.
     */
    private const MOST_LOOKS = Shape::MOST_CORNERS ** 2;

    /**
     * @param list<list<array{float, float}>> $rings
     *
     * @return list<list<array{float, float}>>
     *
     * @throws Refused when there is more to do than an outline is worth
     */
    public static function rings(array $rings, float $tolerance = self::KNIFE_MM): array
    {
        $looks = 0;
        $thinned = [];
        foreach ($rings as $ring) {
            $thinned[] = self::ring($ring, $tolerance, $looks);
        }

        return $thinned;
    }

    /**
     * @param list<array{float, float}> $ring
     *
     * @return list<array{float, float}>
     */
    private static function ring(array $ring, float $tolerance, int &$looks): array
    {
        $count = \count($ring);
        if ($count < 4) {
            return $ring;
        }
        // A closed ring is cut in two at the corner farthest from its first.
        $far = 0;
        $farthest = 0.0;
        foreach ($ring as $i => $corner) {
            $away = hypot($corner[0] - $ring[0][0], $corner[1] - $ring[0][1]);
            if ($away > $farthest) {
                [$far, $farthest] = [$i, $away];
            }
        }
        $line = [...$ring, $ring[0]];
        $kept = [0 => true, $far => true];
        $open = [[0, $far], [$far, $count]];
        while ($open !== []) {
            [$from, $to] = array_pop($open);
            $looks += $to - $from;
            if ($looks > self::MOST_LOOKS) {
                throw PathText::tooMuch();
            }
            $corner = self::farthest($line, $from, $to, $tolerance);
            if ($corner !== null) {
                $kept[$corner] = true;
                array_push($open, [$from, $corner], [$corner, $to]);
            }
        }

        return array_values(array_intersect_key($ring, $kept));
    }

    /**
     * @param list<array{float, float}> $line
     *
     * @return int|null the corner between two that lies farthest from the line between them; null when none is beyond tolerance
     */
    private static function farthest(array $line, int $from, int $to, float $tolerance): ?int
    {
        [$ax, $ay] = $line[$from];
        [$bx, $by] = $line[$to];
        $long = hypot($bx - $ax, $by - $ay);
        $most = $tolerance;
        $at = null;
        for ($i = $from + 1; $i < $to; $i++) {
            [$x, $y] = $line[$i];
            $away = $long < 1e-12 ? hypot($x - $ax, $y - $ay) : abs(($bx - $ax) * ($ay - $y) - ($ax - $x) * ($by - $ay)) / $long;
            if ($away > $most) {
                [$most, $at] = [$away, $i];
            }
        }

        return $at;
    }
}
