<?php

declare(strict_types=1);

namespace Tests\Core\Run;

use Hawkbrush\Core\Advice\Advisor;
use Hawkbrush\Core\Coat\Mixture;
use Hawkbrush\Core\Drying\Airflow;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Drying\Dryer;
use Hawkbrush\Core\Drying\DryingFactor;
use Hawkbrush\Core\Drying\Evaporation;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Exchange\RecipeWriter;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\BenchEvents;
use Hawkbrush\Core\Run\Dried;
use Hawkbrush\Core\Run\Plan;
use Hawkbrush\Core\Run\Record;
use Hawkbrush\Core\Shop\Shop;
use Tests\Build;

/** @param array<string, mixed> $data */
function felt(string $type, string $at, array $data = [], string $step = 'base'): BenchEvent
{
    static $number = 0;

    return BenchEvents::read(Node::root([
        'id' => 'felt-event-'.$number++,
        'type' => $type,
        'step' => $step,
        'bait' => 1,
        'at' => "2026-11-25T{$at}Z",
        'data' => $data,
    ]));
}

/** One white coat, heat set unless told otherwise, its paint drying so many times as long as the model says. */
function dryingRecipe(float $drying = 1.0, array $set = ['by' => 'heat']): Recipe
{
    return Build::example(static function (array $d) use ($drying, $set): array {
        $d['paints']['white']['drying'] = $drying;
        $d['steps'] = [[
            'id' => 'base',
            'type' => 'paint',
            'mix' => [['paint' => 'white', 'drops' => 1]],
            'technique' => ['name' => 'spray'],
            'where' => ['zone' => 'whole'],
            'weight' => 'heavy',
            'coats' => 1,
            'set' => $set,
        ]];

        return $d;
    });
}

/** @return array<string, float> */
function learnt(Recipe $recipe, BenchEvent ...$events): array
{
    return Dried::ratios($recipe, Record::fold($recipe, 1, $events), Climate::ordinary());
}

it('learns nothing from a coat that was dry when its time was up', function (): void {
    $recipe = dryingRecipe();
    $model = (float) $recipe->coats()[0]->touchDryS(Climate::ordinary(), Dryer::hairDryer()->in(Climate::ordinary()));
    expect($model)->toBeBetween(60, 180)
        ->and(learnt($recipe, felt('timer', '10:00:00', ['seconds' => 60]), felt('timer-stopped', '10:01:00')))->toBe([])
        ->and(learnt($recipe, felt('timer', '10:00:00', ['seconds' => 300]), felt('dried', '10:05:00')))->toBe([])
        ->and(learnt($recipe, felt('dried', '10:05:00')))->toBe([]);
});

it('learns from one felt dry before the model says so, and from one still tacky after', function (): void {
    $recipe = dryingRecipe();
    $model = (float) $recipe->coats()[0]->touchDryS(Climate::ordinary(), Dryer::hairDryer()->in(Climate::ordinary()));
    $early = learnt($recipe, felt('timer', '10:00:00', ['seconds' => 160]), felt('dried', '10:01:30.500'));
    expect($early)->toHaveKeys(['white'])->and($early['white'])->toEqualWithDelta(90.5 / $model, 1e-9);
    $late = learnt(
        $recipe,
        felt('timer', '10:00:00', ['seconds' => 160]),
        felt('tacky', '10:02:40', ['seconds' => 10]),
        felt('dried', '10:02:50'),
    );
    expect($late['white'])->toEqualWithDelta(170 / $model, 1e-9);
});

it('learns nothing from a coat that is left wet on purpose', function (): void {
    $wet = dryingRecipe(1.0, ['by' => 'wet']);
    expect(learnt($wet, felt('timer', '10:00:00', ['seconds' => 60]), felt('dried', '10:00:10')))->toBe([])
        ->and(learnt(
            dryingRecipe(1.0, ['by' => 'air', 'minutes' => 5]),
            felt('timer', '10:00:00', ['seconds' => 300]),
            felt('dried', '10:01:00'),
        ))->toHaveKeys(['white']);
});

it('takes the mean of what was felt, each within bounds', function (): void {
    $recipe = dryingRecipe();
    $model = (float) $recipe->coats()[0]->touchDryS(Climate::ordinary(), Dryer::hairDryer()->in(Climate::ordinary()));
    $twice = learnt(
        $recipe,
        felt(
            'timer',
            '10:00:00',
            ['seconds' => 80],
        ), felt('tacky', '10:01:20', ['seconds' => 10]), felt('dried', '10:01:30'), felt('timer-stopped', '10:01:30'),
        felt('timer', '11:00:00', ['seconds' => 30]), felt('tacky', '11:00:30', ['seconds' => 10]), felt(
            'dried',
            \sprintf('11:%02d:%02d', intdiv((int) (6 * $model), 60), (int) (6 * $model) % 60),
        ), felt('timer-stopped', '15:00:00'),
    );
    expect($twice['white'])->toEqualWithDelta((90 / $model + DryingFactor::MOST) / 2, 1e-9);
});

it('learns nothing from a time that no paint takes, as when a clock was set meanwhile', function (string $dried): void {
    expect(learnt(
        dryingRecipe(),
        felt('timer', '10:00:00', ['seconds' => 60]),
        felt('tacky', '10:01:00', ['seconds' => 15]),
        felt('dried', $dried),
    ))->toBe([]);
})->with(['set back an hour' => '09:01:10', 'set ahead an hour' => '11:01:10', 'at once' => '10:00:00']);

