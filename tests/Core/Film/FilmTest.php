<?php

declare(strict_types=1);

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Colour\Xyz;
use Hawkbrush\Core\Film\DuncanMixing;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Hiding;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\KubelkaMunk;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Film\WetBlend;
use Hawkbrush\Core\Refused;
use Tests\Build;

it('keeps the limits: no film, no scattering, no absorption, far too much of all', function (): void {
    $flat = static fn(float $v): array => array_fill(0, 31, $v);
    [$r, $t] = KubelkaMunk::film($flat(0.1), $flat(0.2), 0.0);
    expect($r[0])->toBe(0.0)->and($t[0])->toBe(1.0);
    [$r, $t] = KubelkaMunk::film($flat(0.1), $flat(0.0), 7.0);
    expect($r[0])->toBe(0.0)->and($t[0])->toEqualWithDelta(exp(-0.7), 1e-12);
    [$r, $t] = KubelkaMunk::film($flat(0.0), $flat(0.2), 10.0);
    expect($r[0])->toEqualWithDelta(2 / 3, 1e-12)->and($r[0] + $t[0])->toEqualWithDelta(1, 1e-12);
    [$r, $t] = KubelkaMunk::film($flat(0.0), $flat(0.0), 10.0);
    expect($r[0])->toBe(0.0)->and($t[0])->toBe(1.0);
    [$r, $t] = KubelkaMunk::film($flat(100.0), $flat(100.0), 1e6);
    expect(is_finite($r[0]))->toBeTrue()->and($t[0])->toBe(0.0);
});

it('has no seam where absorption all but vanishes', function (): void {
    $s = array_fill(0, 31, 0.3);
    [$none] = KubelkaMunk::film(array_fill(0, 31, 0.0), $s, 10.0);
    [$hardly] = KubelkaMunk::film(array_fill(0, 31, 1e-12), $s, 10.0);
    expect($hardly[0])->toEqualWithDelta($none[0], 1e-6);
});

it('neither makes nor loses a film of nothing', function (): void {
    $state = FilmState::ground(array_fill(0, 31, 0.4));
    expect($state->under(Film::of(Build::optics('#c8102e', Kind::Transparent), 0.0))->r)->toEqual($state->r);
});

it('refuses a film of less than nothing', function (): void {
    Film::of(Build::optics('#c8102e', Kind::Transparent), -1.0);
})->throws(Refused::class);

it('refuses absorption below zero, saying which band', function (): void {
    $bad = Spectrum::of([...array_fill(0, 30, 0.1), -0.1]);
    try {
        Optics::of($bad, Spectrum::flat(0.1));
        $pointer = null;
    } catch (Refused $e) {
        $pointer = $e->pointer;
    }
    expect($pointer)->toBe('/k/30');
});

it('shows its swatch when it hides', function (Kind $kind, float $um): void {
    $colour = Colour::fromHex('#a05a2c');
    $thick = FilmState::ground(array_fill(0, 31, 0.0))->under(Film::of(Build::optics('#a05a2c', $kind), $um));
    expect(DeltaE2000::between($colour->lab, Colour::fromReflectance(Spectrum::of($thick->r))->lab))->toBeLessThan(0.6);
})->with([[Kind::Opaque, 400.0], [Kind::SemiOpaque, 2000.0], [Kind::Metallic, 400.0]]);

it('shows the swatch of a transparent over a perfect white', function (): void {
    $film = FilmState::ground(array_fill(0, 31, 1.0))->under(Film::of(Build::optics('#6a8f4a', Kind::Transparent), 8.0));
    expect(DeltaE2000::between(Colour::fromHex('#6a8f4a')->lab, Colour::fromReflectance(Spectrum::of($film->r))->lab))->toBeLessThan(1.5);
});

it('never hides with a transparent and says how much an opaque takes', function (): void {
    expect(Hiding::thicknessUm(Build::optics('#f5d000', Kind::Transparent)))->toBeNull()
        ->and(Hiding::thicknessUm(Build::optics('#191a1b', Kind::Opaque)))->toBeLessThan(Hiding::thicknessUm(Build::optics('#f0c018', Kind::Opaque)));
});

it('mixes between its parts and the same in any order', function (): void {
    $a = Build::optics('#c8102e', Kind::Opaque);
    $b = Build::optics('#1040a0', Kind::Opaque);
    $mix = DuncanMixing::mix([[$a, 1.0], [$b, 3.0]]);
    $other = DuncanMixing::mix([[$b, 3.0], [$a, 1.0]]);
    foreach ($mix->k->values as $i => $k) {
        expect($k)->toEqualWithDelta(0.25 * $a->k->values[$i] + 0.75 * $b->k->values[$i], 1e-12)
            ->and($other->k->values[$i])->toEqualWithDelta($k, 1e-12);
    }
});

