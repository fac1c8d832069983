<?php

declare(strict_types=1);

use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\KubelkaMunk;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Film\SurfaceFinish;

dataset('media', [[0.01, 0.4, 12.0], [0.2, 0.05, 8.0], [0.5, 0.5, 3.0], [0.0008, 0.002, 40.0], [1.5, 0.1, 2.0]]);

it('equals the two-flux equations integrated step by step', function (float $k, float $s, float $x): void {
    // di/dx = -(K+S) i + S j, dj/dx = (K+S) j - S i (Kubelka and Munk 1931), by Runge-Kutta from the black ground up.
    $steps = 20_000;
    $h = $x / $steps;
    [$i, $j] = [1.0, 0.0];
    $f = static fn(float $i, float $j): array => [($k + $s) * $i - $s * $j, -($k + $s) * $j + $s * $i];
    for ($n = 0; $n < $steps; $n++) {
        [$a1, $b1] = $f($i, $j);
        [$a2, $b2] = $f($i + $h / 2 * $a1, $j + $h / 2 * $b1);
        [$a3, $b3] = $f($i + $h / 2 * $a2, $j + $h / 2 * $b2);
        [$a4, $b4] = $f($i + $h * $a3, $j + $h * $b3);
        $i += $h / 6 * ($a1 + 2 * $a2 + 2 * $a3 + $a4);
        $j += $h / 6 * ($b1 + 2 * $b2 + 2 * $b3 + $b4);
    }
    [$r, $t] = KubelkaMunk::film(array_fill(0, 31, $k), array_fill(0, 31, $s), $x);
    expect($r[0])->toEqualWithDelta($j / $i, 1e-6)->and($t[0])->toEqualWithDelta(1 / $i, 1e-6);
})->with('media');

it('lays X1 on X2 of one paint like one film of both', function (float $k, float $s, float $x): void {
    // Kubelka, J. Opt. Soc. Am. 44, 330 (1954): R12 = R1 + T1^2 R2 / (1 - R1 R2), T12 = T1 T2 / (1 - R1 R2).
    $one = Film::of(Optics::of(Spectrum::flat($k), Spectrum::flat($s)), $x * 0.3);
    $two = Film::of(Optics::of(Spectrum::flat($k), Spectrum::flat($s)), $x * 0.7);
    $both = Film::of(Optics::of(Spectrum::flat($k), Spectrum::flat($s)), $x);
    expect(FilmState::ground($two->r)->under($one)->r[0])->toEqualWithDelta($both->r[0], 1e-9)
        ->and($one->t[0] * $two->t[0] / (1 - $one->r[0] * $two->r[0]))->toEqualWithDelta($both->t[0], 1e-9);
})->with('media');

it('reaches K/S = (1-R)^2 / 2R when it is infinitely thick', function (float $k, float $s): void {
    // Kubelka and Munk, Z. techn. Physik 12, 593 (1931).
    [$r] = KubelkaMunk::film(array_fill(0, 31, $k), array_fill(0, 31, $s), 1e5);
    expect((1 - $r[0]) ** 2 / (2 * $r[0]))->toEqualWithDelta($k / $s, 1e-6 * max(1, $k / $s));
})->with([[0.01, 0.4], [0.5, 0.5], [2.0, 0.1]]);

// Saunderson, J. Opt. Soc. Am. 32, 727 (1942): R = k1 + (1 - k1)(1 - k2) Ri / (1 - k2 Ri), k1 = 0.04, k2 = 0.6.
it('keeps the limits of Saunderson’s surface', function (): void {
    $seen = static fn(SurfaceFinish $finish, float $inside): float => $finish->seen(array_fill(0, 31, $inside))[0];
    expect($seen(SurfaceFinish::Matte, 0.0))->toEqualWithDelta(0.04, 1e-12)
        ->and($seen(SurfaceFinish::Matte, 1.0))->toEqualWithDelta(1.0, 1e-12)
        ->and($seen(SurfaceFinish::Clear, 0.0))->toEqualWithDelta(0.0, 1e-12)
        ->and($seen(SurfaceFinish::Clear, 1.0))->toEqualWithDelta(0.96, 1e-12)
        ->and($seen(SurfaceFinish::Matte, 0.5))->toEqualWithDelta(0.04 + 0.96 * 0.4 * 0.5 / 0.7, 1e-12);
    foreach ([SurfaceFinish::Matte, SurfaceFinish::Clear] as $finish) {
        foreach ([0.0, 0.02, 0.3, 0.77, 1.0] as $inside) {
            expect($finish->body(Spectrum::flat($seen($finish, $inside)))->values[7])->toEqualWithDelta($inside, 1e-9);
        }
        // What lies inside is always seen darker, but for what the matte face itself throws back.
        expect($seen($finish, 0.5) - $seen($finish, 0.0))->toBeLessThan(0.5);
    }
});