it('counts a coat that is felt dry once, and stops for a clock set back', function (): void {
    $recipe = dryingRecipe();
    $record = Record::fold(
        $recipe,
        1,
        [felt('timer', '10:00:00', ['seconds' => 30]), felt('dried', '09:00:00'), felt('dried', '10:00:05')],
    );
    expect($record->dried['base'])->toBe([['seconds' => 0.0, 'tacky' => false]]);
});

it('lets the timer of a tacky coat go on', function (): void {
    $timers = Record::fold(
        dryingRecipe(),
        1,
        [felt('timer', '10:00:00', ['seconds' => 30]), felt('tacky', '10:00:30', ['seconds' => 10])],
    )->timers;
    expect(array_column($timers, 'seconds'))->toBe([40.0])
        ->and(array_column($timers, 'tacky'))->toBe([true])
        ->and(array_column($timers, 'dried'))->toBe([false]);
});

it('moves by a part of what a run says, and stays within bounds', function (): void {
    expect(DryingFactor::after(1.0, 2.0))->toEqualWithDelta(1.3, 1e-9)
        ->and(DryingFactor::after(1.0, 1.0))->toBe(1.0)
        ->and(DryingFactor::after(1.0, 1000.0))->toEqualWithDelta(1.45, 1e-9);
    $slow = $quick = 1.0;
    for ($run = 0; $run < 30; $run++) {
        $slow = DryingFactor::after($slow, 2.0);
        $quick = DryingFactor::after($quick, 0.01);
    }
    expect($slow)->toEqualWithDelta(2.0, 1e-3)->and($quick)->toBeBetween(DryingFactor::LEAST, DryingFactor::LEAST + 1e-3);
});

it('dries as the paint was found to dry: in the plan, before a mask, and into the next coat', function (): void {
    [$model, $slow] = [dryingRecipe(), dryingRecipe(2.0)];
    $set = static fn(Recipe $recipe): float => (float) Plan::of($recipe, 1, Shop::ordinary())->steps[0]->work->setSeconds;
    expect($set($slow))->toEqualWithDelta(2 * $set($model), 1e-9);
    $safe = static fn(Recipe $recipe): float => (float) $recipe->coats()[0]->maskSafeS(Climate::ordinary(), Airflow::still());
    expect($safe($slow))->toEqualWithDelta(2 * $safe($model), 1e-9)
        ->and($safe($model))->toEqualWithDelta(
            (float) Evaporation::maskSafeS(28, $model->coats()[0]->volatileShare(), Climate::ordinary(), Airflow::still()),
            1e-9,
        );
    [$wet, $wetter] = [dryingRecipe(1.0, ['by' => 'wet']), dryingRecipe(2.0, ['by' => 'wet'])];
    $share = static fn(Recipe $recipe): float => $recipe->coats()[0]->wetShare(Climate::ordinary());
    expect(1 - $share($wetter))->toEqualWithDelta((1 - $share($wet)) / 2, 1e-9);
});

it('asks for a longer wait before clamping where a paint dries slowly', function (): void {
    $masked = static fn(float $drying): array => Advisor::advise(Build::example(static function (array $d) use ($drying): array {
        $d['paints']['white']['drying'] = $drying;
        $d['steps'] = [
            [
                'id' => 'base',
                'type' => 'paint',
                'mix' => [['paint' => 'white', 'drops' => 1]],
                'technique' => ['name' => 'spray'],
                'where' => ['zone' => 'whole'],
                'coats' => 2,
                'set' => ['by' => 'heat', 'minutes' => 21],
            ],
            [
                'id' => 'mesh',
                'type' => 'paint',
                'mix' => [['paint' => 'moss', 'drops' => 1]],
                'technique' => ['name' => 'mesh'],
                'where' => ['zone' => 'flank'],
                'coats' => 1,
            ],
        ];

        return $d;
    }), Climate::ordinary());
    $rules = static fn(array $findings): array => array_map(static fn($f): string => $f->rule, $findings);
    expect($rules($masked(1.0)))->not->toContain('too-soon-to-clamp')->and($rules($masked(1.6)))->toContain('too-soon-to-clamp');
});

it('mixes what is known of drying by volume, and carries it in the document', function (): void {
    $recipe = dryingRecipe(2.0);
    [[$white]] = $recipe->coats()[0]->mixture->parts;
    $moss = Build::example()->coats()[1]->mixture->parts[0][0];
    expect((new Mixture([[$white, 3], [$moss, 1]]))->drying())->toEqualWithDelta(1.75, 1e-9)
        ->and((new Mixture([[$white, 3], [$moss, 1]]))->paint('mix', 'Mix')->drying)->toEqualWithDelta(1.75, 1e-9)
        ->and(RecipeReader::read(Node::root(json_decode(
            (string) json_encode(RecipeWriter::write($recipe)),
            true,
        )))->coats()[0]->mixture->drying())->toBe(2.0);
});

it('refuses a pace that no paint has', function (float $drying): void {
    try {
        dryingRecipe($drying);
        $found = 'not refused';
    } catch (Refused $e) {
        $found = $e->pointer;
    }
    expect($found)->toBe('/paints/white/drying');
})->with([0.0, 0.3, 2.6, -1.0]);
