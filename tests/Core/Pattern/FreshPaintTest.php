<?php

declare(strict_types=1);

use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\FreshPaint;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Technique\Techniques;
use Tests\PaintedRecipes;

// A new paint step begins as it usually stands there. Common practice, no published source.

/** @return list<Paint> */
function freshRack(): array
{
    $paints = PaintedRecipes::document([])['paints'];

    return array_map(
        static fn(string $id): Paint => Paint::read($id, Node::root(['name' => $id] + $paints[$id])),
        array_keys($paints),
    );
}

/**
 * @param list<array<string, mixed>> $steps that are there
 * @param array{float, float}|null $at
 */
function freshAfter(array $steps, string $technique = 'spray', ?array $at = null): array
{
    $recipe = RecipeReader::read(Node::root(PaintedRecipes::document($steps)));

    return FreshPaint::at($recipe, count($steps), Techniques::named($technique), freshRack(), $at);
}

it('begins with a base, then pearl, shoulder and back', function (): void {
    $steps = [];
    $seen = [];
    for ($i = 0; $i < 4; $i++) {
        $step = freshAfter($steps);
        $seen[] = [$step['where']['zone'], $step['mix'][0]['paint'], $step['psi'], $step['thinning_percent'], $step['aim_deg']];
        $steps[] = $step;
    }
    expect($seen)->toBe([
        ['whole', 'white', 38, 0, null],
        ['flank', 'pearl', 6, 0, 90.0],
        ['shoulder', 'yellow', 12, 60, 60.0],
        ['back', 'smoke', 10, 60, 0.0],
    ]);
});

it('lays a base where only marks lie yet, and shades the back at the end', function (): void {
    expect(freshAfter([PaintedRecipes::coat('black', 'spot')])['where'])->toBe(['zone' => 'whole'])
        ->and(freshAfter([
            PaintedRecipes::base(), PaintedRecipes::coat('pearl', 'spray', 'flank'),
            PaintedRecipes::coat('moss', 'spray', 'shoulder'), PaintedRecipes::coat('smoke', 'spray', 'back'),
        ])['where'])->toBe(['zone' => 'back']);
});

it('gives every technique figures that the recipe takes', function (string $technique): void {
    $step = freshAfter([PaintedRecipes::base()], $technique, [0.4, 70.0]);
    $recipe = RecipeReader::read(Node::root(PaintedRecipes::document([PaintedRecipes::base(), $step])));
    expect($recipe->coats())->toHaveCount(2);
})->with(Techniques::names());

it('puts a mark where it is wanted', function (): void {
    expect(freshAfter([], 'spot', [0.4, 70.0])['technique'])->toMatchArray(['u' => 0.4, 'deg' => 70.0])
        ->and(freshAfter([], 'spot', [0.4, 120.0])['aim_deg'])->toBe(120.0)
        ->and(freshAfter([], 'bars', [0.4, 70.0])['technique']['from_u'])->toEqualWithDelta(0.4, 0.001)
        ->and(freshAfter([], 'circles', [0.4, 110.0])['technique']['deg'])->toBe(110.0);
});

it('thins and blows as is usual for what it is', function (string $technique, float $psi, float $thinning): void {
    $step = freshAfter([PaintedRecipes::base()], $technique);
    expect([(float) $step['psi'], (float) $step['thinning_percent']])->toBe([$psi, $thinning]);
})->with([
    'splatter' => ['splatter', 2.0, 60.0],
    'stencil detail' => ['bars', 5.0, 60.0],
    'mesh' => ['mesh', 10.0, 40.0],
    'a freehand dot' => ['spot', 10.0, 20.0],
]);

it('says so when the rack is empty', function (): void {
    FreshPaint::at(RecipeReader::read(Node::root(PaintedRecipes::document([]))), 0, Techniques::named('spray'), [], null);
})->throws(Refused::class, 'no paint on the rack');
