<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Colour;

/**
 * Which of the 31 bands are followed: all of them, or every second one, for pictures and searches, at half the work.
 * Light is then made whole by taking the bands between from the cubic through their neighbours, as the tables for
 * coarser instruments do (ASTM E308; from memory). Paints have no lines so narrow that it shows.
 */
enum Bands: int
{
    case All = 1;
    case EverySecond = 2;

    /** Of a band between, what is taken from the two on either side at three and at one band's distance. */
    private const BETWEEN = [-1 / 16, 9 / 16, 9 / 16, -1 / 16];

    /** The same at the ends, from the first four or the last four. */
    private const AT_END = [5 / 16, 15 / 16, -5 / 16, 1 / 16];

    /**
     * @param list<float> $curve 31 bands
     *
     * @return list<float> those followed
     */
    public function of(array $curve): array
    {
        if ($this === self::All) {
            return $curve;
        }
        $followed = [];
        for ($i = 0; $i < Spectrum::BANDS; $i += 2) {
            $followed[] = $curve[$i];
        }

        return $followed;
    }

    /** Number, among those followed, of the band at a wavelength that is followed either way: 400, 420, 440 nm and so on. */
    public function at(int $nm): int
    {
        return intdiv($nm - Spectrum::START_NM, Spectrum::STEP_NM * $this->value);
    }

    /**
     * Weights for the bands followed that give, of any smooth curve, the same sum as these weights give over all.
     *
     * @param list<float> $weights 31
     *
     * @return list<float>
     */
    public function gathered(array $weights): array
    {
        $gathered = $this->of($weights);
        if ($this === self::All) {
            return $gathered;
        }
        $last = \count($gathered) - 4;
        for ($i = 1; $i < Spectrum::BANDS; $i += 2) {
            $from = intdiv($i, 2) - 1;
            $parts = match (true) {
                $from < 0 => self::AT_END,
                $from > $last => array_reverse(self::AT_END),
                default => self::BETWEEN,
            };
            foreach ($parts as $k => $part) {
                $gathered[max(0, min($last, $from)) + $k] += $part * $weights[$i];
            }
        }

        return array_values($gathered);
    }
}
