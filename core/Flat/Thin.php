<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Flat;

/** Takes corners out of a ring that lie closer to the line between their neighbours than a knife is exact (Ramer 1972; Douglas and Peucker 1973). */
final class Thin
{
    public const KNIFE_MM = 0.03;

    /**
     * @param list<array{float, float}> $ring
     *
     * @return list<array{float, float}>
     */
    public static function ring(array $ring, float $tolerance = self::KNIFE_MM): array
    {
        $count = \count($ring);
        if ($count < 4) {
            return $ring;
        }
        // A closed ring is cut in two at the corner farthest from its first.
        $far = 0;
        foreach ($ring as $i => $corner) {
            if (hypot($corner[0] - $ring[0][0], $corner[1] - $ring[0][1]) > hypot(
                $ring[$far][0] - $ring[0][0],
                $ring[$far][1] - $ring[0][1],
            )) {
                $far = $i;
            }
        }
        $there = self::line(\array_slice($ring, 0, $far + 1), $tolerance);
        $back = self::line([...\array_slice($ring, $far), $ring[0]], $tolerance);

        return [...\array_slice($there, 0, -1), ...\array_slice($back, 0, -1)];
    }

    /**
     * @param list<array{float, float}> $line
     *
     * @return list<array{float, float}>
     */
    private static function line(array $line, float $tolerance): array
    {
        $last = \count($line) - 1;
        if ($last < 2) {
            return $line;
        }
        [$ax, $ay] = $line[0];
        [$bx, $by] = $line[$last];
        $long = hypot($bx - $ax, $by - $ay);
        $most = 0.0;
        $at = 0;
        for ($i = 1; $i < $last; $i++) {
            [$x, $y] = $line[$i];
            $away = $long < 1e-12 ? hypot($x - $ax, $y - $ay) : abs(($bx - $ax) * ($ay - $y) - ($ax - $x) * ($by - $ay)) / $long;
            if ($away > $most) {
                [$most, $at] = [$away, $i];
            }
        }
        if ($most <= $tolerance) {
            return [$line[0], $line[$last]];
        }

        return [
            ...\array_slice(self::line(\array_slice($line, 0, $at + 1), $tolerance), 0, -1),
            ...self::line(\array_slice($line, $at), $tolerance),
        ];
    }
}
