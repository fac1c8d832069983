<?php

declare(strict_types=1);

namespace Tests\Core\Render;

// Common practice, no published source: glitter holds where a tacky size lies unset, and nowhere else.

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\Field;
use Tests\PaintedRecipes;

/**
 * @param list<array<string, mixed>> $steps
 *
 * @return array{Surface, Coverage} of the last coat
 */
function lastLanding(array $steps): array
{
    $recipe = RecipeReader::read(Node::root(PaintedRecipes::document($steps)));
    $surface = Surface::of($recipe->body, 96, 96);
    $coats = $recipe->coats();

    return [$surface, Coverage::land($coats[\count($coats) - 1], $surface)];
}

$size = static fn(string $by): array => PaintedRecipes::coat('size', 'spray', 'belly', ['set' => ['by' => $by, 'minutes' => 0]]);

it('holds glitter where the size lies, on as many flakes as fall there', function () use ($size): void {
    $glitter = PaintedRecipes::coat('silver', ['name' => 'glitter', 'per_cm2' => 80.0]);
    [, $bare] = lastLanding([$glitter]);
    [$surface, $held] = lastLanding([$size('wet'), $glitter]);
    $degs = array_map(static fn(int $cell): float => $surface->theta[intdiv($cell, $surface->columns)], array_keys($held->left));
    expect(min($degs))->toBeGreaterThan(80)->and(\count($held->left))->toBeLessThan(0.6 * \count($bare->left));
    foreach ($held->left as $cell => $share) {
        expect($share)->toBeLessThanOrEqual($bare->left[$cell]);
    }
});

it('holds nothing on a size that heat has set, and a second sprinkling too on one that is tacky', function () use ($size): void {
    $glitter = PaintedRecipes::coat('silver', 'glitter');
    $gold = PaintedRecipes::coat('gold', 'glitter', 'whole', ['seed' => 5]);
    expect(lastLanding([$size('heat'), $glitter])[1]->left)->toBe([])
        ->and(lastLanding([$size('air'), $glitter, $gold])[1]->left)->not->toBe([])
        ->and(lastLanding([$size('heat'), PaintedRecipes::coat('white'), $glitter])[1]->left)->not->toBe([]);
});

it('colours nothing by itself, and takes no flake into a blend', function () use ($size): void {
    $look = static function (array $steps): array {
        $recipe = RecipeReader::read(Node::root(PaintedRecipes::document($steps)));
        $field = Field::painted($recipe, Surface::of($recipe->body, 32, 32), Climate::ordinary());

        return array_map(static fn(int $state): array => $field->states[$state]->r, $field->left);
    };
    $white = PaintedRecipes::base();
    expect($look([$white, $size('wet')]))->toEqualWithDelta($look([$white]), 1e-9);
});