it('refuses to mix nothing', function (): void {
    DuncanMixing::mix([[Build::optics('#c8102e', Kind::Opaque), 0.0]]);
})->throws(Refused::class);

it('runs two coats together only as far as the lower is wet', function (): void {
    $white = Build::optics('#f4f4f0', Kind::Opaque);
    $red = Build::optics('#c8102e', Kind::Transparent);
    $ground = FilmState::ground(array_fill(0, 31, 0.7));
    $set = $ground->under(Film::of($white, 10))->under(Film::of($red, 5));
    expect(WetBlend::lay($ground, $white, 10, $red, 5, 0.0)->r)->toEqual($set->r);
    $full = $ground->under(Film::of(DuncanMixing::mix([[$white, 10.0], [$red, 5.0]]), 15));
    foreach (WetBlend::lay($ground, $white, 10, $red, 5, 1.0)->r as $i => $r) {
        expect($r)->toEqualWithDelta($full->r[$i], 1e-12);
    }
});

it('undoes what the surface does', function (SurfaceFinish $finish): void {
    $body = Spectrum::of(array_map(static fn(int $i): float => 0.02 + $i / 33, range(0, 30)));
    foreach ($finish->body(Spectrum::of($finish->seen($body->values)))->values as $i => $r) {
        expect($r)->toEqualWithDelta($body->values[$i], 1e-9);
    }
})->with([SurfaceFinish::None, SurfaceFinish::Matte, SurfaceFinish::Clear]);

it('throws a glint of its own from pearl, dimmed by what lies above', function (): void {
    $pearl = FilmState::ground(array_fill(0, 31, 0.8))->under(Film::of(Build::optics('#a9c8de', Kind::Pearl), 6));
    $dimmed = $pearl->under(Film::of(Build::optics('#3b3f44', Kind::Transparent), 6));
    expect($pearl->glint[1] ?? 0)->toBeGreaterThan(0.05)
        ->and($dimmed->glint[1] ?? 0)->toBeLessThan(0.5 * ($pearl->glint[1] ?? 0))
        ->and(FilmState::ground(array_fill(0, 31, 0.8))->glint)->toBeNull();
});

it('takes the colour of a glint from what lies above it, much as band by band', function (string $over): void {
    $pearl = Build::optics('#e8ecee', Kind::Pearl);
    $film = Film::of(Build::optics($over, Kind::Transparent), 5);
    $through = FilmState::ground(array_fill(0, 31, 0.8))->under(Film::of($pearl, 6))->under($film)->glint;
    $bands = [];
    foreach ($pearl->glint->values ?? [] as $i => $shine) {
        $bands[] = $shine * (1 - exp(-0.14 * 6)) * $film->t2[$i];
    }
    $exact = Colour::fromReflectance(Spectrum::of($bands))->lab;
    $carried = Lab::fromXyz(new Xyz(100 * ($through[0] ?? 0), 100 * ($through[1] ?? 0), 100 * ($through[2] ?? 0)));
    expect(DeltaE2000::between($exact, $carried))->toBeLessThan(2.5);
})->with(['#b3202c', '#33618e', '#4d6340', '#6a4524', '#f5d000']);

it('glows over white and dies under dark', function (): void {
    $glow = Build::optics('#ff7a2e', Kind::Fluorescent);
    $overWhite = FilmState::ground(array_fill(0, 31, 0.9))->under(Film::of($glow, 12));
    $overBlack = FilmState::ground(array_fill(0, 31, 0.02))->under(Film::of($glow, 12));
    $covered = $overWhite->under(Film::of(Build::optics('#191a1b', Kind::Opaque), 10));
    expect(array_sum($overWhite->glow ?? []))->toBeGreaterThan(1.2 * array_sum($overBlack->glow ?? []))
        ->and(array_sum($covered->glow ?? []))->toBeLessThan(0.01);
});

it('stays finite and within bounds over forty coats of anything', function (Kind $kind): void {
    $state = FilmState::ground(array_fill(0, 31, 0.5));
    $film = Film::of(Build::optics('#ffffff', $kind), 30);
    for ($i = 0; $i < 40; $i++) {
        $state = $state->under($film);
    }
    expect(min($state->r))->toBeGreaterThanOrEqual(0)
        ->and(max($state->r))->toBeLessThanOrEqual(1.0)
        ->and(array_filter([...$state->r, ...($state->glow ?? [])], is_nan(...)))->toBe([]);
})->with(Kind::cases());
