<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Colour;

/**
 * Three unknowns by least squares: Gauss-Newton, damped as Levenberg and Marquardt do (Marquardt, J. SIAM 11, 431 (1963);
 * from memory). A step is taken only when it brings the residuals down.
 */
final class LeastSquares
{
    private const MOST_DAMPING = 1e8;

    /**
     * @param array{float, float, float} $c where to begin
     * @param callable(array{float, float, float}): list<float> $residual
     * @param float $goodEnough sum of squares
     *
     * @return array{float, float, float}
     */
    public static function minimise(array $c, callable $residual, int $steps, float $goodEnough): array
    {
        $damping = 1e-3;
        $left = $residual($c);
        $error = self::squares($left);
        for ($step = 0; $step < $steps && $error > $goodEnough && $damping <= self::MOST_DAMPING; $step++) {
            $jacobian = [];
            foreach ([0, 1, 2] as $k) {
                $h = 1e-4 * max(1.0, abs($c[$k]));
                $moved = $c;
                $moved[$k] += $h;
                foreach ($residual($moved) as $row => $value) {
                    $jacobian[$row][$k] = ($value - $left[$row]) / $h;
                }
            }
            [$c, $left, $error, $damping] = self::descend($c, $left, $error, $jacobian, $damping, $residual);
        }

        return $c;
    }

    /**
     * @param array{float, float, float} $c
     * @param list<float> $left
     * @param array<int, array<int, float>> $jacobian
     * @param callable(array{float, float, float}): list<float> $residual
     *
     * @return array{array{float, float, float}, list<float>, float, float}
     */
    private static function descend(array $c, array $left, float $error, array $jacobian, float $damping, callable $residual): array
    {
        $normal = [[0.0, 0.0, 0.0], [0.0, 0.0, 0.0], [0.0, 0.0, 0.0]];
        $right = [0.0, 0.0, 0.0];
        foreach ([0, 1, 2] as $i) {
            foreach ($left as $row => $off) {
                $right[$i] -= $jacobian[$row][$i] * $off;
                foreach ([0, 1, 2] as $j) {
                    $normal[$i][$j] += $jacobian[$row][$i] * $jacobian[$row][$j];
                }
            }
        }
        while ($damping <= self::MOST_DAMPING) {
            $damped = $normal;
            foreach ([0, 1, 2] as $i) {
                $damped[$i][$i] += $damping * max($normal[$i][$i], 1e-9);
            }
            $delta = self::solve3($damped, $right);
            $tried = [$c[0] + $delta[0], $c[1] + $delta[1], $c[2] + $delta[2]];
            $triedLeft = $residual($tried);
            $triedError = self::squares($triedLeft);
            if ($triedError < $error) {
                return [$tried, $triedLeft, $triedError, max(1e-9, $damping / 5)];
            }
            $damping *= 4;
        }

        return [$c, $left, $error, $damping];
    }

    /** @param list<float> $left */
    private static function squares(array $left): float
    {
        return array_sum(array_map(static fn(float $off): float => $off * $off, $left));
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
