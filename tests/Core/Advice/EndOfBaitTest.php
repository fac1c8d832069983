<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Hawkbrush\Core\Advice\Advisor;
use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Clear\Clear;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Node;
use Tests\PaintedRecipes;

/**
 * What is said of a recipe on a body of that material. Common practice, no published source.
 *
 * @param list<array<string, mixed>> $steps
 *
 * @return list<Finding>
 */
function saidOn(string $material, array $steps, array $marks = ['eye_socket_mm' => 5.5]): array
{
    $document = PaintedRecipes::document($steps);
    $document['body'] = ['material' => $material, 'marks' => $marks] + $document['body'];

    return Advisor::advise(RecipeReader::read(Node::root($document)), Climate::ordinary());
}

/** @return list<string> */
function rulesOf(array $findings): array
{
    return array_map(static fn(Finding $finding): string => $finding->rule, $findings);
}

const SKIN = ['type' => 'dip', 'mix' => [['paint' => 'pearl']], 'colour_percent' => 15];

it('passes a soft body that is washed, dipped, painted, sealed under a clear skin', function (): void {
    expect(saidOn('soft plastic', [
        SKIN,
        PaintedRecipes::coat('moss', 'spray', 'back', [
            'aim_deg' => 20, 'coats' => 3, 'weight' => 'light', 'psi' => 12, 'thinning_percent' => 40,
        ]),
        ['type' => 'eye', 'diameter_mm' => 5.5, 'kind' => '3D', 'iris' => '#d8b83a'],
        ['type' => 'dip'],
        PaintedRecipes::coat('glow', 'dip', ['from_u' => 0.9, 'to_u' => 1, 'from_deg' => 0, 'to_deg' => 180, 'soft' => 0]),
    ]))->toBe([]);
});

it('cautions against a hard clear on what bends, and only there', function (string $clear): void {
    $said = fn(string $material): array => array_values(array_filter(
        saidOn($material, [PaintedRecipes::base(), ['type' => 'clear', 'clear' => $clear]]),
        static fn(Finding $finding): bool => $finding->rule === 'hard-on-soft',
    ));
    expect($said('soft plastic'))->toHaveCount(1)->and($said('soft plastic')[0]->severity)->toBe(Severity::Caution)
        ->and($said('plastic'))->toBe([])->and($said('basswood'))->toBe([]);
})->with(array_map(static fn(Clear $clear): array => [$clear->value], [Clear::Epoxy, Clear::Resin, Clear::Uv, Clear::Urethane]));

it('lets a thin acrylic clear go on a soft body', function (): void {
    expect(rulesOf(saidOn('soft plastic', [SKIN, ['type' => 'clear', 'clear' => 'acrylic spray']])))->not->toContain('hard-on-soft');
});

it('stops a dip of hard plastic, and lets wood alone', function (): void {
    $said = saidOn('clear plastic', [SKIN]);
    expect(rulesOf($said))->toBe(['molten-vinyl'])->and($said[0]->severity)->toBe(Severity::Stop)
        ->and(saidOn('basswood', [SKIN]))->toBe([]);
});

it('stops vinyl that fumes, cautions against what is too cold to dip, and mends both', function (float $at, ?Severity $says): void {
    $said = saidOn('soft plastic', [['melt_c' => $at] + SKIN]);
    expect(($said[0] ?? null)?->severity)->toBe($says);
    if ($says !== null) {
        expect(saidOn('soft plastic', [($said[0]->fix->set ?? []) + ['melt_c' => $at] + SKIN]))->toBe([]);
    }
})->with([[168, null], [165, null], [172, null], [180, Severity::Stop], [150, Severity::Caution]]);

