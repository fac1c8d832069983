<?php

declare(strict_types=1);

namespace Tests\Core\Film;

// What must hold of any film of any paint, tried on many made by chance.

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\CoatCount;
use Hawkbrush\Core\Film\DuncanMixing;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Hiding;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Masstone;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Film\Unmeasured;
use Hawkbrush\Core\Film\WetBlend;

/** @return list<array{string, Optics}> hex and optics of each kind, of any colours */
function anyPaints(int $seed): array
{
    mt_srand($seed);

    return array_map(static function (Kind $kind): array {
        $hex = \sprintf('#%02x%02x%02x', mt_rand(0, 255), mt_rand(0, 255), mt_rand(0, 255));

        return [$hex, Unmeasured::optics(SurfaceFinish::Clear->body(Colour::fromHex($hex)->reflectance()), $kind)];
    }, Kind::cases());
}

/** @return list<float> */
function anyGround(): array
{
    $level = mt_rand(0, 100) / 100;

    return array_map(static fn(int $i): float => max(0.0, min(1.0, $level + 0.3 * sin($i / 5 + mt_rand(0, 6)))), range(0, 30));
}

dataset('any paints', range(1, 12));

it('neither makes light nor loses any twice: what comes back and what goes through is at most all', function (int $seed): void {
    foreach (anyPaints($seed) as [, $optics]) {
        foreach ([0.01, 0.7, 5.0, 40.0, 900.0] as $um) {
            $film = Film::of($optics, $um);
            foreach ($film->r as $i => $r) {
                expect($r >= 0 && $film->t[$i] >= 0 && $r + $film->t[$i] <= 1 + 1e-9)->toBeTrue();
            }
        }
    }
})->with('any paints');

it('lets the less through the thicker it is, and returns the more', function (int $seed): void {
    foreach (anyPaints($seed) as [, $optics]) {
        $before = Film::of($optics, 0.0);
        foreach ([0.5, 2.0, 9.0, 30.0, 120.0] as $um) {
            $film = Film::of($optics, $um);
            foreach ([0, 12, 30] as $band) {
                expect($film->t[$band])->toBeLessThanOrEqual($before->t[$band] + 1e-12)
                    ->and($film->r[$band])->toBeGreaterThanOrEqual($before->r[$band] - 1e-12);
            }
            $before = $film;
        }
    }
})->with('any paints');

it('lies between the ground and its own masstone, nearer to it coat by coat', function (int $seed): void {
    foreach (anyPaints($seed) as [, $optics]) {
        $full = Masstone::of($optics)->values;
        $state = FilmState::ground(anyGround());
        foreach (range(1, 6) as $_) {
            $next = $state->under(Film::of($optics, 4.0));
            foreach ($next->r as $band => $r) {
                $between = ($r - $full[$band]) * ($state->r[$band] - $full[$band]);
                expect($between)->toBeGreaterThanOrEqual(-1e-9)
                    ->and(abs($r - $full[$band]))->toBeLessThanOrEqual(abs($state->r[$band] - $full[$band]) + 1e-9);
            }
            $state = $next;
        }
    }
})->with('any paints');

it('keeps the lighter ground the lighter under any film', function (int $seed): void {
    foreach (anyPaints($seed) as [, $optics]) {
        $film = Film::of($optics, mt_rand(1, 300) / 10);
        $dark = FilmState::ground(array_fill(0, 31, 0.1))->under($film);
        $light = FilmState::ground(array_fill(0, 31, 0.8))->under($film);
        expect(array_filter(array_map(static fn(float $a, float $b): bool => $a > $b + 1e-12, $dark->r, $light->r)))->toBe([]);
    }
})->with('any paints');

it('is the same laid in two goes of the same paint as in one', function (int $seed): void {
    foreach (anyPaints($seed) as [, $optics]) {
        $ground = FilmState::ground(anyGround());
        $once = $ground->under(Film::of($optics, 11.0));
        $twice = $ground->under(Film::of($optics, 4.0))->under(Film::of($optics, 7.0));
        expect($twice->r)->toEqualWithDelta($once->r, 1e-9);
    }
})->with('any paints');

it('runs together from set to wholly mixed, and there is the film of the mix', function (int $seed): void {
    $paints = anyPaints($seed);
    [[, $lower], [, $upper]] = [$paints[$seed % 7], $paints[($seed + 3) % 7]];
    $ground = FilmState::ground(anyGround());
    $set = WetBlend::lay($ground, $lower, 6.0, $upper, 4.0, 0.0);
    $mixed = WetBlend::lay($ground, $lower, 6.0, $upper, 4.0, 1.0);
    expect($set->r)->toEqualWithDelta($ground->under(Film::of($lower, 6.0))->under(Film::of($upper, 4.0))->r, 1e-12)
        ->and($mixed->r)->toEqualWithDelta($ground->under(Film::of(DuncanMixing::mix([[$lower, 6.0], [$upper, 4.0]]), 10.0))->r, 1e-12);
    foreach ([0.2, 0.5, 0.9] as $share) {
        $some = WetBlend::lay($ground, $lower, 6.0, $upper, 4.0, $share);
        expect(min($some->r))->toBeGreaterThanOrEqual(0.0)->and(max($some->r))->toBeLessThanOrEqual(1.0);
    }
})->with('any paints');

