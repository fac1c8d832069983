<?php

declare(strict_types=1);

namespace Tests\Core\Passes;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Compare\ZoneColours;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Passes\Pass;
use Hawkbrush\Core\Passes\Passes;
use Hawkbrush\Core\Passes\PassWords;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Render\Field;
use Tests\Build;

/** White, moss scales through mesh on the flank, and a coat over them. */
function scaled(array $over): Recipe
{
    return Build::recipe(
        Build::paintStep(['coats' => 3, 'weight' => 'heavy', 'set' => ['by' => 'heat']], 'base'),
        Build::paintStep(
            ['technique' => ['name' => 'mesh', 'pitch_mm' => 3], 'where' => ['zone' => 'flank'], 'coats' => 3, 'set' => ['by' => 'heat']],
            'scales',
            'moss',
        ),
        Build::paintStep($over + ['where' => ['zone' => 'flank'], 'set' => ['by' => 'heat']], 'over'),
    );
}

function passes(Recipe $recipe, string $step, ?int $upTo = null): Passes
{
    return Passes::of($recipe, $step, $upTo, Climate::ordinary());
}

it('draws each pass as the recipe with that number of coats, and the same each time', function (): void {
    $passes = passes(Build::example(), 'scales', 5);
    expect(array_map(static fn(Pass $pass): int => $pass->coats, $passes->all))->toBe([0, 1, 2, 3, 4, 5])
        ->and($passes->planned)->toBe(3)
        ->and(passes(Build::example(), 'scales', 5))->toEqual($passes);
    foreach (\array_slice($passes->all, 1) as $pass) {
        $recipe = Build::example(static function (array $document) use ($pass): array {
            $document['steps'][1]['coats'] = $pass->coats;

            return $document;
        });
        $surface = Surface::of($recipe->body, 64, 32);
        $zones = array_map(Zone::from(...), array_keys($pass->zones));
        $drawn = (new ZoneColours($surface))->of(Field::painted($recipe, $surface, Climate::ordinary()), SurfaceFinish::Clear, $zones);
        foreach ($drawn as $zone => $colour) {
            expect([$pass->zones[$zone]->lab->l, $pass->zones[$zone]->lab->a, $pass->zones[$zone]->lab->b])
                ->toEqualWithDelta([$colour->lab->l, $colour->lab->a, $colour->lab->b], 1e-9);
        }
    }
});

it('looks three coats beyond the planned ones unless more are asked for', function (): void {
    // The most that a step may have is looked at too, and nothing beyond it.
    $most = Build::recipe(Build::paintStep(['coats' => 40], 'a'));
    expect(passes($most, 'a')->all)->toHaveCount(41)->and(passes(Build::example(), 'scales')->all)->toHaveCount(7)->and(passes(Build::example(), 'scales', 9)->all)->toHaveCount(10);
});

it('knows the last coat that is seen: white over white shows at once that it adds nothing', function (): void {
    $recipe = Build::recipe(
        Build::paintStep(['coats' => 4, 'weight' => 'heavy'], 'base'),
        Build::paintStep(['coats' => 2, 'weight' => 'light'], 'again'),
    );
    expect(passes($recipe, 'again')->lastSeen)->toBeNull();
    $seen = passes($recipe, 'base', 12);
    expect($seen->lastSeen)->toBeGreaterThan(0)->toBeLessThan(12)
        ->and($seen->all[$seen->lastSeen]->most())->toBeGreaterThanOrEqual(Passes::SEEN)
        ->and($seen->all[$seen->lastSeen + 1]->most())->toBeLessThan(Passes::SEEN);
});

it('counts a small mark by where it lands, though no zone is changed by it', function (): void {
    $recipe = Build::recipe(
        Build::paintStep(['coats' => 3, 'weight' => 'heavy'], 'base'),
        Build::paintStep(['technique' => ['name' => 'spot', 'diameter_mm' => 4], 'coats' => 2], 'spot', 'moss'),
    );
    $passes = passes($recipe, 'spot');
    expect($passes->all[1]->zones)->toBe([])->and($passes->all[1]->atPlace)->toBeGreaterThan(1.0)
        ->and($passes->lastSeen)->toBeGreaterThan(1);
});

it('says from which coat on the scales below are buried; of an even ground it says nothing', function (): void {
    $tooMany = passes(scaled(['coats' => 1, 'weight' => 'light']), 'over', 12)->tooMany;
    expect($tooMany?->step)->toBe('scales')->and($tooMany?->coats)->toBeGreaterThan(1)
        ->and($tooMany?->reason)->toContain('no longer shows');
    $even = Build::recipe(Build::paintStep(['coats' => 1], 'base'), Build::paintStep(['coats' => 1], 'over', 'moss'));
    expect(passes($even, 'over', 12)->tooMany)->toBeNull();
});

it('says from which coat on the next glaze loses half of what it would have done', function (): void {
    $recipe = Build::recipe(
        Build::paintStep(['coats' => 3, 'weight' => 'heavy', 'set' => ['by' => 'heat']], 'base'),
        Build::paintStep(['coats' => 1, 'weight' => 'light', 'set' => ['by' => 'heat']], 'shade', 'moss'),
        Build::paintStep(['coats' => 1, 'weight' => 'light', 'set' => ['by' => 'heat']], 'glaze', 'moss'),
    );
    $tooMany = passes($recipe, 'shade', 12)->tooMany;
    expect($tooMany?->step)->toBe('glaze')->and($tooMany?->reason)->toContain('less than half');
});

it('refuses a step that lays no paint, saying what to do', function (string $step, string $says): void {
    $recipe = Build::recipe(
        ['id' => 'prep', 'type' => 'prep', 'task' => 'wipe'],
        Build::paintStep(['on' => false], 'off'),
        Build::paintStep([], 'dry', 'water'),
    );
    expect(static fn() => passes($recipe, $step))->toThrow(Refused::class, $says);
})->with([['none', 'There is no step'], ['prep', 'lays no paint'], ['off', 'lays no paint'], ['dry', 'lays no paint']]);

it('says in words what a coat did', function (): void {
    $recipe = Build::recipe(
        Build::paintStep(['coats' => 3, 'weight' => 'heavy', 'set' => ['by' => 'heat']], 'base'),
        Build::paintStep(['coats' => 1, 'weight' => 'light'], 'over', 'moss'),
    );
    $all = passes($recipe, 'over', 9)->all;
    $says = array_map(PassWords::of(...), $all, [null, ...\array_slice($all, 0, -1)]);
    expect($says[0])->toBe('as it lies below')->and($says[1])->toBe('turns green')->and($says[2])->toMatch('/deepens the green|darker/');
    $again = Build::recipe(
        Build::paintStep(['coats' => 4, 'weight' => 'heavy'], 'base'),
        Build::paintStep(['coats' => 1, 'weight' => 'light'], 'again'),
    );
    $white = passes($again, 'again')->all;
    expect(PassWords::of($white[1], $white[0]))->toBe('not seen');
});

it('does not call a small opaque mark too much because its place below is covered', function (): void {
    $recipe = Build::recipe(
        Build::paintStep(['coats' => 3, 'weight' => 'heavy', 'set' => ['by' => 'heat']], 'base'),
        Build::paintStep(['technique' => ['name' => 'mesh', 'pitch_mm' => 3], 'coats' => 2, 'set' => ['by' => 'heat']], 'scales', 'moss'),
        Build::paintStep(['technique' => ['name' => 'spot', 'diameter_mm' => 4], 'coats' => 1, 'weight' => 'heavy'], 'spot'),
    );
    expect(passes($recipe, 'spot', 9)->tooMany)->toBeNull();
});