it('hints at a deep socket that is light inside, once, and mends it with black', function (): void {
    $marks = ['eye_socket_mm' => 5.5, 'eye_socket_depth_mm' => 2.2];
    $eye = ['type' => 'eye', 'diameter_mm' => 5.5, 'iris' => '#f0efea'];
    // Black is on the recipe already: it shades the back.
    $steps = [PaintedRecipes::base(), PaintedRecipes::coat('black', 'spray', 'back', ['aim_deg' => 0, 'width_mm' => 6])];
    $said = saidOn('plastic', [...$steps, $eye], $marks);
    $deep = array_values(array_filter($said, static fn(Finding $finding): bool => $finding->rule === 'deep-socket'));
    // A pale eye on a pale head is told by the same mend, and so not told twice.
    expect($deep)->toHaveCount(1)->and($deep[0]->severity)->toBe(Severity::Hint)->and(rulesOf($said))->not->toContain('eye-seen')
        ->and($deep[0]->reason)->toContain('2.2 mm deep and 5.5 wide')
        ->and(rulesOf(saidOn('plastic', [...$steps, $deep[0]->fix->insert ?? [], $eye], $marks)))->not->toContain('deep-socket');
});

it('says nothing of a socket that is shallow, unmeasured, covered or dark', function (array $marks, array $eye, string $ground): void {
    $steps = [PaintedRecipes::base($ground), $eye + ['type' => 'eye', 'diameter_mm' => 5.5, 'iris' => '#d8a52a']];
    expect(rulesOf(saidOn('plastic', $steps, ['eye_socket_mm' => 5.5] + $marks)))->not->toContain('deep-socket');
})->with([
    'shallow' => [['eye_socket_depth_mm' => 1.2], [], 'white'],
    'unmeasured' => [[], [], 'white'],
    'an eye over its rim' => [['eye_socket_depth_mm' => 2.2], ['diameter_mm' => 6], 'white'],
    'painted, its disc covers it' => [
        ['eye_socket_depth_mm' => 2.2],
        ['kind' => 'painted', 'rings' => [['paint' => 'white', 'percent' => 100, 'by' => 'punch']]],
        'white',
    ],
    'dark inside' => [['eye_socket_depth_mm' => 2.2], [], 'black'],
]);

it('hints at an eye that is lost against the head, and mends it with black in the socket', function (): void {
    $eye = ['type' => 'eye', 'diameter_mm' => 5.5, 'iris' => '#f0efea'];
    $steps = [PaintedRecipes::base(), PaintedRecipes::coat('black', 'spray', 'back', ['aim_deg' => 0, 'width_mm' => 6]), $eye];
    $said = array_values(array_filter(saidOn('plastic', $steps), static fn(Finding $f): bool => $f->rule === 'eye-seen'));
    expect($said)->toHaveCount(1)->and($said[0]->severity)->toBe(Severity::Hint)
        ->and($said[0]->fix?->label)->toBe('Black in the socket first')
        ->and(rulesOf(saidOn('plastic', [$steps[0], $steps[1], $said[0]->fix->insert ?? [], $eye])))->not->toContain('eye-seen');
});

it('puts white under an eye that is lost on a dark head', function (): void {
    $dark = [PaintedRecipes::base(), PaintedRecipes::base('black'), ['type' => 'eye', 'diameter_mm' => 5, 'iris' => '#1c1a18']];
    $said = array_values(array_filter(saidOn('plastic', $dark, []), static fn(Finding $f): bool => $f->rule === 'eye-seen'));
    expect($said[0]->fix?->label)->toBe('White under it first')
        ->and($said[0]->fix?->insert)->toMatchArray(['mix' => [['paint' => 'white', 'drops' => 1]]]);
});

it('is silent about a pale eye on a dark head, and about painted eyes with a white disc', function (): void {
    $on = static fn(array $eye): array => rulesOf(saidOn('plastic', [
        PaintedRecipes::base('gold'), $eye + ['type' => 'eye', 'diameter_mm' => 5.5],
    ]));
    expect($on(['iris' => '#f4f4f0']))->not->toContain('eye-seen')
        ->and($on(['kind' => 'painted', 'iris' => '#c9a045', 'rings' => [
            ['paint' => 'white', 'percent' => 100], ['paint' => 'gold', 'percent' => 80],
            ['paint' => 'black', 'percent' => 40, 'by' => 'pen'],
        ]]))->not->toContain('eye-seen');
});

