<?php

declare(strict_types=1);

namespace Tests\Core\Run;

use Hawkbrush\Core\Body\Measure;
// Times and amounts of a run, worked out by hand beside it. What a hand takes is common practice, no published source.

use Hawkbrush\Core\Clear\Mixes;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Drying\Dryer;
use Hawkbrush\Core\Drying\Evaporation;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Run\Plan;
use Hawkbrush\Core\Run\PlannedStep;
use Hawkbrush\Core\Shop\Shop;
use LogicException;
use Tests\Build;

/** @param array<string, mixed> $more */
function sprayed(array $more = []): array
{
    return $more + [
        'id' => 'coat',
        'type' => 'paint',
        'mix' => [['paint' => 'white', 'drops' => 1]],
        'technique' => ['name' => 'spray'],
        'where' => ['zone' => 'whole'],
        'weight' => 'light',
        'strokes' => 4,
        'set' => ['by' => 'air'],
    ];
}

function plannedOf(Recipe $recipe, string $id, int $baits = 1, ?Climate $climate = null): PlannedStep
{
    foreach (Plan::of($recipe, $baits, Shop::ordinary($climate))->steps as $step) {
        if ($step->step->id === $id) {
            return $step;
        }
    }
    throw new LogicException("No step {$id} in the plan.");
}

it('takes a minute to mix, and three seconds a stroke on either side', function (
    int $baits,
    int $coats,
    int $strokes,
    float $minutes,
): void {
    expect(plannedOf(
        Build::recipe(sprayed(['coats' => $coats, 'strokes' => $strokes])),
        'coat',
        $baits,
    )->work->handsOnMin)->toEqualWithDelta($minutes, 1e-9);
})->with([
    'one bait' => [1, 1, 4, 1 + 8 * 0.05],
    'one bait, three coats' => [1, 3, 4, 1 + 3 * 8 * 0.05],
    'five baits, mixed once' => [5, 1, 10, 1 + 5 * 20 * 0.05],
]);

it('adds a minute a bait for a mask, and what heat takes on either side between coats', function (): void {
    $plain = plannedOf(Build::recipe(sprayed()), 'coat', 4)->work->handsOnMin;
    expect(plannedOf(
        Build::recipe(sprayed(['technique' => ['name' => 'mesh']])),
        'coat',
        4,
    )->work->handsOnMin)->toEqualWithDelta($plain + 4, 1e-9);
    $heat = plannedOf(Build::recipe(sprayed(['set' => ['by' => 'heat'], 'coats' => 2])), 'coat', 3);
    $touch = Evaporation::touchDryS(9, 0.65, Climate::ordinary(), Dryer::hairDryer()->in(Climate::ordinary()));
    expect($heat->work->setSeconds)->toEqualWithDelta($touch, 1e-9)
        ->and($heat->work->handsOnMin)->toEqualWithDelta(1 + 3 * 2 * (8 * 0.05 + 2 * max(10, $touch) / 60), 1e-9);
});

it('sprays area by film by coats, by what lands and what stays in the cup', function (
    string $weight,
    float $um,
    int $coats,
    int $baits,
): void {
    $recipe = Build::recipe(sprayed(['weight' => $weight, 'coats' => $coats, 'mix' => [['paint' => 'white', 'drops' => 1]]]));
    $mix = plannedOf($recipe, 'coat', $baits)->work->cup;
    // A little over half of it lands; 0.06 ml stay in cup and nozzle. Common practice, no published source.
    $needed = Measure::areaMm2($recipe->body) * $um * 1e-6 * $coats * $baits / 0.55 + 0.06;
    expect($mix?->neededMl)->toEqualWithDelta($needed, 0.02 * $needed)
        ->and($mix->totalMl)->toBeGreaterThanOrEqual($mix->neededMl)
        ->and($mix->totalMl - $mix->neededMl)->toBeLessThan(0.05 + 1e-9);
})->with([['light', 9.0, 1, 1], ['medium', 16.0, 2, 3], ['heavy', 28.0, 3, 8], ['mist', 4.0, 1, 20]]);

it('sprays a side by itself with half the paint', function (): void {
    $where = ['from_u' => 0, 'to_u' => 1, 'from_deg' => 0, 'to_deg' => 180, 'soft' => 0];
    $both = plannedOf(Build::recipe(sprayed(['where' => $where, 'coats' => 10])), 'coat')->work->cup?->neededMl;
    $left = plannedOf(Build::recipe(sprayed(['where' => $where + ['side' => 'left'], 'coats' => 10])), 'coat')->work->cup?->neededMl;
    expect($left - 0.06)->toEqualWithDelta(($both - 0.06) / 2, 1e-9);
});

