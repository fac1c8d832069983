<?php

declare(strict_types=1);

namespace Tests\Core\Render;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\Deposition;
use Tests\PaintedRecipes;

function landing(string|array $technique, string|array $where, array $more = []): float
{
    $recipe = RecipeReader::read(Node::root(PaintedRecipes::document([PaintedRecipes::coat('ink', $technique, $where, $more)])));
    $coat = $recipe->coats()[0];
    $surface = Surface::of($recipe->body, 96, 96);
    \assert($coat instanceof Coat);

    return Deposition::share($coat, $surface, Coverage::land($coat, $surface));
}

it('says how much of marks that stand by themselves lands', function (
    string|array $technique,
    string|array $where,
    array $more,
    float $least,
    float $most,
): void {
    expect(landing($technique, $where, $more))->toBeGreaterThanOrEqual($least)->toBeLessThanOrEqual($most);
})->with([
    'circles, no place' => ['circles', 'whole', ['aim_deg' => 80], 1, 1],
    'a spot on the flank, cut to the belly' => [['name' => 'spot', 'deg' => 60.0, 'diameter_mm' => 4.0], 'belly', [], 0, 0],
    'a spot half off its range' => [
        ['name' => 'spot', 'u' => 0.5, 'deg' => 90.0, 'diameter_mm' => 8.0],
        ['from_u' => 0.5, 'to_u' => 1, 'from_deg' => 0, 'to_deg' => 180, 'soft' => 0],
        [], 0.4, 0.6,
    ],
    'a fin below, aimed from above' => [['name' => 'outline', 'deg' => 160.0], 'whole', ['aim_deg' => 0], 0, 0],
    'a spot on the back of the right side, reaching over the ridge' => [
        ['name' => 'spot', 'u' => 0.5, 'deg' => 8.0, 'diameter_mm' => 8.0],
        'whole',
        ['where' => ['zone' => 'whole', 'side' => 'right']], 1, 1,
    ],
    'a line by pen, whatever the aim' => ['line', 'whole', ['aim_deg' => 0], 1, 1],
]);

it('says of what fills a place only whether any lands', function (): void {
    expect(landing('spray', 'back', ['aim_deg' => 20]))->toBe(1.0)
        ->and(landing('spray', 'belly', ['aim_deg' => 0]))->toBe(0.0)
        ->and(landing('mottle', 'whole', ['where' => ['zone' => 'flank', 'side' => 'right']]))->toBe(1.0);
});
