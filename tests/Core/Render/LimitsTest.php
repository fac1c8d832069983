<?php

declare(strict_types=1);

namespace Tests\Core\Render;

use Hawkbrush\Core\Body\Surface;
// Paints at the ends of what can be: right answers or clear refusals, and never anything that is not a number.

use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Calculator\Calculators;
use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Compare\ZoneColours;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Film\Unmeasured;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Render\Texture;
use Hawkbrush\Core\Replace\Replacing;
use Hawkbrush\Core\Replace\Swap;
use Hawkbrush\Core\Run\Plan;
use Hawkbrush\Core\Shop\Shop;
use Tests\Build;

/** @return array<string, array{Optics}> */
function extremes(): array
{
    return [
        'nothing at all' => [Optics::of(Spectrum::flat(0), Spectrum::flat(0))],
        'only scatters, as strongly as any' => [Optics::of(Spectrum::flat(0), Spectrum::flat(100))],
        'only takes, as strongly as any' => [Optics::of(Spectrum::flat(100), Spectrum::flat(0))],
        'both at their strongest' => [Optics::of(Spectrum::flat(100), Spectrum::flat(100))],
        'hardly anything' => [Optics::of(Spectrum::flat(1e-14), Spectrum::flat(1e-14))],
        'hardly takes, scatters a lot' => [Optics::of(Spectrum::flat(1e-12), Spectrum::flat(5))],
    ];
}

it('stays a number between nothing and all', function (Optics $optics): void {
    foreach ([0.0, 1e-9, 0.5, 12.0, 400.0, 1000.0] as $um) {
        $film = Film::of($optics, $um);
        foreach ([0.0, 0.3, 1.0] as $ground) {
            foreach (FilmState::ground(array_fill(0, 31, $ground))->under($film)->r as $i => $r) {
                expect(is_finite($r))->toBeTrue()->and($r)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(1.0 + 1e-9)
                    ->and($film->r[$i] + $film->t[$i])->toBeLessThanOrEqual(1.0 + 1e-9);
            }
        }
    }
})->with(extremes());

it('lays forty coats one by one as one film of forty', function (): void {
    $optics = Unmeasured::optics(Colour::fromHex('#a05030')->reflectance(), Kind::SemiOpaque);
    $state = FilmState::ground(array_fill(0, 31, 0.8));
    foreach (range(1, 40) as $_) {
        $state = $state->under(Film::of($optics, 1.5));
    }
    $whole = FilmState::ground(array_fill(0, 31, 0.8))->under(Film::of($optics, 60.0));
    foreach ($state->r as $i => $r) {
        expect($r)->toEqualWithDelta($whole->r[$i], 1e-9);
    }
});

it('draws, plans and replaces nothing where there is nothing', function (): void {
    $empty = Build::example(static fn(array $d): array => ['steps' => []] + $d);
    $field = Field::painted($empty, Surface::of($empty->body, 32, 16), Climate::ordinary());
    $picture = Texture::draw($field, SurfaceFinish::Clear);
    $zone = (new ZoneColours($field->surface))->film($field, Zone::Flank)->values[10];
    expect($picture->palette)->toHaveCount(1)
        ->and($zone)->toEqualWithDelta($empty->body->ground->values[10], 1e-9)
        ->and(fn() => Plan::of($empty, 1, Shop::ordinary()))->toThrow(Refused::class, 'nothing to run')
        ->and((new Replacing([$empty], 'white', Climate::ordinary()))->wanted())->toBeNull()
        ->and((new Replacing([$empty], 'white', Climate::ordinary()))->rank([]))->toBe([]);
});

it('passes over a paint without solids', function (): void {
    $dry = Build::example(static function (array $d): array {
        foreach ($d['paints'] as $key => $paint) {
            $d['paints'][$key] = ['solids' => 0] + $paint;
        }

        return $d;
    });
    $field = Field::painted($dry, Surface::of($dry->body, 32, 16), Climate::ordinary());
    $paint = $dry->coats()[0]->mixture->parts[0][0];
    expect($field->states)->toHaveCount(1)
        ->and((new Mixture([[$paint, 3]]))->optics())->toBeNull()
        ->and(fn() => (new Mixture([[$paint, 3]]))->paint('x', 'X'))->toThrow(Refused::class, 'nothing of this mix stays');
});

