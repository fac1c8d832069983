<?php

declare(strict_types=1);

namespace Tests\Core\Film;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Colour\Srgb;
use Hawkbrush\Core\Film\CardFilm;
use Hawkbrush\Core\Film\CardPhoto;
use Hawkbrush\Core\Film\CoatCount;
use Hawkbrush\Core\Film\Hiding;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Masstone;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Film\Unmeasured;
use Hawkbrush\Core\Refused;

function guessed(string $hex, Kind $kind): Optics
{
    return Unmeasured::optics(SurfaceFinish::Clear->body(Colour::fromHex($hex)->reflectance()), $kind);
}

it('says how many coats hide, or why none do', function (): void {
    $black = Spectrum::flat(0.02);
    $white = CoatCount::untilHidden(guessed('#f0f1ec', Kind::Opaque), $black, 6.0, SurfaceFinish::Clear, Colour::fromHex('#f0f1ec')->lab);
    $thinner = CoatCount::untilHidden(guessed('#f0f1ec', Kind::Opaque), $black, 2.0, SurfaceFinish::Clear, Colour::fromHex('#f0f1ec')->lab);
    $varnish = CoatCount::untilHidden(
        Optics::of(Spectrum::flat(0), Spectrum::flat(0)),
        $black,
        6.0,
        SurfaceFinish::Clear,
        Colour::fromHex('#f0f1ec')->lab,
    );
    $pearl = CoatCount::untilHidden(guessed('#a9c8de', Kind::Pearl), $black, 1.0, SurfaceFinish::Clear, Colour::fromHex('#a9c8de')->lab);
    // As the standard has it; the ground shows for longer, and it is said for how long.
    $unseen = array_key_first(array_filter(array_column($white->after, 1), static fn(float $off): bool => $off <= 1.0)) + 1;
    expect($white->coats)->toBe((int) ceil(Hiding::thicknessUm(guessed('#f0f1ec', Kind::Opaque)) / 6.0))
        ->and($unseen)->toBeGreaterThan($white->coats)
        ->and($white->reason)->toContain('contrast 0.98')->toContain('darker')->toContain("less than 1 after {$unseen} coats")
        ->and($thinner->coats)->toBeGreaterThan(2 * $white->coats)
        ->and($varnish->coats)->toBeNull()
        ->and($varnish->reason)->toContain('clear varnish')
        ->and($pearl->coats)->toBeNull()
        ->and($pearl->reason)->toContain('does not hide')
        ->and($white->after)->toHaveCount(CoatCount::MOST);
});

it('says when a ground that is nearly its own colour no longer shows, and means the standard by hiding', function (): void {
    $bone = guessed('#d8d0b8', Kind::Opaque);
    $lab = Colour::fromHex('#d8d0b8')->lab;
    $over = static fn(Spectrum $ground): CoatCount => CoatCount::untilHidden($bone, $ground, 4.0, SurfaceFinish::Clear, $lab);
    $same = $over(Masstone::of($bone));
    expect($same->coats)->toBe($over(Spectrum::flat(0.02))->coats)->toBeGreaterThan(2)
        ->and($same->reason)->toContain('no longer shows after 1 coat:');
});

it('takes the glow of a fluorescent for its own, not for the ground', function (): void {
    $orange = guessed('#ff6a1f', Kind::Fluorescent);
    $off = array_column(
        CoatCount::untilHidden($orange, Spectrum::flat(0.02), 6.0, SurfaceFinish::Clear, Colour::fromHex('#ff6a1f')->lab)->after,
        1,
    );
    expect($off[39])->toBeLessThan(1.5)->and($off[39])->toBeLessThan($off[19]);
});

it('does not count it as hiding when a see-through colour only goes dark; a black may', function (): void {
    $red = CoatCount::untilHidden(
        guessed('#4d2030', Kind::Transparent),
        Spectrum::flat(0.9),
        10.0,
        SurfaceFinish::Clear,
        Colour::fromHex('#4d2030')->lab,
    );
    $ink = CoatCount::untilHidden(
        guessed('#141214', Kind::Ink),
        Spectrum::flat(0.9),
        4.0,
        SurfaceFinish::Clear,
        Colour::fromHex('#141214')->lab,
    );
    expect($red->coats)->toBeNull()
        ->and($red->reason)->toContain('never hides in its own colour')
        ->and($ink->coats)->toBeGreaterThan(0);
});

