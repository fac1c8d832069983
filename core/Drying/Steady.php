<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Drying;

/**
 * Whether a reading may be believed beside the one before it: the air of a room does not change faster than this, so a
 * leap means a hand on the instrument, an open door or a loose wire. How fast a room may change is a guess of our own.
 */
final class Steady
{
    /** What a reading may differ at once, and by how much more for each minute between the two. */
    private const LEAPS = ['air_c' => [1.5, 0.5], 'humidity_percent' => [6.0, 2.0]];

    private const UNITS = ['air_c' => '°C', 'humidity_percent' => '%'];

    /**
     * Words for a leap; empty where there is none.
     *
     * @param array<string, float> $before
     * @param array<string, float> $now
     */
    public static function leap(array $before, array $now, float $minutes): string
    {
        $leaps = [];
        foreach (self::LEAPS as $figure => [$atOnce, $aMinute]) {
            if (isset($before[$figure], $now[$figure]) && abs($now[$figure] - $before[$figure]) > $atOnce + $aMinute * max(0.0, $minutes)) {
                $leaps[] = \sprintf('from %.1f to %.1f %s', $before[$figure], $now[$figure], self::UNITS[$figure]);
            }
        }

        return $leaps === [] ? '' : 'It jumped '.implode(' and ', $leaps).'.';
    }
}
