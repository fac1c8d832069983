<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Spectrum;

/**
 * How a paint's scattering runs over the wavelengths: straight, both as logarithms, and the steeper the finer its pigment.
 * Found from the bands of a card that tell it. Common practice of spectral fits, no published source; the figures are
 * guesses.
 */
final readonly class ScatterLine
{
    /** How far a band's scattering strays from the line, as a logarithm. */
    public const STRAYS = 0.15;

    /** Bounds of the slope, either side of the assumed one. */
    private const SLOPE = 2.0;

    /** @param list<float> $scatters per micrometre, by band */
    private function __construct(public array $scatters) {}

    /**
     * @param array<int, ReadBand> $told by band, those that say what S is
     * @param Kind $kind from which its slope is assumed, as far as the bands do not tell it
     */
    public static function through(array $told, Kind $kind): ?self
    {
        if ($told === []) {
            return null;
        }
        // Weighted least squares, with what is assumed of the slope as one more observation of it.
        $known = 1 / self::SLOPE ** 2;
        [$sum, $x, $xx, $y, $xy] = [0.0, 0.0, $known, 0.0, -$known * $kind->slope()];
        foreach ($told as $number => $band) {
            $weight = 1 / ($band->off ** 2 + self::STRAYS ** 2);
            $along = self::along($number);
            $sum += $weight;
            $x += $weight * $along;
            $xx += $weight * $along ** 2;
            $y += $weight * log($band->s);
            $xy += $weight * $along * log($band->s);
        }
        $slope = ($sum * $xy - $x * $y) / ($sum * $xx - $x * $x);
        $at550 = ($y - $slope * $x) / $sum;

        return new self(array_map(static fn(int $band): float => exp($at550 + $slope * self::along($band)), range(0, Spectrum::BANDS - 1)));
    }

    private static function along(int $band): float
    {
        return log((Spectrum::START_NM + $band * Spectrum::STEP_NM) / 550);
    }
}
