<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Flat;

use Hawkbrush\Core\Refused;

/** Whether a shape can be cut: no edge of it crosses another. */
final class Simple
{
    /** @throws Refused saying where it crosses itself */
    public static function check(Shape $shape): Shape
    {
        $edges = [];
        foreach ($shape->rings as $r => $ring) {
            foreach ($ring as $i => $from) {
                $edges[] = [$from, $ring[($i + 1) % \count($ring)], $r, $i, \count($ring)];
            }
        }
        usort($edges, static fn(array $a, array $b): int => min($a[0][0], $a[1][0]) <=> min($b[0][0], $b[1][0]));
        $count = \count($edges);
        for ($a = 0; $a < $count; $a++) {
            $reach = max($edges[$a][0][0], $edges[$a][1][0]);
            for ($b = $a + 1; $b < $count && min($edges[$b][0][0], $edges[$b][1][0]) <= $reach; $b++) {
                if (! self::neighbours($edges[$a], $edges[$b]) && self::cross($edges[$a], $edges[$b])) {
                    throw Refused::because(\sprintf('This outline crosses itself near %.1f, %.1f mm; a knife cannot cut it. Pull the lines apart there.', $edges[$a][0][0], $edges[$a][0][1]));
                }
            }
        }

        return $shape;
    }

    /**
     * @param array{array{float, float}, array{float, float}, int, int, int} $a
     * @param array{array{float, float}, array{float, float}, int, int, int} $b
     */
    private static function neighbours(array $a, array $b): bool
    {
        return $a[2] === $b[2] && \in_array(abs($a[3] - $b[3]), [1, $a[4] - 1], true);
    }

    /**
     * @param array{array{float, float}, array{float, float}, int, int, int} $a
     * @param array{array{float, float}, array{float, float}, int, int, int} $b
     */
    private static function cross(array $a, array $b): bool
    {
        return self::side($a[0], $a[1], $b[0]) * self::side($a[0], $a[1], $b[1]) < 0
            && self::side($b[0], $b[1], $a[0]) * self::side($b[0], $b[1], $a[1]) < 0;
    }

    /**
     * Of the line from p to q on which r lies, by its sign.
     *
     * @param array{float, float} $p
     * @param array{float, float} $q
     * @param array{float, float} $r
     */
    private static function side(array $p, array $q, array $r): float
    {
        return ($q[0] - $p[0]) * ($r[1] - $p[1]) - ($q[1] - $p[1]) * ($r[0] - $p[0]);
    }
}
