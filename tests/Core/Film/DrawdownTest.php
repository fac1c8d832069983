<?php

declare(strict_types=1);

namespace Tests\Core\Film;

use Hawkbrush\Core\Calculator\Calculators;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\Drawdown;
use Hawkbrush\Core\Film\DuncanMixing;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Masstone;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Film\Unmeasured;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Tests\Build;

/** What a card of this paint would read over a ground. */
function cardOf(Optics $optics, float $um, float $ground): Spectrum
{
    return Spectrum::of(FilmState::ground(array_fill(0, 31, $ground))->under(Film::of($optics, $um))->r);
}

/** A made-up paint whose scattering runs straight over the wavelengths, as pigments' does: {@see Unmeasured} bends it. */
function pigment(string $hex, Kind $kind): Optics
{
    $body = Colour::fromHex($hex)->reflectance();
    $s550 = Unmeasured::optics($body, $kind)->s->values[15];
    $film = $kind->swatchFilmUm();
    $s = $body->map(static fn(float $r, int $nm): float => $s550 * (550 / $nm) ** $kind->slope());
    $k = $film === null
        ? $body->map(static fn(float $r, int $nm): float => $s550 * (550 / $nm) ** $kind->slope() * (1 - $r) ** 2 / (2 * $r))
        : $body->map(static fn(float $r): float => -log(max(0.01, $r)) / (2 * $film));

    return Optics::of($k, $s);
}

function taught(Optics $optics, float $um, float $white = 0.85, float $black = 0.04): Drawdown
{
    return Drawdown::solve(cardOf($optics, $um, $white), cardOf($optics, $um, $black), Spectrum::flat($white), Spectrum::flat($black), $um);
}

it('finds the K and S that made the card, to 1 %', function (string $hex, Kind $kind, float $um): void {
    $optics = pigment($hex, $kind);
    $found = taught($optics, $um)->optics;
    $passes = Film::of($optics, $um)->t;
    foreach (range(0, 30) as $i) {
        if ($passes[$i] < 1e-3) {
            // Where no light gets through, a card tells K/S but neither alone.
            $ratio = $optics->k->values[$i] / $optics->s->values[$i];
            expect($found->k->values[$i] / $found->s->values[$i])->toEqualWithDelta($ratio, 0.01 * $ratio);

            continue;
        }
        expect($found->k->values[$i])->toEqualWithDelta($optics->k->values[$i], max(0.01 * $optics->k->values[$i], 1e-6))
            ->and($found->s->values[$i])->toEqualWithDelta($optics->s->values[$i], max(0.01 * $optics->s->values[$i], 1e-6));
    }
})->with([
    'a transparent red' => ['#c8102e', Kind::Transparent, 8.0],
    'a transparent yellow' => ['#f5d000', Kind::Transparent, 5.0],
    'a semi-opaque orange' => ['#e06a10', Kind::SemiOpaque, 10.0],
    'an opaque bone' => ['#ded3b4', Kind::Opaque, 6.0],
    'a thin white' => ['#f0f1ec', Kind::Opaque, 4.0],
    'a pearl' => ['#a9c8de', Kind::Pearl, 10.0],
    'a grey' => ['#66717a', Kind::Opaque, 3.0],
]);

it('knows the limits: clear varnish, pure white, pure black', function (): void {
    $clear = taught(Optics::of(Spectrum::flat(0), Spectrum::flat(0)), 20)->optics;
    $white = taught(Optics::of(Spectrum::flat(0), Spectrum::flat(0.3)), 10)->optics;
    $dye = taught(Optics::of(Spectrum::flat(0.2), Spectrum::flat(0)), 5)->optics;
    expect(max($clear->k->values))->toBeLessThan(1e-6)
        ->and(max($clear->s->values))->toBeLessThan(1e-6)
        ->and($white->s->values[10])->toEqualWithDelta(0.3, 0.003)
        ->and($white->k->values[10])->toBeLessThan(1e-4)
        ->and($dye->k->values[10])->toEqualWithDelta(0.2, 1e-6)
        ->and($dye->s->values[10])->toBeLessThan(1e-6);
});

