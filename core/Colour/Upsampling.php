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
            $coefficients = self::solve($coefficients, new Lab($target->l, $target->a * $share, $target->b * $share));
        }

        return Spectrum::of(self::curve($coefficients));
    }

    /**
     * @param array{float, float, float} $c
     *
     * @return array{float, float, float}
     */
    private static function solve(array $c, Lab $target): array
    {
        $damping = 1e-3;
        $residual = self::residual($c, $target);
        $error = self::squares($residual);
        for ($step = 0; $step < self::STEPS && $error > self::GOOD_ENOUGH; $step++) {
            $jacobian = [];
            foreach ([0, 1, 2] as $k) {
                $h = 1e-4 * max(1.0, abs($c[$k]));
                $moved = $c;
                $moved[$k] += $h;
                foreach (self::residual($moved, $target) as $row => $value) {
                    $jacobian[$row][$k] = ($value - $residual[$row]) / $h;
                }
            }
            [$c, $residual, $error, $damping] = self::descend($c, $residual, $error, $jacobian, $damping, $target);
            if ($damping > 1e8) {
                break;
            }
        }

        return $c;
    }

    /**
     * One damped step, taken only when it brings the colour nearer.
     *
     * @param array{float, float, float} $c
     * @param array{float, float, float} $residual
     * @param array<int, array<int, float>> $jacobian
     *
     * @return array{array{float, float, float}, array{float, float, float}, float, float}
     */
    private static function descend(array $c, array $residual, float $error, array $jacobian, float $damping, Lab $target): array
    {
        $normal = [[0.0, 0.0, 0.0], [0.0, 0.0, 0.0], [0.0, 0.0, 0.0]];
        $right = [0.0, 0.0, 0.0];
        foreach ([0, 1, 2] as $i) {
            foreach ([0, 1, 2] as $row) {
                $right[$i] -= $jacobian[$row][$i] * $residual[$row];
                foreach ([0, 1, 2] as $j) {
                    $normal[$i][$j] += $jacobian[$row][$i] * $jacobian[$row][$j];
                }
            }
        }
        while ($damping <= 1e8) {
            $damped = $normal;
            foreach ([0, 1, 2] as $i) {
                $damped[$i][$i] += $damping * max($normal[$i][$i], 1e-9);
            }
            $delta = self::solve3($damped, $right);
            $tried = [$c[0] + $delta[0], $c[1] + $delta[1], $c[2] + $delta[2]];
            $triedResidual = self::residual($tried, $target);
            $triedError = self::squares($triedResidual);
            if ($triedError < $error) {
                return [$tried, $triedResidual, $triedError, max(1e-9, $damping / 5)];
            }
            $damping *= 4;
        }

        return [$c, $residual, $error, $damping];
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

    /** @param array{float, float, float} $residual */
    private static function squares(array $residual): float
    {
        return $residual[0] ** 2 + $residual[1] ** 2 + $residual[2] ** 2;
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

    /**
     * Cramer's rule.
     *
     * @param array<int, array<int, float>> $m
     * @param array{float, float, float} $v
     *
     * @return array{float, float, float}
     */
    private static function solve3(array $m, array $v): array
    {
        $whole = self::determinant($m);
        if (abs($whole) < 1e-300) {
            return [0.0, 0.0, 0.0];
        }
        $solution = [];
        foreach ([0, 1, 2] as $k) {
            $replaced = $m;
            foreach ([0, 1, 2] as $row) {
                $replaced[$row][$k] = $v[$row];
            }
            $solution[] = self::determinant($replaced) / $whole;
        }

        return [$solution[0], $solution[1], $solution[2]];
    }

    /** @param array<int, array<int, float>> $m three by three */
    private static function determinant(array $m): float
    {
        [$p, $q, $r] = [$m[0], $m[1], $m[2]];

        return $p[0] * ($q[1] * $r[2] - $q[2] * $r[1]) - $p[1] * ($q[0] * $r[2] - $q[2] * $r[0]) + $p[2] * ($q[0] * $r[1] - $q[1] * $r[0]);
    }
}
