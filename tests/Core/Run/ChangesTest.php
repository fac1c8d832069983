<?php

declare(strict_types=1);

namespace Tests\Core\Run;

use Hawkbrush\Core\Advice\WhiteUnder;
use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Measure;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Pattern\Scaling;
use Hawkbrush\Core\Run\Change;
use Hawkbrush\Core\Run\Plan;
use Hawkbrush\Core\Run\PlanChanges;
use Hawkbrush\Core\Shop\Shop;
use Hawkbrush\Core\Step\Steps;

function plannedRecipe(): Recipe
{
    $document = Examples::recipe();
    $document['steps'][0]['set'] = ['by' => 'heat', 'minutes' => 20];

    return RecipeReader::read(Node::root($document));
}

function largerBy(float $by): Recipe
{
    $document = Examples::body();
    $document['length_mm'] *= $by;
    $document['stations'] = array_map(
        static fn(array $s): array => [$s[0], $s[1] * $by, $s[2] * $by, $s[3] * $by],
        $document['stations'],
    );

    return Scaling::fit(plannedRecipe(), Body::read(Node::root($document)));
}

/**
 * @param list<Change> $differences
 *
 * @return array<string, array{string, string}> from and to, by step number and what
 */
function told(array $differences): array
{
    $told = [];
    foreach ($differences as $difference) {
        $told[$difference->number.' '.$difference->what] = [$difference->from, $difference->to];
    }

    return $told;
}

it('has nothing to say of the same bait in the same room', function (): void {
    $plan = Plan::of(plannedRecipe(), 2, Shop::ordinary());
    expect(PlanChanges::between($plan, $plan))->toBe([]);
});

it('compares for as many baits as are planned now', function (): void {
    $one = Plan::of(plannedRecipe(), 1, Shop::ordinary());
    $six = Plan::of(plannedRecipe(), 6, Shop::ordinary());
    expect(PlanChanges::between($one, $six))->toBe([]);
});

it('tells area and drops of a larger body', function (): void {
    $master = Plan::of(plannedRecipe(), 3, Shop::ordinary());
    $now = Plan::of(largerBy(2), 3, Shop::ordinary());
    $told = told(PlanChanges::between($master, $now));
    $area = Measure::areaMm2($master->recipe->body) / 100;
    expect((float) $told['0 area of a bait, cm2'][0])->toEqualWithDelta($area, 0.06)
        ->and((float) $told['0 area of a bait, cm2'][1])->toEqualWithDelta(4 * $area, 0.3)
        ->and((int) $told['1 drops for all'][1])->toBeGreaterThan(3 * (int) $told['1 drops for all'][0])
        ->and($told)->not->toHaveKey('1 wait, min');
});

it('tells the waits of a damper room', function (): void {
    $master = Plan::of(plannedRecipe(), 1, Shop::ordinary());
    $damp = Plan::of(plannedRecipe(), 1, Shop::ordinary(Climate::of(21, 75)));
    $told = told(PlanChanges::between($master, $damp));
    // The air takes up half as much: 25 % to go instead of 50 %.
    expect($told)->toBe(['1 wait, min' => ['20', '40']]);
});

it('lists figures step by step, with the words of the bench', function (): void {
    $told = told(Change::between(plannedRecipe(), largerBy(1.5)));
    expect($told)->toHaveKeys(['2 width, mm', '2 scale length, mm'])
        ->and($told['2 width, mm'])->toBe(['26', '39'])
        ->and($told['2 scale length, mm'])->toBe(['3', '4.5']);
});

it('names steps that were added and removed', function (): void {
    $document = Examples::recipe();
    $short = RecipeReader::read(Node::root(['steps' => [$document['steps'][0]]] + $document));
    $whole = RecipeReader::read(Node::root($document));
    expect(told(Change::between($short, $whole)))->toBe(['2 step' => ['none', 'added']])
        ->and(told(Change::between($whole, $short)))->toBe(['2 step' => ['there', 'removed']]);
});

it('scales nothing on the same body', function (): void {
    expect(Change::between(plannedRecipe(), largerBy(1.0)))->toBe([]);
});

it('puts white in the same place under a step, from the whites of the recipe', function (): void {
    $recipe = plannedRecipe();
    $white = WhiteUnder::step(WhiteUnder::white($recipe, []), Steps::write($recipe->steps[1]));
    expect($white)->not->toBeNull()
        ->and($white['mix'])->toBe([['paint' => 'white', 'drops' => 1]])
        ->and($white['where'])->toBe(['zone' => 'back'])
        ->and($white['technique']['name'])->toBe('mesh')
        ->and($white)->not->toHaveKey('id');
});

it('knows no white where there is none', function (): void {
    $document = Examples::recipe();
    $document['paints']['white']['hex'] = '#505050';
    $recipe = RecipeReader::read(Node::root($document));
    expect(WhiteUnder::white($recipe, []))->toBeNull()
        ->and(WhiteUnder::step(null, Steps::write($recipe->steps[1])))->toBeNull();
    // The whitest of the rack then; what is see-through or dry of solids is no white.
    $paint = static fn(string $id, string $kind, string $hex, float $solids = 0.4): Paint => Paint::read(
        $id,
        Node::root(['hex' => $hex, 'kind' => $kind, 'seen' => 'clear', 'solids' => $solids]),
    );
    $rack = [
        $paint('bone', 'opaque', '#e8e2cc'),
        $paint('glass', 'transparent', '#ffffff'),
        $paint('chalk', 'opaque', '#f6f6f2'),
        $paint('water', 'opaque', '#ffffff', 0),
        $paint('slate', 'opaque', '#404448'),
    ];
    expect(WhiteUnder::white($recipe, $rack)?->id)->toBe('chalk')->and(WhiteUnder::white(plannedRecipe(), $rack)?->id)->toBe('white');
});