it('tells kinds apart by what the card hides', function (string $hex, Kind $kind, float $um): void {
    expect(taught(pigment($hex, $kind), $um)->kind)->toBe($kind);
})->with([
    ['#ded3b4', Kind::Opaque, 20.0],
    ['#e06a10', Kind::SemiOpaque, 12.0],
    ['#c8102e', Kind::Transparent, 8.0],
]);

it('stays within what a paint can be when the readings are noisy', function (): void {
    mt_srand(11);
    $optics = pigment('#e06a10', Kind::SemiOpaque);
    $noisy = static fn(Spectrum $s): Spectrum => $s->map(static fn(float $v): float => max(
        0.0,
        min(1.0, $v + mt_rand(-100, 100) / 20_000),
    ));
    for ($i = 0; $i < 50; $i++) {
        $card = Drawdown::solve(
            $noisy(cardOf($optics, 9, 0.85)),
            $noisy(cardOf($optics, 9, 0.04)),
            Spectrum::flat(0.85),
            Spectrum::flat(0.04),
            9,
        );
        expect(min($card->optics->k->values))->toBeGreaterThanOrEqual(0)
            ->and(min($card->optics->s->values))->toBeGreaterThanOrEqual(0)
            ->and($card->optics->s->values[15])->toEqualWithDelta($optics->s->values[15], 0.15 * $optics->s->values[15]);
    }
});

it('finds the colour of thin coats off a card that hides, read as by a small instrument', function (
    string $hex,
    Kind $kind,
    float $um,
    float $within,
): void {
    mt_srand(12);
    $optics = pigment($hex, $kind);
    $noisy = static fn(Spectrum $s): Spectrum => $s->map(static fn(float $v): float => max(
        0.0,
        $v + 0.0025 * (mt_rand(-1000, 1000) + mt_rand(-1000, 1000)) / 2000,
    ));
    $thin = static fn(Optics $of, float $um, float $ground): Lab => Colour::fromReflectance(cardOf($of, $um, $ground))->lab;
    for ($i = 0; $i < 20; $i++) {
        $card = Drawdown::solve(
            $noisy(cardOf($optics, $um, 0.85)),
            $noisy(cardOf($optics, $um, 0.04)),
            Spectrum::flat(0.85),
            Spectrum::flat(0.04),
            $um,
        );
        foreach ([2.0, 5.0] as $coat) {
            foreach ([0.04, 0.85] as $ground) {
                expect(DeltaE2000::between($thin($card->optics, $coat, $ground), $thin($optics, $coat, $ground)))->toBeLessThan($within);
            }
        }
    }
})->with([
    'a red, which hides in the blue' => ['#c8102e', Kind::Opaque, 10.0, 3.0],
    'a blue, of which hardly any band tells' => ['#203a80', Kind::Opaque, 12.0, 3.0],
    'an orange' => ['#e06a10', Kind::SemiOpaque, 17.0, 2.5],
    'a bone' => ['#ded3b4', Kind::Opaque, 17.0, 2.5],
    'a transparent red' => ['#c8102e', Kind::Transparent, 10.0, 4.0],
]);

/** A card of these optics, its four colours typed off a screen. */
function typedCard(Optics $optics, float $um, ?Optics $before = null): Drawdown
{
    $typed = static fn(Spectrum $seen): Spectrum => Colour::fromHex(Colour::fromReflectance($seen)->hex())->reflectance();

    return Drawdown::ofSwatches(
        $typed(cardOf($optics, $um, 0.85)),
        $typed(cardOf($optics, $um, 0.04)),
        $typed(Spectrum::flat(0.85)),
        $typed(Spectrum::flat(0.04)),
        $um,
        $before,
    );
}