it('mixes by what stays, drop by drop', function (): void {
    $thick = new Paint(
        'a',
        'Thick',
        Kind::Opaque,
        Optics::of(Spectrum::flat(0.1), Spectrum::flat(0.4)),
        '#808080',
        0.6,
        0.05,
        'water-borne acrylic',
        true,
    );
    $thin = new Paint('b', 'Thin', Kind::Ink, Optics::of(Spectrum::flat(0.7), Spectrum::flat(0.0)), '#202020', 0.2, 0.025, 'acrylic ink');
    $mix = new Mixture([[$thick, 1], [$thin, 6]]);
    $paint = $mix->paint('m', 'M');
    // 0.05 ml x 0.6 = 0.03 of the one, 0.15 ml x 0.2 = 0.03 of the other: half and half.
    expect($mix->solids())->toEqualWithDelta(0.3, 1e-9)
        ->and($paint->optics->k->values[0])->toEqualWithDelta(0.4, 1e-9)
        ->and($paint->optics->s->values[0])->toEqualWithDelta(0.2, 1e-9)
        ->and($paint->kind)->toBe(Kind::Ink)
        ->and($paint->fromCard)->toBeFalse()
        ->and($paint->dropMl)->toEqualWithDelta(0.2 / 7, 1e-9)
        ->and($mix->warning())->toBeNull();
});

it('exchanges one paint of a mix and keeps the shares', function (): void {
    $recipe = Build::example(static function (array $d): array {
        $d['steps'][] = [
            'id' => 'mixed',
            'type' => 'paint',
            'mix' => [['paint' => 'white', 'drops' => 2], ['paint' => 'moss', 'drops' => 3]],
            'technique' => ['name' => 'spray'],
            'where' => ['zone' => 'tail'],
        ];

        return $d;
    });
    $mix = $recipe->coats()[array_key_last($recipe->coats())]->mixture->parts;
    $one = new Paint('one', 'One', Kind::Opaque, $mix[0][0]->optics, '#ffffff');
    $two = new Paint('two', 'Two', Kind::Opaque, $mix[0][0]->optics, '#ffffff');
    $changed = Swap::in($recipe, 'moss', [[$one, 1], [$two, 2]]);
    $last = $changed->coats()[array_key_last($changed->coats())]->mixture->parts;
    expect(array_map(static fn(array $p): array => [$p[0]->id, $p[1]], $last))->toBe([['white', 2], ['one', 1], ['two', 2]])
        ->and(fn() => Swap::in($recipe, 'moss', [[$one, 1], [$two, 199]]))->toThrow(Refused::class, 'a mix has up to 200');
});

it('gives a zone the mean of its light', function (): void {
    $recipe = Build::example();
    $field = Field::painted($recipe, Surface::of($recipe->body, 64, 32), Climate::ordinary());
    $colours = (new ZoneColours($field->surface))->of($field, SurfaceFinish::Clear, [Zone::Back, Zone::Belly]);
    expect(DeltaE2000::between($colours['back']->lab, $colours['belly']->lab))->toBeGreaterThan(8)
        ->and($colours['belly']->lab->l)->toBeGreaterThan($colours['back']->lab->l);
});

it('shows glint and glow in a stack', function (): void {
    $stack = static fn(array $paint): array => Calculators::named('stack')->calculate(Node::root([
        'substrate' => ['hex' => '#f0f0ec'], 'layers' => [['paint' => $paint, 'dry_um' => 8]], 'surface' => 'clear',
    ]))['after'][0];
    $pearl = $stack(['hex' => '#a9c8de', 'kind' => 'pearl']);
    $flat = $stack(['hex' => '#a9c8de', 'kind' => 'transparent']);
    expect($pearl['glint'])->not->toBe($pearl['hex'])
        ->and($flat['glint'])->toBe($flat['hex'])
        ->and($pearl['passes'] + $pearl['returns'])->toBeLessThan(1.0);
});
