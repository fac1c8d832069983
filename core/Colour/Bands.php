<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Colour;

/**
 * Which of the 31 bands are followed: all of them for figures, every second one for searches, every third one for
 * pictures, at half and a third of the work. Light is then made whole by taking the bands between from the
 * polynomial through their neighbours, much as the tables for coarser instruments do (ASTM E308; from memory). Paints
 * have no lines so narrow that it shows.
 */
enum Bands: int
{
    case All = 1;
    case EverySecond = 2;
    case EveryThird = 3;

    /** Interpolates between the bands followed, from three neighbours on either side. */
    private const THROUGH = 6;

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
        for ($i = 0; $i < Spectrum::BANDS; $i += $this->value) {
            $followed[] = $curve[$i];
        }

        return $followed;
    }

    /** Number, among those followed, of the nearest to a wavelength. */
    public function at(int $nm): int
    {
        return (int) round(($nm - Spectrum::START_NM) / (Spectrum::STEP_NM * $this->value));
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
        $last = \count($gathered) - self::THROUGH;
        foreach ($weights as $i => $weight) {
            if ($i % $this->value !== 0) {
                // Between the two in the middle, but at the ends.
                $from = max(0, min($last, intdiv($i, $this->value) - intdiv(self::THROUGH, 2) + 1));
                foreach (self::parts($i / $this->value - $from) as $k => $part) {
                    $gathered[$from + $k] += $part * $weight;
                }
            }
        }

        return array_values($gathered);
    }

    /**
     * What the polynomial through so many values, one step apart, takes of each (Lagrange).
     *
     * @param float $at in steps from the first
     *
     * @return list<float>
     */
    private static function parts(float $at): array
    {
        $parts = [];
        for ($k = 0; $k < self::THROUGH; $k++) {
            $part = 1.0;
            for ($other = 0; $other < self::THROUGH; $other++) {
                $part *= $other === $k ? 1 : ($at - $other) / ($k - $other);
            }
            $parts[] = $part;
        }

        return $parts;
    }
}