it('finds the colour of thin coats off a card whose colours were typed', function (
    string $hex,
    Kind $kind,
    float $um,
    float $within,
): void {
    $optics = pigment($hex, $kind);
    // Assumed before: another strength of the same.
    $before = Optics::of($optics->k->map(static fn(float $k): float => 1.7 * $k), $optics->s->map(static fn(float $s): float => 0.6 * $s));
    $found = typedCard($optics, $um, $before)->optics;
    foreach ([2.0, 4.0, 8.0] as $coat) {
        foreach ([0.04, 0.85] as $ground) {
            $over = static fn(Optics $of): Lab => Colour::fromReflectance(cardOf($of, $coat, $ground))->lab;
            expect(DeltaE2000::between($over($found), $over($optics)))->toBeLessThan($within);
        }
    }
})->with([
    // Colours within what a screen shows. The curve of a strong one is a guess: two guesses had thin coats of this red 19 off.
    'a red' => ['#c8102e', Kind::Opaque, 16.0, 2.0],
    'a yellow' => ['#f5d000', Kind::Opaque, 10.0, 2.0],
    'a bone' => ['#ded3b4', Kind::Opaque, 6.0, 1.5],
    'an orange' => ['#e06a10', Kind::SemiOpaque, 10.0, 2.5],
    'a green' => ['#4a8a3a', Kind::SemiOpaque, 10.0, 1.5],
    'a transparent red' => ['#c8102e', Kind::Transparent, 6.0, 1.5],
    'a transparent blue' => ['#33618e', Kind::Transparent, 10.0, 1.5],
]);

it('takes typed cards of whatever strength', function (string $hex): void {
    // A swatch of a strong colour is made into a curve that is lighter than the card in some bands.
    $found = typedCard(pigment($hex, Kind::Transparent), 8);
    expect($found->kind)->toBe(Kind::Transparent)->and($found->assumed)->toBeFalse();
})->with(['#c8102e', '#e2231a', '#ff6a13', '#f5d000', '#1f7a3a', '#1040a0', '#6a1b9a', '#d31b9a', '#12b7c9']);

it('leaves opacity as it was assumed where a typed card hides', function (): void {
    $grey = pigment('#66717a', Kind::Opaque);
    $card = typedCard($grey, 26, $grey);
    expect($card->assumed)->toBeTrue()
        ->and($card->kind)->toBe(Kind::Opaque)
        ->and($card->optics->s->values)->toEqualWithDelta($grey->s->values, 1e-9);
});

it('says when it had to assume how thin coats look', function (): void {
    $assumed = static fn(string $hex, Kind $kind, float $um): bool => taught(
        pigment($hex, $kind),
        $um,
    )->assumed;
    expect($assumed('#66717a', Kind::Opaque, 20))->toBeTrue()
        ->and($assumed('#66717a', Kind::Opaque, 3))->toBeFalse()
        ->and($assumed('#c8102e', Kind::Opaque, 17))->toBeFalse()
        ->and($assumed('#141214', Kind::Ink, 8))->toBeTrue()
        ->and($assumed('#141214', Kind::Ink, 2))->toBeFalse();
});

it('does not let a black be as opaque as a grey for want of light', function (): void {
    // An ink scatters next to nothing: a thin coat of it over white is grey, however black its card.
    $ink = pigment('#141214', Kind::Ink);
    $found = taught($ink, 8)->optics;
    $over = static fn(Optics $of): Lab => Colour::fromReflectance(cardOf($of, 1.0, 0.85))->lab;
    expect(DeltaE2000::between($over($found), $over($ink)))->toBeLessThan(3);
});

