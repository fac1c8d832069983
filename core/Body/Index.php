<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

/** Says where a place lies in words that can be found again with calipers, the same on both sides. */
final class Index
{
    /** Nearer than this to the ridge, the widest line or the keel, a place counts as lying on it. */
    private const ON_MM = 0.4;

    public static function say(Body $body, float $u, float $deg): string
    {
        return self::along($body, $u).', '.self::around($body, $u, $deg);
    }

    /** Only how far along the length. */
    public static function along(Body $body, float $u): string
    {
        [$mark, $at] = self::nearest($body, $u);
        $mm = ($u - $at) * $body->lengthMm;

        return abs($mm) < self::ON_MM ? "at {$mark}" : \sprintf('%.1f mm %s %s', abs($mm), $mm > 0 ? 'behind' : 'in front of', $mark);
    }

    /** Only how far around; the right half is as the left. */
    public static function around(Body $body, float $u, float $deg): string
    {
        $deg = $deg > 180 ? 360 - $deg : $deg;
        $down = self::arcMm($body, $u, 90, $deg);
        if ($deg < 90 && self::arcMm($body, $u, 0, $deg) < self::ON_MM) {
            return 'on the back ridge';
        }
        if ($deg > 90 && self::arcMm($body, $u, 180, $deg) < self::ON_MM) {
            return 'on the keel';
        }

        return $down < self::ON_MM ? 'on the midline' : \sprintf('%.1f mm %s the midline', $down, $deg < 90 ? 'above' : 'below');
    }

    /**
     * What can be felt or seen on a body, by its place along the length.
     *
     * @return list<array{string, float}>
     */
    public static function findable(Body $body): array
    {
        $marks = $body->marks;
        $found = [
            ['the gill edge', $marks->gillU],
            ['the tip of the nose', 0.0],
            ['the end of the tail', 1.0],
            ['the middle of the eye', $marks->eyeU],
        ];
        foreach ($marks->hooksU as $i => $u) {
            $found[] = [self::ordinal($i, \count($marks->hooksU)).' hook hanger', $u];
        }
        foreach ($marks->jointsU as $i => $u) {
            $found[] = [self::ordinal($i, \count($marks->jointsU)).' joint', $u];
        }

        return $found;
    }

    /** @return array{string, float} */
    private static function nearest(Body $body, float $u): array
    {
        $found = self::findable($body);
        usort($found, static fn(array $a, array $b): int => abs($a[1] - $u) <=> abs($b[1] - $u));

        return $found[0];
    }

    private static function ordinal(int $i, int $of): string
    {
        return $of === 1 ? 'the' : 'the '.(['first', 'second', 'third', 'fourth'][$i] ?? ($i + 1).'th');
    }

    /** Way in mm around the section between two places, along the surface. */
    public static function arcMm(Body $body, float $u, float $fromDeg, float $toDeg): float
    {
        $around = Around::at($body, $u);

        return abs($around->mm($toDeg) - $around->mm($fromDeg));
    }
}