it('keeps the recipe’s ratio whatever it takes, and thins by the share that was set', function (float $thinning): void {
    $mix = plannedOf(
        Build::recipe(sprayed([
            'mix' => [['paint' => 'white', 'drops' => 4], ['paint' => 'moss', 'drops' => 6]],
            'thinning_percent' => $thinning,
            'coats' => 4,
        ])),
        'coat',
        6,
    )->work->cup;
    [$white, $moss] = [$mix?->paints[0]['drops'], $mix?->paints[1]['drops']];
    expect(3 * $white)->toBe(2 * $moss)
        ->and($mix->reducerDrops / ($white + $moss + $mix->reducerDrops))->toEqualWithDelta($thinning / 100, 0.03);
})->with([0.0, 20.0, 50.0, 80.0]);

it('draws a wait out with the damp, never more than tenfold, and shortens it in dry air', function (
    float $humidity,
    float $from,
    float $to,
): void {
    $wait = plannedOf(Build::recipe(sprayed(), ['id' => 'wait', 'type' => 'wait', 'minutes' => 30]), 'wait', 1, Climate::of(21, $humidity));
    expect($wait->work->handsOnMin)->toBe(0.0)
        ->and($wait->work->waitMin)->toBeBetween($from, $to)
        ->and($wait->work->waitFor)->toBe('to dry');
})->with([[50, 30, 30], [75, 59, 61], [100, 300, 300], [5, 15, 17]]);

it('does not wait longer for more baits, but prepares each', function (): void {
    $recipe = Build::recipe(
        ['id' => 'prep', 'type' => 'prep', 'minutes' => 4],
        sprayed(),
        ['id' => 'wait', 'type' => 'wait', 'minutes' => 30],
    );
    expect(plannedOf($recipe, 'wait', 9)->work->waitMin)->toBe(plannedOf($recipe, 'wait', 1)->work->waitMin)
        ->and(plannedOf($recipe, 'prep', 9)->work->handsOnMin)->toEqualWithDelta(36, 1e-9)
        ->and(plannedOf($recipe, 'prep', 9)->work->waitMin)->toBe(0.0);
});

it('waits overnight before a clear that wants it bone dry, and by its own hours after', function (string $clear, float $hours): void {
    $recipe = Build::recipe(sprayed(), ['id' => 'clear', 'type' => 'clear', 'clear' => $clear]);
    $step = plannedOf($recipe, 'clear');
    $brushed = Mixes::coatMin(Measure::areaMm2($recipe->body));
    expect($step->work->waitMin / 60)->toEqualWithDelta($hours, 1e-9)
        // What comes in two parts is stirred before it is brushed.
        ->and($step->work->handsOnMin)->toEqualWithDelta($brushed + ($step->work->batch?->mixes->mixes === [] ? 0 : 40 / 60), 0.01);
})->with([['two-part epoxy', 7.0], ['slow casting resin', 48.0], ['UV resin', 10.5], [
    'moisture-cure urethane dip',
    34.0,
], ['acrylic spray', 0.5]]);

it('leaves out what is switched off, in numbers and in time', function (): void {
    $on = Plan::of(
        Build::recipe(sprayed(), ['id' => 'wait', 'type' => 'wait', 'minutes' => 30], sprayed(['id' => 'two'])),
        1,
        Shop::ordinary(),
    );
    $off = Plan::of(
        Build::recipe(sprayed(), ['id' => 'wait', 'type' => 'wait', 'minutes' => 30, 'on' => false], sprayed(['id' => 'two'])),
        1,
        Shop::ordinary(),
    );
    expect($on->totalMin() - $off->totalMin())->toEqualWithDelta(30, 1e-9)
        ->and(array_map(static fn(PlannedStep $s): string => $s->step->id, $off->steps))->toBe(['coat', 'two'])
        // The number is that of the ladder, so that bench and plan speak of the same step.
        ->and($off->steps[1]->number)->toBe(3);
});

it('counts the cleaning between two colours, and none for the same again', function (): void {
    $recipe = Build::recipe(
        Build::paintStep(['coats' => 1], 'white'),
        Build::paintStep(['coats' => 1], 'again'),
        Build::paintStep([], 'grey', 'half'),
    );
    $plan = Plan::of($recipe, 1, Shop::ordinary());
    expect($plan->steps[0]->clean)->toBeNull()->and($plan->steps[1]->clean)->toBeNull()
        ->and($plan->cleanMin())->toBe($plan->steps[2]->clean?->minutes)->toBeGreaterThan(0.0)
        ->and($plan->cleanerMl())->toBe($plan->steps[2]->clean->cleanerMl)
        ->and($plan->steps[2]->doneAtMin - $plan->steps[1]->doneAtMin)
        ->toEqualWithDelta($plan->cleanMin() + $plan->steps[2]->work->handsOnMin + $plan->steps[2]->work->waitMin, 1e-9);
});
