<?php

declare(strict_types=1);

namespace Tests\Core\Rescue;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Calculator\RescueCalculator;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Order\StateColours;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Rescue\Damage;
use Hawkbrush\Core\Rescue\Mishap;
use Hawkbrush\Core\Rescue\Rescue;
use Hawkbrush\Core\Rescue\Way;
use Tests\Build;

const RACK = [
    'white' => ['#f2f2ee', 'opaque'], 'black' => ['#111213', 'opaque'],
    'moss' => ['#5d7051', 'transparent'], 'bone' => ['#d8cfae', 'opaque'],
    'red' => ['#b3201f', 'transparent'], 'blue' => ['#1d3f9a', 'semi-opaque'],
    'yellow' => ['#f2c51b', 'opaque'], 'pearl' => ['#e9e6dc', 'pearl'],
];

/** @return array<string, Paint> */
function rack(): array
{
    $rack = [];
    foreach (RACK as $id => [$hex, $kind]) {
        $rack[$id] = Paint::read($id, Node::root(['hex' => $hex, 'kind' => $kind]));
    }

    return $rack;
}

/**
 * White all over, a moss flank, and whatever follows.
 *
 * @param array<string, mixed> ...$after
 */
function flank(array ...$after): Recipe
{
    return Build::recipe(
        Build::paintStep(['coats' => 3, 'weight' => 'heavy', 'set' => ['by' => 'heat']], 'base'),
        Build::paintStep(['coats' => 2, 'where' => ['zone' => 'flank'], 'set' => ['by' => 'heat']], 'moss', 'moss'),
        ...$after,
    );
}

function damage(Recipe $recipe, string $step, Mishap $mishap, ?float $laid = null, ?Paint $wrong = null): Damage
{
    $coat = $recipe->step($step)?->coat();
    \assert($coat !== null);

    return Damage::of($mishap, $coat, Damage::round($recipe->body, 0.5, 90, 6), $laid, $wrong, $recipe->body);
}

/**
 * @param array<string, Paint>|null $rack
 *
 * @return array{list<Way>, string|null}
 */
function rescued(Recipe $recipe, string $step, Damage $damage, ?array $rack = null): array
{
    return Rescue::of($recipe, $step, $damage, $rack ?? rack(), Climate::ordinary());
}

/**
 * Mean DeltaE00 over the bait between the pattern and the pattern with other coats, drawn whole.
 *
 * @param list<Coat> $coats
 */
function wholeDifference(Recipe $recipe, array $coats): float
{
    $surface = Surface::of($recipe->body, 128, 64);
    /** @param list<Coat> $coats */
    $draw = static function (array $coats) use ($surface): Field {
        $field = Field::bare($surface, Bands::EveryThird);
        foreach ($coats as $coat) {
            \assert($coat instanceof Coat);
            $field = $field->with($coat, Climate::ordinary());
        }

        return $field;
    };
    [$one, $other] = [$draw($coats), $draw($recipe->coats())];
    $colours = new StateColours(Bands::EveryThird);
    $sum = 0.0;
    foreach ($surface->areaMm2 as $cell => $mm2) {
        $sum += $mm2 * $colours->between($one->states[$one->left[$cell]], $other->states[$other->left[$cell]]);
    }

    return $sum / (2 * array_sum($surface->areaMm2));
}

/** @return list<Coat> the pattern with what went wrong and what mends it */
function mended(Recipe $recipe, Damage $damage, string $step, Way $way): array
{
    $coats = [];
    foreach ($recipe->coats() as $coat) {
        $coats[] = $coat;
        if ($coat->id === $step) {
            $coats[] = $damage->coat;
        }
        if ($coat->id === $way->after) {
            $coats = [...$coats, ...$way->coats];
        }
    }

    return $coats;
}

it('draws every way as the recipe with its steps, the same each time', function (): void {
    $recipe = flank(Build::paintStep(['coats' => 2, 'where' => ['zone' => 'back'], 'set' => ['by' => 'heat']], 'back', 'moss'));
    $damage = damage($recipe, 'moss', Mishap::TooMuch, 3.0);
    [$ways] = rescued($recipe, 'moss', $damage);
    expect(array_map(static fn(Way $way): string => $way->kind, $ways))->toContain('leave', 'cover', 'again')
        ->and(rescued($recipe, 'moss', $damage)[0])->toEqual($ways);
    foreach ($ways as $way) {
        if ($way->kind !== 'again') {
            // Some of its places stand for all.
            $whole = wholeDifference($recipe, mended($recipe, $damage, 'moss', $way));
            expect($way->deltaE)->toEqualWithDelta($whole, 0.03 + 0.1 * $whole);
        }
    }
});

