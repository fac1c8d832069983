<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

// A warning that is wrong costs as much as one that is missing: recipes of a good hand pass, one mistake in them is found, once.

use Hawkbrush\Core\Advice\Advisor;
use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Node;
use Tests\PaintedRecipes;

/**
 * @param array{steps: list<array<string, mixed>>, ground?: string} $recipe
 *
 * @return list<string> rule and number of step
 */
function findingsIn(array $recipe, ?Severity $from = null): array
{
    $document = PaintedRecipes::document($recipe['steps'], $recipe['ground'] ?? '#d8d8d4', $recipe['shine'] ?? 'none');
    $read = RecipeReader::read(Node::root($document));

    return array_map(
        static fn(Finding $finding): string => $finding->rule.' '.$read->number($finding->stepId),
        array_values(array_filter(
            Advisor::advise($read, Climate::ordinary()),
            static fn(Finding $finding): bool => $from === null || $finding->severity !== Severity::Hint,
        )),
    );
}

it('has no caution against what a good hand paints, and hardly a hint', function (array $recipe): void {
    expect(findingsIn($recipe, Severity::Caution))->toBe([])->and(\count(findingsIn($recipe)))->toBeLessThanOrEqual(2);
})->with(fn(): array => array_map(static fn(array $recipe): array => [$recipe], PaintedRecipes::all()));

/** One step of a recipe painted otherwise. */
function spoilt(string $recipe, int $step, array $change): array
{
    $good = PaintedRecipes::all()[$recipe];
    $good['steps'][$step - 1] = $change + $good['steps'][$step - 1];

    return $good;
}

it('finds one planted mistake, once', function (string $recipe, int $step, array $change, string $found): void {
    $all = array_keys(PaintedRecipes::all());
    $name = array_values(array_filter($all, static fn(string $name): bool => str_starts_with($name, $recipe)))[0];
    expect(array_values(array_diff(findingsIn(spoilt($name, $step, $change)), findingsIn(PaintedRecipes::all()[$name]))))->toBe([$found]);
})->with([
    'the mesh goes on while two heavy coats are fresh' => ['rudd', 2, ['set' => ['by' => 'heat', 'minutes' => 0]], 'too-soon-to-clamp 3'],
    'the mesh comes off the last colour wet' => ['rudd', 5, ['set' => ['by' => 'wet', 'minutes' => 0]], 'too-soon-to-clamp 5'],
    'heat on the size that is to hold glitter' => ['glitter', 3, ['set' => ['by' => 'heat', 'minutes' => 5]], 'hardly-shows 4'],
    'a stencil is held on wet gold' => ['zander', 2, ['set' => ['by' => 'wet', 'minutes' => 0]], 'too-soon-to-clamp 3'],
    'tape without the night or the seal before it' => ['sealed', 3, ['on' => false], 'too-soon-to-clamp 4'],
    'a thin base, the body grey' => ['gudgeon', 1, ['coats' => 1, 'weight' => 'mist'], 'base-not-hidden 1'],
    'a heavy thinned coat through bars' => ['zander', 3, ['weight' => 'heavy', 'coats' => 1], 'too-thick-for-one-go 3'],
    'a heavy thinned fade' => ['grayling', 3, ['weight' => 'heavy', 'thinning_percent' => 60], 'too-thick-for-one-go 3'],
    'fluorescent into wet white' => ['char', 1, ['set' => ['by' => 'air', 'minutes' => 1]], 'runs-together 2'],
    'a see-through green on a black back' => ['belly', 5, ['mix' => [['paint' => 'moss', 'drops' => 1]]], 'hardly-shows 5'],
    'fluorescent on black' => ['belly', 5, ['mix' => [['paint' => 'glow', 'drops' => 1]], 'weight' => 'light'], 'brighter-over-white 5'],
    'orange on black, where nothing is bright' => ['belly', 5, ['mix' => [['paint' => 'orange', 'drops' => 1]]], 'brighter-over-white 5'],
    'yellow on green' => [
        'belly',
        4,
        ['mix' => [['paint' => 'yellow', 'drops' => 1]], 'where' => ['zone' => 'shoulder'], 'aim_deg' => 40],
        'colour-turns 4',
    ],
    'a back aimed at from below' => ['burbot', 3, ['aim_deg' => 180, 'where' => ['zone' => 'back']], 'hardly-shows 3'],
    'an eye far too large' => ['ruffe', 6, ['diameter_mm' => 8], 'eye-and-socket 6'],
    'an eye that lies loose' => ['sand eel', 5, ['diameter_mm' => 4], 'eye-and-socket 5'],
]);

it('looks at a coat for one side on that side', function (string $side): void {
    $steps = [PaintedRecipes::base(), PaintedRecipes::coat('red', 'spray', 'whole', ['where' => ['zone' => 'flank', 'side' => $side]])];
    expect(findingsIn(['steps' => $steps]))->toBe([]);
})->with(['left', 'right']);
