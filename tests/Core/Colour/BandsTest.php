<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\Glint;
use Hawkbrush\Core\Film\Glow;
use Hawkbrush\Core\Film\Optics;

/** @return list<float> 31 bands of any polynomial of the fifth degree */
function anyQuintic(int $seed): array
{
    mt_srand($seed);
    $parts = array_map(static fn(int $_): float => mt_rand(-100, 100) / 100, range(0, 5));

    return array_map(
        static fn(int $i): float => array_sum(array_map(
            static fn(float $part, int $power): float => $part * ($i / 15 - 1) ** $power,
            $parts,
            array_keys($parts),
        )),
        range(0, Spectrum::BANDS - 1),
    );
}

/**
 * @param list<float> $curve
 * @param list<float> $weights
 */
function weighed(array $curve, array $weights): float
{
    return array_sum(array_map(static fn(float $r, float $w): float => $r * $w, $curve, $weights));
}

it('follows from the first band to the last', function (Bands $bands, int $followed): void {
    $curve = array_map(floatval(...), range(0, 30));
    $some = $bands->of($curve);
    expect($some)->toHaveCount($followed)->and($some[0])->toBe(0.0)->and($some[$followed - 1])->toBe(30.0)
        ->and($some[1] - $some[0])->toBe((float) $bands->value);
})->with([[Bands::All, 31], [Bands::EverySecond, 16], [Bands::EveryThird, 11]]);

it('numbers the band nearest to a wavelength', function (Bands $bands, int $nm, int $number): void {
    expect($bands->at($nm))->toBe($number);
})->with([
    [Bands::All, 400, 0], [Bands::All, 550, 15], [Bands::All, 700, 30],
    [Bands::EverySecond, 400, 0], [Bands::EverySecond, 540, 7], [Bands::EverySecond, 700, 15],
    [Bands::EveryThird, 400, 0],
    [Bands::EveryThird, 440, 1],
    [Bands::EveryThird, 550, 5],
    [Bands::EveryThird, 600, 7],
    [Bands::EveryThird, 700, 10],
]);

it('gives of every polynomial of the fifth degree exactly what all bands give, under any weights', function (Bands $bands): void {
    foreach (range(1, 20) as $seed) {
        $curve = anyQuintic($seed);
        $weights = array_map(static fn(int $_): float => mt_rand(0, 1000) / 1000, range(0, 30));
        expect(weighed($bands->of($curve), $bands->gathered($weights)))->toEqualWithDelta(weighed($curve, $weights), 1e-9);
    }
})->with(Bands::cases());

it('sees a perfect white as white, whatever it follows', function (Bands $bands): void {
    $xyz = Observer::xyz($bands->of(array_fill(0, 31, 1.0)), $bands);
    $all = Observer::xyz(array_fill(0, 31, 1.0));
    expect([$xyz->x, $xyz->y, $xyz->z])->toEqualWithDelta([$all->x, $all->y, $all->z], 1e-9)
        ->and($all->y)->toEqualWithDelta(100, 1e-9)
        // A grey film that scatters nothing lets exp(-K X) through, and back: at 0.1 per um and 5 um that is exp(-1).
        ->and(Glint::dimmedBy(Optics::of(Spectrum::flat(0.1), Spectrum::flat(0)), 5, $bands))
        ->toEqualWithDelta(array_fill(0, 3, exp(-1)), 1e-9)
        ->and(Glow::excitation($bands->of(array_fill(0, 31, 0.4)), $bands))->toEqualWithDelta(0.4, 1e-9);
})->with(Bands::cases());

it('excites with what is let through below 500 nm and with nothing above', function (Bands $bands): void {
    $blue = array_map(static fn(int $i): float => $i < 10 ? 1.0 : 0.0, range(0, 30));
    // A step is no smooth curve: between the bands followed it is off by a part of one of ten.
    expect(Glow::excitation($bands->of($blue), $bands))->toEqualWithDelta(1.0, 0.12)
        ->and(Glow::excitation($bands->of(array_map(static fn(float $v): float => 1 - $v, $blue)), $bands))->toEqualWithDelta(0.0, 0.12);
})->with(Bands::cases());
