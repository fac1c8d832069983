<?php

declare(strict_types=1);

namespace Tests\Core\Step;

use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Exchange\RecipeWriter;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Render\CoreSample;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Replace\Swap;
use Hawkbrush\Core\Run\Plan;
use Hawkbrush\Core\Shop\Shop;
use Tests\Build;

/** @param array<string, mixed> ...$stirred */
function clearWith(array ...$stirred): Recipe
{
    return Build::recipe(
        Build::paintStep(['coats' => 3], 'base'),
        ['id' => 'clear', 'type' => 'clear', 'clear' => 'two-part epoxy', 'stirred' => $stirred],
    );
}

/** How far a place is from what it is without anything stirred in. */
function shiftAt(Recipe $recipe, float $u, float $deg): float
{
    $at = static fn(Recipe $of) => CoreSample::at($of, Build::surface(), Climate::ordinary(), SurfaceFinish::Clear, $u, $deg);
    $last = static fn(CoreSample $core) => $core->coats[\count($core->coats) - 1]->after->lab;

    return DeltaE2000::between($last($at(clearWith())), $last($at($recipe)));
}

it('is a film where it is laid, and none elsewhere', function (): void {
    $powder = clearWith(['paint' => 'moss', 'percent' => 2, 'where' => ['zone' => 'belly']]);
    expect(shiftAt($powder, 0.5, 175))->toBeGreaterThan(2.0)->and(shiftAt($powder, 0.5, 5))->toBeLessThan(0.01);
    // 210 um of epoxy with 2 % in it: 4.2 um.
    expect($powder->steps[1]->films()[0]->dryUm())->toEqualWithDelta(4.2, 1e-9);
    // Six coats with a tenth in them: 126 um.
    $thick = Build::recipe(['id' => 'c', 'type' => 'clear', 'clear' => 'two-part epoxy', 'coats' => 6, 'stirred' => [
        ['paint' => 'moss', 'percent' => 10, 'where' => ['zone' => 'whole']],
    ]]);
    expect($thick->steps[0]->films()[0]->dryUm())->toEqualWithDelta(126.0, 1e-9);
});

it('lays flakes that an eye tells apart side by side, in about the area that is stirred in', function (): void {
    // 1 % of 210 um in sheets of 25 um covers 8.4 % of the area, by arithmetic; flakes lie over each other here and there.
    $recipe = clearWith(['paint' => 'moss', 'percent' => 1, 'flake_mm' => 0.8, 'where' => ['zone' => 'whole']]);
    $bare = Field::painted(clearWith(), Build::surface(), Climate::ordinary());
    $field = Field::painted($recipe, Build::surface(), Climate::ordinary());
    $there = $all = 0.0;
    foreach ($field->left as $cell => $state) {
        $all += $field->surface->areaMm2[$cell];
        $there += $field->states[$state] != $bare->states[$bare->left[$cell]] ? $field->surface->areaMm2[$cell] : 0.0;
    }
    expect($there / $all)->toBeGreaterThan(0.04)->and($there / $all)->toBeLessThan(0.25);
});

it('takes fine and dense flakes as an even film', function (): void {
    $fine = clearWith(['paint' => 'moss', 'percent' => 3, 'flake_mm' => 0.2, 'where' => ['zone' => 'whole']]);
    expect($fine->steps[1]->films()[0]->technique->name())->toBe('spray')->and(shiftAt($fine, 0.3, 90))->toBeGreaterThan(1.0);
});

it('is told at the bench with where it goes', function (): void {
    $step = clearWith(['paint' => 'moss', 'percent' => 1.5, 'flake_mm' => 0.4, 'where' => ['zone' => 'belly']])->steps[1];
    expect($step->how())->toStartWith('Stir 1.5 % Moss into what goes on the belly.')->toContain('the nose last');
});

it('shows in the cut, one film after the other', function (): void {
    $recipe = clearWith(
        ['paint' => 'moss', 'percent' => 2, 'where' => ['zone' => 'whole']],
        ['paint' => 'white', 'percent' => 1, 'where' => ['zone' => 'belly']],
    );
    $core = CoreSample::at($recipe, Build::surface(), Climate::ordinary(), SurfaceFinish::Clear, 0.5, 176);
    expect(array_map(static fn($coat): string => "{$coat->number} {$coat->name}", $core->coats))
        ->toBe(['1 White', '2 Moss', '2 White']);
});

it('is planned like paint, goes out with the recipe and comes in again', function (): void {
    $recipe = clearWith(['paint' => 'moss', 'percent' => 2, 'where' => ['zone' => 'belly']]);
    $plan = Plan::of($recipe, 2, Shop::ordinary());
    $mixed = $plan->takesClearMl()['two-part epoxy'];
    // The belly is a part of the bait, and takes that part of the clear; all of it takes all.
    expect($plan->takesMl()['moss'])->toBeGreaterThan(0.02 * $mixed * 0.1)->toBeLessThan(0.02 * $mixed * 0.5);
    $all = Plan::of(clearWith(['paint' => 'moss', 'percent' => 2, 'where' => ['zone' => 'whole']]), 2, Shop::ordinary());
    expect($all->takesMl()['moss'])->toEqualWithDelta(0.02 * $mixed, 1e-9);
    $written = RecipeWriter::write($recipe);
    expect($written['paints'])->toHaveKey('moss')
        ->and(RecipeWriter::write(RecipeReader::read(Node::root($written))))->toEqual($written);
});

it('takes the paint that another is exchanged for, and its film follows', function (): void {
    $recipe = clearWith(['paint' => 'moss', 'percent' => 2, 'where' => ['zone' => 'belly']]);
    $white = $recipe->paints()['white'];
    $swapped = Swap::in($recipe, 'moss', [[$white, 1]]);
    expect($swapped->steps[1]->paints())->toEqual([$white])
        ->and($swapped->steps[1]->films()[0]->dryUm())->toBe($recipe->steps[1]->films()[0]->dryUm())
        ->and(array_keys($swapped->paints()))->toBe(['white']);
});

it('refuses what is no clear any more', function (array $stirred): void {
    expect(static fn(): Recipe => clearWith($stirred + ['paint' => 'moss', 'percent' => 1, 'where' => ['zone' => 'back']]))
        ->toThrow(Refused::class);
})->with([[['percent' => 40]], [['paint' => 'none']], [['flake_mm' => 9]], [['where' => ['zone' => 'knee']]], [['psi' => 3]]]);