it('says how many coats reach a colour, or what stays off', function (): void {
    $red = guessed('#b3202c', Kind::Transparent);
    $white = Spectrum::flat(0.9);
    $three = CoatCount::untilColour($red, $white, 2.5, SurfaceFinish::Clear, Colour::fromHex('#808080')->lab, 1.0)->after[2][0];
    $reached = CoatCount::untilColour($red, $white, 2.5, SurfaceFinish::Clear, $three->lab, 0.5);
    $blue = CoatCount::untilColour($red, $white, 2.5, SurfaceFinish::Clear, Colour::fromHex('#2040c0')->lab, 2.0);
    $light = CoatCount::untilColour($red, Spectrum::flat(0.02), 2.5, SurfaceFinish::Clear, Colour::fromHex('#f0a0a0')->lab, 2.0);
    expect($reached->coats)->toBe(3)
        ->and($blue->coats)->toBeNull()
        ->and($blue->reason)->toContain('It never gets there')->toContain('of another hue')
        ->and($light->reason)->toContain('too dark')
        // A red asked to be an orange is too red, one asked to be a violet too yellow.
        ->and(CoatCount::untilColour(
            $red,
            $white,
            2.5,
            SurfaceFinish::Clear,
            Colour::fromHex('#c04a20')->lab,
            0.5,
        )->reason)->toContain('towards red')
        ->and(CoatCount::untilColour(
            $red,
            $white,
            2.5,
            SurfaceFinish::Clear,
            Colour::fromHex('#b0205c')->lab,
            0.5,
        )->reason)->toContain('towards yellow');
});

it('knows the film of a card by gauge and by drops', function (): void {
    // 60 um wet, 40 % solids, a quarter reducer; and 20 drops of 0.05 ml (1 ml) over 50 x 100 mm at 30 % solids.
    expect(CardFilm::fromGauge(60, 0.4, 0.25))->toEqualWithDelta(18.0, 1e-9)
        ->and(CardFilm::fromDrops(20, 0.05, 0.3, 5000))->toEqualWithDelta(60.0, 1e-9)
        ->and(fn() => CardFilm::fromGauge(60, 0.0, 0.0))->toThrow(Refused::class, 'Nothing stays');
});

it('puts a photograph of a card right by its own white and black', function (): void {
    // The same card, half as bright, with a veil of 3 % and a warm lamp: what a lens and a lamp do.
    $photo = static function (string $true): Colour {
        $linear = Srgb::linear(Colour::fromHex($true)->lab->toXyz());
        $lamp = [0.62, 0.5, 0.38];
        $shown = array_map(
            static fn(float $light, float $by): float => Srgb::encode($light * $by + 0.03),
            $linear,
            $lamp,
        );

        return Colour::fromHex((new Srgb(...$shown))->hex());
    };
    $card = CardPhoto::calibrate($photo('#eceded'), $photo('#2b2b2b'), Colour::fromHex('#eceded'), Colour::fromHex('#2b2b2b'));
    foreach (['#4d6340', '#b3202c', '#33618e', '#dba52a'] as $hex) {
        expect(DeltaE2000::between($card->put($photo($hex))->lab, Colour::fromHex($hex)->lab))->toBeLessThan(1.5);
    }
    expect(fn() => CardPhoto::calibrate(
        Colour::fromHex('#ffffff'),
        Colour::fromHex('#101010'),
        Colour::fromHex('#eceded'),
        Colour::fromHex('#2b2b2b'),
    ))->toThrow(Refused::class, 'burnt out')
        ->and(fn() => CardPhoto::calibrate(
            Colour::fromHex('#303030'),
            Colour::fromHex('#909090'),
            Colour::fromHex('#eceded'),
            Colour::fromHex('#2b2b2b'),
        ))->toThrow(
            Refused::class,
            'hardly apart',
        );
});