it('refuses and cautions nothing that painters do at the end of a bait', function (string $material, array $end): void {
    $cautions = array_filter(
        saidOn($material, [PaintedRecipes::base(), ...$end]),
        static fn(Finding $finding): bool => $finding->severity !== Severity::Hint,
    );
    expect(array_map(static fn(Finding $finding): string => $finding->headline, $cautions))->toBe([]);
})->with([
    'no eye at all' => ['plastic', [['type' => 'clear', 'clear' => 'two-part epoxy']]],
    'glass on wood, a size over' => ['basswood', [['type' => 'eye', 'kind' => 'glass', 'diameter_mm' => 6.5, 'iris' => '#4a5a2a']]],
    'clear brushed in three coats, sanded in between' => ['plastic', [
        ['type' => 'clear', 'clear' => 'two-part epoxy'],
        ['type' => 'prep', 'task' => 'Sand it dull, fine and wet.'],
        ['type' => 'clear', 'clear' => 'two-part epoxy'],
        ['type' => 'prep', 'task' => 'Sand it dull, fine and wet.'],
        ['type' => 'clear', 'clear' => 'two-part epoxy'],
    ]],
    'a glitter base: clear with glitter, sanded level, cleared again' => ['plastic', [
        ['type' => 'clear', 'clear' => 'two-part epoxy', 'stirred' => [
            ['paint' => 'silver', 'percent' => 3, 'flake_mm' => 0.4, 'where' => ['zone' => 'whole']],
        ]],
        ['type' => 'prep', 'task' => 'Sand the glitter level.'],
        ['type' => 'clear', 'clear' => 'two-part epoxy', 'coats' => 2],
    ]],
    'sealed by spray, then urethane dip' => ['basswood', [
        ['type' => 'clear', 'clear' => 'acrylic spray'], ['type' => 'clear', 'clear' => 'moisture-cure urethane dip', 'coats' => 2],
    ]],
    'soft, painted and left so' => ['soft plastic', []],
]);

it('says a coat that lies over the last clear, and moves it below all layers of it', function (): void {
    $clear = ['type' => 'clear', 'clear' => 'two-part epoxy'];
    $over = static fn(array $steps): array => array_values(array_filter(
        saidOn('plastic', $steps),
        static fn(Finding $finding): bool => $finding->rule === 'over-clear',
    ));
    $sand = ['type' => 'prep', 'title' => 'Sand dull', 'task' => 'Sand the clear dull.', 'minutes' => 5];
    $coat = PaintedRecipes::coat('moss', 'spray', 'back', ['aim_deg' => 20]);
    $base = ['id' => 'base'] + PaintedRecipes::base();
    $said = $over([$base, ['id' => 'first'] + $clear, $sand, ['id' => 'second'] + $clear, ['id' => 'late'] + $coat]);
    expect($said)->toHaveCount(1)->and($said[0]->stepId)->toBe('late')->and($said[0]->fix?->before)->toBe('first')
        // A seal on the way may have its clear still to come: said more quietly, and nothing is moved.
        ->and($over([$base, ['clear' => 'acrylic spray'] + $clear, $coat])[0]->severity)->toBe(Severity::Hint)
        ->and($over([$base, ['clear' => 'acrylic spray'] + $clear, $coat])[0]->fix)->toBeNull()
        // Between two layers of clear it is protected.
        ->and($over([PaintedRecipes::base(), $clear, $sand, $coat, $clear]))->toBe([])
        ->and($over([PaintedRecipes::base(), $coat, $clear, ['type' => 'wait', 'title' => 'Cure', 'minutes' => 720]]))->toBe([])
        ->and($over([PaintedRecipes::base(), $coat]))->toBe([]);
});