it('mixes the same in any order, and nothing of a paint changes nothing', function (int $seed): void {
    $parts = array_map(static fn(array $paint): array => [$paint[1], mt_rand(1, 20) / 10], \array_slice(anyPaints($seed), 0, 4));
    $mixed = DuncanMixing::mix($parts);
    $turned = DuncanMixing::mix(array_reverse($parts));
    $more = DuncanMixing::mix([...$parts, [anyPaints($seed + 50)[2][1], 0.0]]);
    expect($turned->k->values)->toEqualWithDelta($mixed->k->values, 1e-12)
        ->and($turned->s->values)->toEqualWithDelta($mixed->s->values, 1e-12)
        ->and($more->k->values)->toEqualWithDelta($mixed->k->values, 1e-12);
    // A mix of mixes is the mix of all: two cups poured together.
    $first = DuncanMixing::mix(\array_slice($parts, 0, 2));
    $second = DuncanMixing::mix(\array_slice($parts, 2));
    $volume = static fn(array $of): float => array_sum(array_column($of, 1));
    $poured = DuncanMixing::mix([[$first, $volume(\array_slice($parts, 0, 2))], [$second, $volume(\array_slice($parts, 2))]]);
    expect($poured->k->values)->toEqualWithDelta($mixed->k->values, 1e-9)
        ->and($poured->s->values)->toEqualWithDelta($mixed->s->values, 1e-9);
})->with('any paints');

it('hides a card at the thickness it says, and not at nine tenths of it', function (int $seed): void {
    foreach (anyPaints($seed) as [, $optics]) {
        $um = Hiding::thicknessUm($optics);
        if ($um === null) {
            expect(Hiding::hides($optics, 150.0))->toBeFalse();
        } else {
            expect(Hiding::hides($optics, $um * 1.000001))->toBeTrue()->and(Hiding::hides($optics, 0.9 * $um))->toBeFalse();
        }
    }
})->with('any paints');

it('counts coats that do what is said of them, and not one too many', function (int $seed): void {
    foreach (anyPaints($seed) as [$hex, $optics]) {
        $ground = Spectrum::of(anyGround());
        $coats = CoatCount::untilHidden($optics, $ground, 6.0, SurfaceFinish::Clear, Colour::fromHex($hex)->lab);
        expect($coats->reason)->not->toBe('')->and($coats->after)->toHaveCount(CoatCount::MOST);
        if ($coats->coats !== null) {
            // As the standard has it, and not a coat sooner.
            $hides = static fn(int $after): bool => Hiding::hides($optics, 6.0 * $after);
            expect($hides($coats->coats))->toBeTrue()->and($coats->coats > 1 && $hides($coats->coats - 1))->toBeFalse();
        }
        // To a colour that it passes on its way, it is said to come.
        $third = $coats->after[2][0];
        $reached = CoatCount::untilColour($optics, $ground, 6.0, SurfaceFinish::Clear, $third->lab, 0.5);
        expect($reached->coats)->toBeLessThanOrEqual(3)->toBeGreaterThanOrEqual(1)
            ->and(DeltaE2000::between($reached->after[$reached->coats - 1][0]->lab, $third->lab))->toBeLessThanOrEqual(0.5);
    }
})->with('any paints');

it('shows its swatch as the kind shows it', function (int $seed): void {
    mt_srand($seed);
    // A clear medium and a size have no colour to show.
    foreach (array_filter(Kind::cases(), static fn(Kind $kind): bool => $kind->colours()) as $kind) {
        // Not the darkest: no transparent is purer than one in a hundred.
        $hex = \sprintf('#%02x%02x%02x', mt_rand(60, 240), mt_rand(60, 240), mt_rand(60, 240));
        $body = SurfaceFinish::Clear->body(Colour::fromHex($hex)->reflectance());
        $optics = Unmeasured::optics($body, $kind);
        if ($kind === Kind::ColourShift) {
            // It shows its swatch at the mirror angle only.
            continue;
        }
        $um = $kind->swatchFilmUm();
        $state = FilmState::ground(array_fill(0, 31, 1.0))->under(Film::of($optics, $um ?? 5000.0));
        $seen = Colour::fromReflectance(Spectrum::of(SurfaceFinish::Clear->seen($state->r)));
        // Those that scatter a little come out somewhat lighter than their swatch over a perfect white.
        expect(DeltaE2000::between($seen->lab, Colour::fromHex($hex)->lab))->toBeLessThan($um === null ? 0.5 : 14.0);
    }
})->with('any paints');
