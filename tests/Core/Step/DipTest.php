<?php

declare(strict_types=1);

namespace Tests\Core\Step;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Hazard;
use Hawkbrush\Core\Drying\Airflow;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Handle\Handles;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Run\Plan;
use Hawkbrush\Core\Shop\Shop;
use Hawkbrush\Core\Step\Job;
use Hawkbrush\Core\Step\Steps;
use Tests\Build;

/** @param array<string, mixed> $fields */
function dipped(array $fields = [], array ...$before): Recipe
{
    return Build::recipe(...$before, ...[$fields + ['id' => 'dip', 'type' => 'dip', 'mix' => [['paint' => 'moss']]]]);
}

function filmOf(Recipe $recipe): Coat
{
    return $recipe->coats()[\count($recipe->coats()) - 1];
}

it('lays a skin as thick as it comes out, coloured by what is stirred in', function (): void {
    // 400 um of vinyl with 10 % of a bottle of 35 % solids: 14 um of what colours, by arithmetic.
    expect(filmOf(dipped())->dryUm())->toEqualWithDelta(14.0, 1e-9)
        ->and(filmOf(dipped(['dips' => 2, 'colour_percent' => 20]))->dryUm())->toEqualWithDelta(56.0, 1e-9)
        ->and(filmOf(dipped(['weight' => 'light']))->dryUm())->toBeLessThan(14.0);
});

it('leaves the base of the tail out', function (): void {
    $field = Field::painted(dipped(['to_u' => 0.8]), Build::surface(), Climate::ordinary());
    $surface = $field->surface;
    $state = static fn(float $u, float $deg): int => $field->left[$surface->cellAt($u, $deg)];
    expect($state(0.5, 90))->not->toBe(0)->and($state(0.1, 5))->not->toBe(0)->and($state(0.5, 178))->toBe($state(0.5, 90))
        ->and($state(0.9, 90))->toBe(0);
});

it('changes nothing but the gloss where the vinyl is clear', function (): void {
    $base = Build::paintStep([], 'base');
    $clear = dipped(['mix' => []], $base);
    $surface = Surface::of(Build::body(), 64, 32);
    expect($clear->coats())->toHaveCount(1)
        ->and(Field::painted($clear, $surface, Climate::ordinary())->states)
        ->toEqual(Field::painted(Build::recipe($base), $surface, Climate::ordinary())->states);
});

it('sets as it cools: nothing has to leave, and a mask may be clamped on it', function (): void {
    $coat = filmOf(dipped());
    expect($coat->touchDryS(Climate::ordinary(), Airflow::still()))->toBe(0.0)->and($coat->wetShare(Climate::ordinary()))->toBe(0.0)
        ->and($coat->maskSafeS(Climate::of(10, 95), Airflow::still()))->toBe(0.0);
});

it('is planned with its heats and with what is stirred in', function (): void {
    $plan = Plan::of(dipped(['cup_ml' => 100, 'colour_percent' => 15]), 6, Shop::ordinary());
    $work = $plan->steps[0]->work;
    expect($work->melt?->heats[0])->toBe(60)->and($work->cup)->toBeNull()
        ->and($work->stirs)->toEqual([['paintId' => 'moss', 'name' => 'Moss', 'ml' => 15.0]])
        ->and($plan->takesMl())->toEqual(['moss' => 15.0])
        ->and($work->waitFor)->toContain('cold');
    $hands = static fn(int $baits): float => dipped()->steps[0]->work(new Job($baits, Climate::ordinary(), 0.0))->handsOnMin;
    expect($hands(12))->toBeGreaterThan($hands(4));
});

it('is cautioned against, goes on no wheel and is told in order', function (): void {
    $step = dipped()->steps[0];
    expect($step->hazards())->toContain(Hazard::Vinyl)->and($step->how())->toContain('never with wood')->toContain('by the rear')
        ->toContain('base of the tail left out')->toContain('trim')
        ->and(dipped(['to_u' => 1])->steps[0]->how())->not->toContain('base of the tail left out')
        ->and($step->label())->toBe('Dip, Moss')->and(dipped(['mix' => []])->steps[0]->label())->toBe('Clear dip');
});

it('is taken hold of where it ends, and nowhere else', function (): void {
    $body = Build::body();
    $coat = filmOf(dipped());
    expect(array_map(static fn($handle): string => $handle->id, Handles::of($coat, $body)))->toBe(['depth'])
        ->and(Handles::move($coat, $body, 'depth', 0.7, 90, false)['to_u'])->toEqualWithDelta(0.7, 0.01)
        ->and(Handles::move($coat, $body, 'depth', 0.05, 90, false)['to_u'])->toBe(0.2);
});

it('keeps what it is when its paint is exchanged', function (): void {
    $step = dipped(['melt_c' => 170, 'dips' => 2])->steps[0];
    $again = $step->withCoat(filmOf(dipped()));
    expect(Steps::write($again))->toBe(Steps::write($step));
});

it('refuses what nobody dips', function (array $fields): void {
    expect(static fn(): Recipe => dipped($fields))->toThrow(Refused::class);
})->with([
    [['melt_c' => 300]], [['dips' => 0]], [['dips' => 1.5]], [['colour_percent' => 0]], [['cup_ml' => 1]], [['to_u' => 0]], [['psi' => 5]],
]);
