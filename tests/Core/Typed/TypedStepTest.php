<?php

declare(strict_types=1);

namespace Tests\Core\Typed;

use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Unmeasured;
use Hawkbrush\Core\Pattern\FreshStep;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Step\Steps;
use Hawkbrush\Core\Technique\Techniques;
use Hawkbrush\Core\Typed\Synonyms;
use Hawkbrush\Core\Typed\TypedStep;
use Tests\Build;

// What a painter says of a step, in any order. Common practice, no published source.

/** @return list<Paint> */
function typedRack(): array
{
    return array_map(static fn(array $p): Paint => new Paint(
        $p[0], $p[1], $p[2], Unmeasured::optics(Colour::fromHex($p[3])->reflectance(), $p[2]), $p[3],
    ), [
        ['white', 'Chalk white', Kind::Opaque, '#f4f3ee'],
        ['black', 'Soot', Kind::Opaque, '#141414'],
        ['brown', 'Loam brown', Kind::Opaque, '#6b4a2b'],
        ['smoke', 'Thin smoke', Kind::Transparent, '#5b5048'],
        ['moss', 'Moss', Kind::Transparent, '#5f6f2a'],
        ['light', 'Light olive', Kind::Transparent, '#8a8f4a'],
        ['pearl', 'Pearl white', Kind::Pearl, '#f0eef0'],
        ['rose', 'Pearl rose', Kind::Pearl, '#e8b9c0'],
    ]);
}

/** @return array<string, mixed>|null */
function meantBy(string $line, array ...$steps): ?array
{
    $recipe = Build::recipe(...$steps);

    return TypedStep::read($line, $recipe, \count($recipe->steps), typedRack())->step;
}

it('reads paint, way, place and figures in any order', function (string $line, array $wanted): void {
    $step = meantBy($line);
    foreach ($wanted as $field => $value) {
        $is = match ($field) {
            'paint' => $step['mix'][0]['paint'],
            'paints' => array_column($step['mix'], 'paint'),
            'technique' => $step['technique']['name'],
            'zone', 'side' => $step['where'][$field],
            'by' => $step['set'],
            default => $step[$field],
        };
        expect($is)->toEqual($value, "{$line}: {$field}");
    }
})->with([
    ['smoke mesh flank', ['paint' => 'smoke', 'technique' => 'mesh', 'zone' => 'flank']],
    ['flank scales of smoke', ['paint' => 'smoke', 'technique' => 'mesh', 'zone' => 'flank']],
    ['2 light pearl belly 8 psi', ['paint' => 'pearl', 'coats' => 2, 'weight' => 'light', 'zone' => 'belly', 'psi' => 8]],
    ['light olive back', ['paint' => 'light', 'zone' => 'back', 'weight' => 'light', 'thinning_percent' => 60]],
    ['pearl rose lower flank mist', ['paint' => 'rose', 'zone' => 'lower flank', 'weight' => 'mist']],
    ['black bars', ['paint' => 'black', 'technique' => 'bars']],
    ['white base', ['paint' => 'white', 'zone' => 'whole', 'coats' => 2, 'weight' => 'medium', 'psi' => 38]],
    ['moss fade back 60% 4 strokes', ['paint' => 'moss', 'zone' => 'back', 'thinning_percent' => 60, 'strokes' => 4]],
    ['black dots', ['paint' => 'black', 'technique' => 'dots']],
    ['soft dots black left', ['technique' => 'soft dots', 'paint' => 'black', 'side' => 'left']],
    ['brown and moss back x3', ['paints' => ['brown', 'moss'], 'coats' => 3]],
    ['smoke back 0.5 bar', ['psi' => 7.25]],
    ['smoke back air 10 min', ['by' => ['by' => 'air', 'minutes' => 10]]],
    ['smo bel', ['paint' => 'smoke', 'zone' => 'belly']],
    ['gill plate rose', ['zone' => 'gill plate', 'paint' => 'rose']],
    ['rose gill card', ['technique' => 'card', 'paint' => 'rose']],
    ['dry brush brown', ['technique' => 'dry brush', 'paint' => 'brown']],
]);

it('reads the other kinds of steps', function (string $line, array $wanted): void {
    expect(meantBy($line))->toEqual($wanted + (meantBy($line) ?? []))->not->toBeNull();
})->with([
    ['eye 6', ['type' => 'eye', 'diameter_mm' => 6]],
    ['painted eyes 5 mm', ['type' => 'eye', 'diameter_mm' => 5, 'kind' => 'painted']],
    ['eye 0.25', ['type' => 'eye', 'diameter_mm' => 6.35]],
    ['epoxy', ['type' => 'clear', 'clear' => 'two-part epoxy']],
    ['uv 2 coats', ['type' => 'clear', 'clear' => 'UV resin', 'coats' => 2]],
    ['clear', ['type' => 'clear', 'clear' => 'two-part epoxy']],
    ['wait 2 hours', ['type' => 'wait', 'minutes' => 120]],
    ['sand', ['type' => 'prep']],
    ['inspect', ['type' => 'inspect']],
]);

it('says what it does not understand, and finds no step in words that name none', function (): void {
    $typed = TypedStep::read('smoke mesh zzz 3 7', Build::recipe(), 0, typedRack());
    expect($typed->unknown)->toBe(['zzz', '7'])->and($typed->step['coats'])->toBe(3)
        ->and(meantBy('please'))->toBeNull()->and(meantBy('12'))->toBeNull()->and(meantBy(''))->toBeNull()
        // "row" is no brown: words are found by their beginnings.
        ->and(meantBy('row'))->toBeNull();
});

it('refuses a coat where there is no paint', function (): void {
    expect(static fn() => TypedStep::read('white base', Build::recipe(), 0, []))->toThrow(Refused::class, 'no paint');
});

it('names only what there is, and finds each technique, kind and place by its own name', function (): void {
    expect(array_diff(array_keys(Synonyms::TECHNIQUES), Techniques::names()))->toBe([])
        ->and(array_keys(Synonyms::KINDS))->toEqualCanonicalizing(array_diff(Steps::names(), ['paint']))
        ->and(array_keys(FreshStep::all()))->toEqualCanonicalizing(array_diff(Steps::names(), ['paint']));
    foreach (Techniques::all() as $technique) {
        expect(meantBy($technique->name())['technique']['name'] ?? null)->toBe($technique->name())
            ->and(meantBy($technique->label())['technique']['name'] ?? null)->toBe($technique->name());
    }
});
