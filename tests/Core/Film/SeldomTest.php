<?php

declare(strict_types=1);

namespace Tests\Core\Film;

// Flakes that change their colour with the angle, and paint that glows by night. Our own simplifications, no published source.

use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Xyz;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Kind;
use Tests\Films;

/** @param array{float, float, float} $light X, Y and Z, Y of a perfect mirror 1 */
function light(array $light): Lab
{
    return Lab::fromXyz(new Xyz(...array_map(static fn(float $v): float => 100 * $v, $light)));
}

function by(int $from, FilmState $state): Lab
{
    /** @var array{float, float, float} $light */
    $light = \array_slice($state->seldom ?? [0.0, 0.0, 0.0, 0.0, 0.0, 0.0], $from, 3);

    return light($light);
}

it('changes the colour of a shift towards blue away from the mirror angle', function (): void {
    $gold = Films::black()->under(Film::of(Films::asSeen('#c98a2a', Kind::ColourShift), 8));
    $near = light($gold->glint ?? [0.0, 0.0, 0.0]);
    $away = by(0, $gold);
    // Red to yellow, yellow to green: hue rises.
    expect($away->hue())->toBeGreaterThan($near->hue() + 20)->and($away->l)->toBeGreaterThan(20);
});

it('throws a warm glint here and a cold one there, of a holographic flake', function (): void {
    $flake = Films::black()->under(Film::of(Films::asSeen('#d0d4d8', Kind::Holographic), 8));
    $near = light($flake->glint ?? [0.0, 0.0, 0.0]);
    expect($near->b)->toBeGreaterThan(10)->and(by(0, $flake)->b)->toBeLessThan(-10);
});

it('glows by night, best over white, and through what lies above as far as that lets it', function (): void {
    $glow = Film::of(Films::asSeen('#d8e8c0', Kind::Phosphorescent), 20);
    $night = static fn(FilmState $state): float => by(3, $state)->l;
    $over = Films::white()->under($glow);
    expect($night(Films::white()))->toBe(0.0)
        ->and($night($over))->toBeGreaterThan(40)
        ->and($night($over))->toBeGreaterThan($night(Films::black()->under($glow)) + 5)
        ->and($night($over->under(Film::of(Films::asSeen('#b3202c', Kind::Transparent), 5))))->toBeLessThan($night($over) - 8)
        ->and($night($over->under(Film::of(Films::asSeen('#141414', Kind::Opaque), 10))))->toBeLessThan(2);
});

it('looks like its swatch by day', function (): void {
    $day = Films::look(Films::white()->under(Film::of(Films::asSeen('#d8e8c0', Kind::Phosphorescent), 12)));
    expect($day->l)->toBeGreaterThan(80)->and($day->chroma())->toBeLessThan(35);
});
