<?php

declare(strict_types=1);

namespace Tests\Core\Step;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\BenchEvents;
use Hawkbrush\Core\Run\Cautions;
use Hawkbrush\Core\Run\Plan;
use Hawkbrush\Core\Run\Record;
use Hawkbrush\Core\Run\Used;
use Hawkbrush\Core\Shop\Shop;
use Hawkbrush\Core\Step\Steps;
use Tests\Build;

/** A base, a try, a coat through mesh, another coat. */
function recipeWithTry(array $try = [], array $mesh = []): Recipe
{
    $coat = [
        'type' => 'paint',
        'mix' => [['paint' => 'white']],
        'technique' => ['name' => 'spray'],
        'where' => ['zone' => 'flank'],
        'psi' => 15,
        'thinning_percent' => 20,
    ];

    return Build::recipe(
        ['id' => 'base'] + $coat,
        $try + ['id' => 'card', 'type' => 'try'],
        $mesh + ['id' => 'scales', 'technique' => ['name' => 'mesh']] + $coat,
        ['id' => 'last'] + $coat,
    );
}

/** @param array<string, float|int> $data */
function found(string $step, array $data, int $number = 1): BenchEvent
{
    return BenchEvents::read(Node::root([
        'id' => 'event-000'.$number,
        'type' => 'figures',
        'step' => $step,
        'bait' => null,
        'at' => '2026-11-25T10:00:00Z',
        'data' => $data,
    ]));
}

it('tries the next coat that is enabled, and there is one only for a try', function (): void {
    $tried = static fn(Recipe $recipe): array => array_map(static fn($step) => $recipe->coatTriedBy($step)?->id, $recipe->steps);
    expect($tried(recipeWithTry()))->toBe([null, 'scales', null, null])
        ->and($tried(recipeWithTry([], ['on' => false])))->toBe([null, 'last', null, null])
        ->and($tried(Build::recipe(['id' => 'card', 'type' => 'try'])))->toBe([null]);
});

it('hands what was found on to the coat, which can still be found otherwise', function (): void {
    $recipe = recipeWithTry();
    $used = static fn(BenchEvent ...$events): array => array_column(
        array_map(Steps::write(...), Used::recipe($recipe, Record::fold($recipe, 2, $events))->steps),
        null,
        'id',
    );
    $after = $used(found('card', ['psi' => 8, 'thinning_percent' => 60]));
    expect($after['card']['psi'])->toBe(8.0)->and($after['card']['thinning_percent'])->toBe(60.0)
        ->and($after['scales']['psi'])->toBe(8.0)->and($after['scales']['thinning_percent'])->toBe(60.0)
        ->and($after['base']['psi'])->toBe(15.0)->and($after['last']['psi'])->toBe(15.0);
    $later = $used(found('card', ['psi' => 8, 'thinning_percent' => 60]), found('scales', ['psi' => 9], 2));
    expect($later['scales']['psi'])->toBe(9.0)
        ->and($later['scales']['thinning_percent'])->toBe(60.0)
        ->and($later['card']['psi'])->toBe(8.0);
});

it('takes two minutes for all baits, lays nothing and takes no paint of its own', function (): void {
    $plan = Plan::of(recipeWithTry(), 5, Shop::ordinary());
    $without = Plan::of(recipeWithTry(['on' => false]), 5, Shop::ordinary());
    expect($plan->handsOnMin() - $without->handsOnMin())->toEqualWithDelta(2, 1e-9)
        ->and($plan->steps[1]->work->cup)->toBeNull()
        ->and($plan->takesMl())->toBe($without->takesMl())
        ->and(recipeWithTry()->coats())->toHaveCount(3);
});

it('carries the cautions of the paint that is tried', function (): void {
    $recipe = recipeWithTry([], ['mix' => [['paint' => 'lacquer']]]);
    expect(implode(' ', Cautions::ofStep($recipe->steps[1], $recipe)))->toContain('respirator')->toContain('Solvent paint')
        ->and(implode(' ', Cautions::ofStep(recipeWithTry()->steps[1], recipeWithTry())))->not->toContain('Solvent paint');
});

it('says what it is sprayed on and what to look for', function (array $try, string $name, string $how): void {
    $step = recipeWithTry($try)->steps[1];
    expect($step->label())->toBe($name)->and($step->how())->toContain($how);
})->with([
    [[], 'Try it on a card', 'an even mist'],
    [
        ['ground' => 'glove', 'look_for' => 'no spider legs.'],
        'Try it on a glove',
        'on a glove, well away from the bait. Look for: no spider legs. Change',
    ],
    [['ground' => 'paper', 'title' => 'First the paper'], 'First the paper', 'on paper'],
]);
