<?php

declare(strict_types=1);

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Exchange\BodyReader;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Illuminate\Foundation\Testing\LazilyRefreshDatabase;
use Tests\ApiCase;

pest()->extend(ApiCase::class)->use(LazilyRefreshDatabase::class)->in('Api');

/** The calculators' example recipe, changed as a test wants it. */
function exampleRecipe(?callable $change = null): Recipe
{
    $document = Examples::recipe();

    return RecipeReader::read(Node::root($change === null ? $document : $change($document)));
}

function testSurface(): Surface
{
    return Surface::of(BodyReader::read(Node::root(Examples::body())), 128, 64);
}

/** @param array<string, mixed> $change */
function aCoat(array $change = []): Coat
{
    $step = array_replace(
        [
            'id' => 'a',
            'type' => 'paint',
            'mix' => [['paint' => 'white']],
            'technique' => ['name' => 'spray'],
            'where' => ['zone' => 'whole'],
        ],
        $change,
    );
    $recipe = RecipeReader::read(Node::root(['steps' => [$step]] + Examples::recipe()));

    return $recipe->coats()[0];
}

/** @param array<string, mixed> ...$steps */
function recipeWith(array ...$steps): Recipe
{
    $document = Examples::recipe();
    $document['paints'] += [
        'half' => ['hex' => '#808080', 'kind' => 'opaque', 'solids' => 0.5, 'drop_ml' => 0.1],
        'lacquer' => ['hex' => '#808080', 'kind' => 'opaque', 'family' => 'lacquer'],
        'water' => ['hex' => '#808080', 'kind' => 'opaque', 'solids' => 0],
    ];
    $document['steps'] = array_map(
        static fn(array $step, int $i): array => $step + ['id' => 'step-'.$i],
        $steps,
        array_keys($steps),
    );

    return RecipeReader::read(Node::root($document));
}
