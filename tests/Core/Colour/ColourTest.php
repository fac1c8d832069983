<?php

declare(strict_types=1);

use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\LeastSquares;
use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Colour\Srgb;
use Hawkbrush\Core\Refused;

it('puts white at L* 100 without hue', function (): void {
    // IEC 61966-2-1
    $lab = Colour::fromHex('#ffffff')->lab;
    expect($lab->l)->toEqualWithDelta(100, 1e-3)->and($lab->chroma())->toBeLessThan(0.02);
});

it('sees a perfect white at Y 100 on the white of sRGB', function (): void {
    $xyz = Observer::xyz(Spectrum::flat(1.0)->values);
    expect($xyz->y)->toEqualWithDelta(100, 1e-9)->and(Srgb::fromXyz($xyz)->hex())->toBe('#ffffff');
});

it('goes to the screen and back', function (string $hex): void {
    $colour = Colour::fromHex($hex);
    expect($colour->hex())->toBe($hex)->and($colour->srgb()->inGamut())->toBeTrue();
})->with(['#000000', '#ffffff', '#a1431a', '#00ff7f', '#0101fe', '#808080']);

it('knows what no screen shows', function (): void {
    expect(Colour::fromLab(new Lab(50, 120, 0))->srgb()->inGamut())->toBeFalse();
});

it('refuses what is no colour', function (string $hex): void {
    Colour::fromHex($hex);
})->with(['red', '#fff', '#12345g', ''])->throws(Refused::class, 'write it as #rrggbb');

it('refuses a curve that is short or not finite', function (): void {
    expect(fn() => Spectrum::of(array_fill(0, 30, 0.5)))->toThrow(Refused::class)
        ->and(fn() => Spectrum::of([NAN, ...array_fill(0, 30, 0.5)]))->toThrow(Refused::class);
});

it('finds a curve for every corner of the screen and for a thousand swatches', function (): void {
    // Jakob and Hanika 2019: the round trip stays within 0.5 DeltaE00.
    $swatches = ['#ff0000', '#00ff00', '#0000ff', '#ffff00', '#00ffff', '#ff00ff', '#000000', '#ffffff'];
    mt_srand(7);
    for ($i = 0; $i < 1000; $i++) {
        $swatches[] = sprintf('#%06x', mt_rand(0, 0xFFFFFF));
    }
    $worst = 0.0;
    foreach ($swatches as $hex) {
        $colour = Colour::fromHex($hex);
        $curve = $colour->reflectance();
        expect(min($curve->values))->toBeGreaterThanOrEqual(0)
            ->and(max($curve->values))->toBeLessThanOrEqual(1);
        $worst = max($worst, DeltaE2000::between($colour->lab, Colour::fromReflectance($curve)->lab));
    }
    expect($worst)->toBeLessThan(0.5);
});

it('takes a measured curve as it is', function (): void {
    $curve = Spectrum::of(array_map(static fn(int $i): float => $i / 40, range(0, 30)));
    expect(Colour::fromReflectance($curve)->reflectance())->toBe($curve);
});

it('is the same difference both ways and none to itself', function (): void {
    $a = new Lab(40, 20, -30);
    $b = new Lab(60, -10, 25);
    expect(DeltaE2000::between($a, $b))->toEqualWithDelta(DeltaE2000::between($b, $a), 1e-9)
        ->and(DeltaE2000::between($a, $a))->toBe(0.0);
});

it('sees in a part of the bands what it sees in all of them', function (Bands $bands, float $half, float $most, float $worst): void {
    mt_srand(16);
    $off = [];
    for ($n = 0; $n < 300; $n++) {
        $curve = Colour::fromHex(sprintf('#%02x%02x%02x', mt_rand(5, 250), mt_rand(5, 250), mt_rand(5, 250)))->reflectance()->values;
        $off[] = DeltaE2000::between(Lab::fromXyz(Observer::xyz($bands->of($curve), $bands)), Lab::fromXyz(Observer::xyz($curve)));
    }
    sort($off);
    expect(array_sum(Observer::weights($bands)[1]))->toEqualWithDelta(100, 1e-9)
        ->and($off[150])->toBeLessThan($half)
        ->and($off[285])->toBeLessThan($most)
        ->and($off[299])->toBeLessThan($worst);
})->with([
    'every second' => [Bands::EverySecond, 0.01, 0.05, 0.3],
    'every third' => [Bands::EveryThird, 0.05, 0.4, 1.2],
]);

it('finds three unknowns by least squares, and leaves what nothing tells where it was', function (): void {
    // A parabola through points of one; then one of the three in no residual.
    $through = static fn(array $c): array => array_map(
        static fn(float $x): float => $c[0] * $x ** 2 + $c[1] * $x + $c[2] - (2 * $x ** 2 - 3 * $x + 0.5),
        [-1.0, 0.0, 1.0, 2.0],
    );
    expect(LeastSquares::minimise([0.0, 0.0, 0.0], $through, 40, 1e-18))->toEqualWithDelta([2.0, -3.0, 0.5], 1e-6);
    $untold = static fn(array $c): array => [$c[0] - 1, $c[1] + 1, 0.0];
    expect(LeastSquares::minimise([0.0, 0.0, 5.0], $untold, 40, 1e-18))->toEqualWithDelta([1.0, -1.0, 5.0], 1e-6);
});