it('tells no way that is worse than leaving it, and the nearest first', function (Mishap $mishap): void {
    $recipe = flank();
    [$ways] = rescued($recipe, 'moss', damage($recipe, 'moss', $mishap, null, rack()['red']));
    $leave = array_values(array_filter($ways, static fn(Way $way): bool => $way->kind === 'leave'))[0];
    foreach ($ways as $i => $way) {
        expect($way->deltaE)->toBeLessThanOrEqual($leave->deltaE)
            ->and($i === 0 || round($way->deltaE, 1) >= round($ways[$i - 1]->deltaE, 1))->toBeTrue()
            ->and($way->minutes > 0 || $way->kind === 'leave')->toBeTrue();
    }
})->with(array_map(static fn(Mishap $mishap): array => [$mishap], Mishap::cases()));

it('finds a cover as good as trying every paint of eight with one to four coats', function (): void {
    $recipe = flank();
    $damage = damage($recipe, 'base', Mishap::WrongPaint, null, rack()['black']);
    [$ways] = rescued($recipe, 'base', $damage);
    $cover = array_values(array_filter($ways, static fn(Way $way): bool => $way->kind === 'cover'))[0];
    $least = INF;
    foreach (rack() as $paint) {
        for ($coats = 1; $coats <= 4; $coats++) {
            $patch = $cover->coats[0]->of(Mixture::only($paint))->laidAs($coats, null, null, null);
            $all = $recipe->coats();
            $least = min($least, wholeDifference($recipe, [$all[0], $damage->coat, $patch, $all[1]]));
        }
    }
    expect($cover->deltaE)->toBeLessThan($least + 0.5);
});

it('leaves what a later coat hides', function (): void {
    $hidden = flank(Build::paintStep(['coats' => 6, 'weight' => 'heavy', 'set' => ['by' => 'heat']], 'grey', 'half'));
    [$ways] = rescued($hidden, 'moss', damage($hidden, 'moss', Mishap::TooMuch));
    expect($ways[0]->kind)->toBe('leave')->and($ways[0]->minutes)->toBe(0.0)->and($ways[0]->deltaE)->toBeLessThan(0.1);
});

it('brings lifted paint back by doing again what lay there', function (): void {
    $recipe = flank();
    [$ways] = rescued($recipe, 'moss', damage($recipe, 'moss', Mishap::Lifted));
    $cover = array_values(array_filter($ways, static fn(Way $way): bool => $way->kind === 'cover'))[0];
    $leave = array_values(array_filter($ways, static fn(Way $way): bool => $way->kind === 'leave'))[0];
    expect($cover->again)->toContain('moss')->and($cover->deltaE)->toBeLessThan(0.5 * $leave->deltaE);
});

it('starts again from the base with every step until then', function (): void {
    $recipe = flank();
    [$ways] = rescued($recipe, 'moss', damage($recipe, 'moss', Mishap::Run));
    $again = array_values(array_filter($ways, static fn(Way $way): bool => $way->kind === 'again'))[0];
    expect($again->again)->toBe(['base', 'moss'])->and($again->deltaE)->toBe(0.0);
});

it('knows the step after which only the base brings it back', function (): void {
    $late = ['coats' => 1, 'weight' => 'light', 'where' => ['zone' => 'flank'], 'set' => ['by' => 'heat']];
    $recipe = flank(Build::paintStep($late, 'late', 'moss'));
    $damage = damage($recipe, 'moss', Mishap::TooMuch, 4.0);
    // White and the greens once more still bring it back; with nothing opaque at hand what is dark stays.
    expect(rescued($recipe, 'moss', $damage)[1])->toBeNull()
        ->and(rescued($recipe, 'moss', $damage, array_intersect_key(rack(), ['moss' => 0, 'red' => 0]))[1])->toBe('late');
});

it('refuses what cannot be, and says what to do', function (array $over, string $pointer): void {
    $calculator = new RescueCalculator();
    expect(static fn() => $calculator->calculate(Node::root($over + $calculator->example())))
        ->toThrow(function (Refused $e) use ($pointer): void {
            expect($e->pointer)->toBe($pointer)->and($e->getMessage())->not->toBe('');
        });
})->with([
    'no such step' => [['step' => 'none'], '/step'],
    'no such fault' => [['fault' => 'gone'], '/fault'],
    'too little for too much' => [['laid' => 0.5], '/laid'],
    'which paint' => [['fault' => 'wrong-paint'], '/paint'],
    'a paint that is not in the rack' => [['fault' => 'wrong-paint', 'paint' => 'gold'], '/paint'],
    'off the bait' => [['where' => ['u' => 2, 'theta_deg' => 90, 'radius_mm' => 3]], '/where/u'],
]);
