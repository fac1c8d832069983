<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Colour;

/**
 * From a swatch to a reflectance curve: Jakob and Hanika, "A Low-Dimensional Function Space for Efficient Spectral
 * Upsampling", Computer Graphics Forum 38(2), 2019. The curve is a sigmoid of a quadratic in wavelength; its three
 * coefficients are found by damped Gauss-Newton on the CIELAB difference.
 *
 * The curve is smooth, as most pigments are; a real paint of the same swatch may differ from it, and then mixes
 * differently. That is why a measured card is better than a swatch.
 */
final class Upsampling
{
    private const STAGES = [0.4, 0.75, 0.92, 1.0];

    private const STEPS = 40;

    private const GOOD_ENOUGH = 1e-4;

    public static function reflectance(Lab $target): Spectrum
    {
        $level = min(0.999, max(0.001, $target->toXyz()->y / 100));
        $coefficients = [0.0, 0.0, ($level - 0.5) / sqrt($level * (1 - $level))];
        // Saturated swatches are reached from the grey of the same lightness in stages: from far off the solver can stray.
        foreach (self::STAGES as $share) {
            $staged = new Lab($target->l, $target->a * $share, $target->b * $share);
            $coefficients = LeastSquares::minimise(
                $coefficients,
                static fn(array $c): array => self::residual($c, $staged),
                self::STEPS,
                self::GOOD_ENOUGH,
            );
        }

        return Spectrum::of(self::curve($coefficients));
    }

    /**
     * @param array{float, float, float} $c
     *
     * @return array{float, float, float}
     */
    private static function residual(array $c, Lab $target): array
    {
        $lab = Lab::fromXyz(Observer::xyz(self::curve($c)));

        return [$lab->l - $target->l, $lab->a - $target->a, $lab->b - $target->b];
    }

    /**
     * @param array{float, float, float} $c
     *
     * @return list<float>
     */
    private static function curve(array $c): array
    {
        $curve = [];
        for ($i = 0; $i < Spectrum::BANDS; $i++) {
            $at = $i / 15 - 1;
            $x = ($c[0] * $at + $c[1]) * $at + $c[2];
            $curve[] = 0.5 + $x / (2 * sqrt(1 + $x * $x));
        }

        return $curve;
    }
}
