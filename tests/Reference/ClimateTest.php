<?php

declare(strict_types=1);

use Hawkbrush\Core\Drying\Airflow;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Drying\Evaporation;
use Hawkbrush\Core\Drying\Psychrometrics;

it('agrees with printed dew points', function (float $air, float $humidity, float $dew): void {
    // Psychrometric tables (from memory of the usual printed ones, to 0.1 C).
    expect(Climate::of($air, $humidity)->dewPointC())->toEqualWithDelta($dew, 0.11);
})->with([[20, 50, 9.3], [25, 60, 16.7], [20, 80, 16.4], [30, 50, 18.4], [15, 70, 9.6], [21, 100, 21.0]]);

it('agrees with the saturation pressures of steam tables within the formula’s 0.4 %', function (float $celsius, float $kpa): void {
    // Saturation pressure of water, kPa, as printed in steam tables (from memory): the Magnus form promises 0.4 %.
    expect(Psychrometrics::saturationKpa($celsius))->toEqualWithDelta($kpa, 0.004 * $kpa);
})->with([[0.01, 0.6117], [10, 1.2282], [20, 2.3393], [30, 4.2470], [40, 7.3849], [50, 12.352]]);

it('evaporates as the handbook’s pool example', function (): void {
    // ASHRAE Handbook, HVAC Applications: its worked form for still water takes 0.089 at no wind and rises by 0.0782 for
    // each m/s; with 28 C water, 28 C air, 50 % and 0.1 m/s the latent heat of 2435 kJ/kg gives about 0.26 kg/(h m2)
    // (worked by hand from the printed equation).
    $drive = Psychrometrics::saturationKpa(28) * 0.5;
    $expected = (0.089 + 0.0782 * 0.1) * $drive / 2435 * 3600;
    expect(Evaporation::rate(Climate::of(28, 50), Airflow::of(0.1, 28)) * 3600)->toEqualWithDelta($expected, 0.01 * $expected)
        ->and($expected)->toBeBetween(0.25, 0.28);
});

it('agrees with the handbook’s short form for pools', function (
    float $waterC,
    float $waterKpa,
    float $airC,
    float $humidity,
    float $airKpa,
): void {
    // ASHRAE Handbook, HVAC Applications, chapter on natatoriums: w = 4e-5 A (p_w - p_a) kg/s, p in kPa, printed for still
    // indoor air of about 0.1 m/s and 2400 kJ/kg (from memory). Pressures as printed in steam tables (from memory).
    $printed = 4e-5 * ($waterKpa - $airKpa * $humidity / 100);
    $ours = Evaporation::rate(Climate::of($airC, $humidity), Airflow::of(0.1, $waterC));
    expect($ours)->toEqualWithDelta($printed, 0.035 * $printed);
})->with([
    'a warm pool, air as warm' => [28, 3.782, 28, 50, 3.782],
    'a warm pool, warmer air' => [27, 3.567, 29, 55, 4.008],
    'a sports pool' => [25, 3.169, 27, 55, 3.567],
    'a hot tub' => [38, 6.632, 28, 50, 3.782],
    'a cold plunge in dry air' => [20, 2.339, 24, 40, 2.985],
]);
