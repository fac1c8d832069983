<?php

declare(strict_types=1);

namespace Tests\Core\Eye;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Eye\Fit;
use Hawkbrush\Core\Eye\Look;
use Hawkbrush\Core\Eye\Ring;
use Hawkbrush\Core\Eye\UsualRings;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Replace\Swap;
use Hawkbrush\Core\Step\Step;
use Tests\Build;

/** @param array<string, mixed> $fields */
function eyeStep(array $fields): Step
{
    return Build::recipe($fields + ['id' => 'eye', 'type' => 'eye', 'diameter_mm' => 5])->steps[0];
}

/** @param list<array<string, mixed>> $rings */
function paintedLook(array $rings, float $below = 0.5): Look
{
    $eye = eyeStep(['kind' => 'painted', 'rings' => $rings])->eye();

    return Look::of($eye ?? throw new \LogicException('no eye'), FilmState::ground(array_fill(0, 31, $below)));
}

it('draws every kind true to its height, and none like another', function (): void {
    $seen = [];
    foreach (Eye::KINDS as $kind) {
        $look = Look::of(new Eye(6, '#d0842a', 'round', $kind), FilmState::ground(array_fill(0, 31, 0.5)));
        expect($look->domeMm)->toBe(Fit::domeMm(6, $kind))->and($look->discs[0]['share'])->toBe(1.0)
            ->and($look->nightHex !== null)->toBe($kind === 'glow');
        $seen[] = [$look->discs, $look->shade, $look->pupilShare, $look->domeMm, $look->glintShare];
    }
    expect(array_unique(array_map(serialize(...), $seen)))->toHaveCount(\count(Eye::KINDS))
        ->and(Fit::domeMm(6, 'glass'))->toBeGreaterThan(Fit::domeMm(6, 'domed'))->and(Fit::domeMm(6, 'painted'))->toBe(0.0);
});

it('paints a disc, its colour and a pupil one over the other', function (): void {
    $rings = [
        ['paint' => 'white', 'percent' => 100], ['paint' => 'moss', 'percent' => 70], ['paint' => 'moss', 'percent' => 30, 'by' => 'pen'],
    ];
    $look = paintedLook($rings);
    expect(array_column($look->discs, 'share'))->toBe([1.0, 0.7])->and($look->pupilShare)->toBe(0.3);
    $light = static fn(string $hex): float => Colour::fromHex($hex)->lab->l;
    // The green disc lies on the white one, the pupil on both: each deeper than the one below.
    expect($light($look->discs[0]['hex']))->toBeGreaterThan($light($look->discs[1]['hex']))
        ->and($light($look->discs[1]['hex']))->toBeGreaterThan($light($look->pupilHex))
        ->and($look->irisHex)->toBe($look->discs[1]['hex']);
});

it('lets what is below through, unless white goes under it', function (): void {
    $apart = static function (array $rings): float {
        [$dark, $pale] = [paintedLook($rings, 0.03)->irisHex, paintedLook($rings, 0.8)->irisHex];

        return abs(Colour::fromHex($dark)->lab->l - Colour::fromHex($pale)->lab->l);
    };
    // A transparent colour over a dark head is lost; white under it brings it back (common practice, no published source).
    $colour = ['paint' => 'moss', 'percent' => 80];
    expect($apart([$colour]))->toBeGreaterThan(10.0)
        ->and($apart([['paint' => 'white', 'percent' => 100, 'by' => 'cotton bud'], $colour]))->toBeLessThan(4.0);
});

it('tells how a painted one is done, and takes longer for more discs', function (): void {
    $rings = [['paint' => 'white', 'percent' => 100, 'by' => 'cotton bud'], ['paint' => 'moss', 'percent' => 40, 'by' => 'pen']];
    $step = eyeStep(['kind' => 'painted', 'rings' => $rings, 'spark' => true]);
    expect($step->how())->toContain('White with the tip of a cotton bud, then Moss by pen, last a spark of white')
        ->and(eyeStep(['kind' => 'painted'])->how())->toContain('white disc through a punched card')
        ->and(array_map(static fn($paint): string => $paint->id, $step->paints()))->toBe(['white', 'moss'])
        ->and($step->films())->toBe([]);
});

it('is painted with what a paint is exchanged for', function (): void {
    $recipe = Build::recipe(
        Build::paintStep([], 'base'),
        ['type' => 'eye', 'diameter_mm' => 5, 'kind' => 'painted', 'rings' => [['paint' => 'moss', 'percent' => 80]]],
    );
    $swapped = Swap::in($recipe, 'moss', [[$recipe->paints()['white'], 1]]);
    expect(array_keys($swapped->paints()))->toBe(['white'])->and($swapped->steps[1]->eye()?->rings[0]->share)->toBe(0.8);
});

it('begins with what fits the socket or the head', function (): void {
    expect(Fit::usualMm(Build::body(['marks' => ['eye_socket_mm' => 5.7]])))->toBe(5.5);
    $head = Fit::usualMm(Build::body(['marks' => []]));
    expect(array_column(Fit::sizes(Build::body(['marks' => []])), 'diameter_mm'))->toContain($head);
});

it('begins a painted eye with white, the colour nearest to its iris, and the darkest by pen', function (): void {
    $rack = array_values(Build::recipe(
        Build::paintStep([], 'a'),
        Build::paintStep([], 'b', 'half'),
        Build::paintStep([], 'c', 'moss'),
        Build::paintStep([], 'd', 'water'),
    )->paints());
    $rings = static fn(array $marks): array => array_map(
        static fn(Ring $ring): string => $ring->paint->id.' '.$ring->by,
        UsualRings::of(Build::body(['marks' => $marks]), new Eye(5, '#7a7a7a', 'round', 'painted'), $rack),
    );
    // “half” is a grey that covers; a transparent green does not, and of “water” nothing stays.
    expect($rings(['eye_socket_mm' => 5]))->toBe(['white punch', 'half punch', 'half pen'])
        ->and($rings([]))->toBe(['white cotton bud', 'half cotton bud', 'half pen'])
        ->and(UsualRings::of(Build::body(), new Eye(5, '#7a7a7a', 'round'), []))->toBe([]);
});

it('refuses a ring of no paint or no width', function (array $ring): void {
    expect(static fn(): Step => eyeStep(['kind' => 'painted', 'rings' => [$ring + ['paint' => 'white', 'percent' => 50]]]))
        ->toThrow(Refused::class);
})->with([[['paint' => 'none']], [['percent' => 0]], [['percent' => 120]], [['by' => 'hammer']], [['psi' => 4]]]);