it('keeps what was known before where a card is dark', function (): void {
    $moss = pigment('#4d6340', Kind::Transparent);
    $thick = static fn(?Optics $before): Optics => Drawdown::solve(
        cardOf($moss, 60, 0.85),
        cardOf($moss, 60, 0.04),
        Spectrum::flat(0.85),
        Spectrum::flat(0.04),
        60,
        $before,
    )->optics;
    $coat = static fn(Optics $of): Lab => Colour::fromReflectance(cardOf($of, 4, 0.85))->lab;
    $weak = Optics::of($moss->k->map(static fn(float $k): float => 0.1 * $k), $moss->s);
    expect(DeltaE2000::between($coat($thick($moss)), $coat($moss)))->toBeLessThan(0.5)
        // But not that it takes less than the card shows.
        ->and($coat($thick($weak))->l)->toBeLessThan($coat($weak)->l - 5);
});

it('refuses a card that no paint makes, with the reason', function (
    float $overWhite,
    float $overBlack,
    float $white,
    float $black,
    float $um,
    string $pointer,
): void {
    try {
        Drawdown::solve(Spectrum::flat($overWhite), Spectrum::flat($overBlack), Spectrum::flat($white), Spectrum::flat($black), $um);
        $found = 'taken';
    } catch (Refused $e) {
        $found = $e->pointer;
    }
    expect($found)->toBe($pointer);
})->with([
    'halves mixed up' => [0.2, 0.7, 0.85, 0.04, 10, '/over_black'],
    'white no lighter than black' => [0.3, 0.2, 0.30, 0.20, 10, '/white'],
    'no film' => [0.5, 0.2, 0.85, 0.04, 0, '/dry_um'],
    'a film that is too thin for what it does' => [0.6, 0.599, 0.85, 0.04, 0.01, '/dry_um'],
    'lighter white and darker black at once' => [0.95, 0.01, 0.85, 0.04, 10, '/over_white'],
]);

it('teaches on the command line too', function (): void {
    $drawdown = Calculators::named('drawdown');
    $film = Calculators::named('film');
    $out = $drawdown?->calculate(Node::root($drawdown->example())) ?? [];
    expect($out['k'])->toHaveCount(31)
        ->and($out['contrast_ratio'])->toBeBetween(0, 1)
        ->and($out['kind'])->toBe('semi-opaque');
    $again = $film?->calculate(Node::root(['paint' => ['k' => $out['k'], 's' => $out['s']], 'dry_um' => 12])) ?? [];
    $black = Colour::fromHex('#141414')->reflectance()->values;
    $over = Colour::fromReflectance(Spectrum::of(array_map(
        static fn(float $r, float $t, float $g): float => $r + $t * $t * $g / (1 - $r * $g),
        $again['reflectance_over_black'],
        $again['transmittance'],
        $black,
    )));
    // The colour over black is met but for what it was read off by.
    expect(DeltaE2000::between($over->lab, Colour::fromHex('#6f5a24')->lab))->toBeLessThan(1.5);
});

it('mixes to a masstone between its parts', function (): void {
    $white = Build::optics('#f2f2ee', Kind::Opaque);
    $red = Build::optics('#c8102e', Kind::Opaque);
    $tone = static fn(Optics $o) => Colour::fromReflectance(Masstone::of($o))->lab;
    $pink = $tone(DuncanMixing::mix([[$white, 3.0], [$red, 1.0]]));
    expect($pink->l)->toBeBetween($tone($red)->l, $tone($white)->l)
        ->and($pink->chroma())->toBeLessThan($tone($red)->chroma());
    $mix = Calculators::named('mix');
    expect($mix?->calculate(Node::root($mix->example()))['masstone']['lab'][0])->toEqualWithDelta($pink->l, 1e-9);
});

it('is the swatch as a masstone, and bounded where a paint does nothing', function (): void {
    $bone = pigment('#ded3b4', Kind::Opaque);
    expect(Colour::fromReflectance(Masstone::of($bone))->hex())->toBe('#ded3b4')
        ->and(Masstone::of(Optics::of(Spectrum::flat(0), Spectrum::flat(0)))->values[0])->toBe(1.0)
        ->and(Masstone::of(Optics::of(Spectrum::flat(0.1), Spectrum::flat(0)))->values[0])->toBe(0.0);
});
