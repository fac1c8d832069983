<?php

declare(strict_types=1);

namespace Tests\Core\Order;

use Hawkbrush\Core\Air\CleanOut;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Order\Reorder;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Shop\Habit;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Shop\Shop;
use Hawkbrush\Core\Step\Step;
use Tests\Build;

/** A recipe by chance of so many coats, some through mesh, some stepped, on small and large places. */
function ladder(int $seed, int $steps): Recipe
{
    return RecipeReader::read(Node::root(Build::ladder($seed, $steps)));
}

/** The greatest difference anywhere between two recipes, drawn whole. */
function drawnApart(Recipe $one, Recipe $other): float
{
    $surface = Surface::of($one->body, 96, 64);
    $a = Field::painted($one, $surface, Climate::ordinary());
    $b = Field::painted($other, $surface, Climate::ordinary());
    $worst = 0.0;
    $seen = [];
    foreach ([[$a->left, $b->left], [$a->right, $b->right]] as [$as, $bs]) {
        foreach ($as as $cell => $state) {
            $key = $state.' '.$bs[$cell];
            [$from, $to] = [$a->states[$state], $b->states[$bs[$cell]]];
            [$flat, $changed] = [$from->colour(SurfaceFinish::Clear)->lab, $to->colour(SurfaceFinish::Clear)->lab];
            $seen[$key] ??= max(DeltaE2000::between($flat, $changed), DeltaE2000::between(
                $from->atMirror(SurfaceFinish::Clear)->lab ?? $flat,
                $to->atMirror(SurfaceFinish::Clear)->lab ?? $changed,
            ));
            $worst = max($worst, $seen[$key]);
        }
    }

    return $worst;
}

/** @return \Generator<int, list<int>> */
function permutations(array $of): \Generator
{
    if (\count($of) < 2) {
        yield $of;

        return;
    }
    foreach ($of as $i => $first) {
        $rest = $of;
        unset($rest[$i]);
        foreach (permutations(array_values($rest)) as $more) {
            yield [$first, ...$more];
        }
    }
}

/** @param list<string> $ids */
function reordered(Recipe $recipe, array $ids): Recipe
{
    return $recipe->with(array_map(static fn(string $id): Step => $recipe->step($id) ?? throw new \LogicException($id), $ids));
}

/** Whether a mask stays on for two of its steps: these stay together. */
function sharesMask(Recipe $recipe): bool
{
    $coats = $recipe->coats();

    $keeps = static fn(Coat $coat, int $i): bool => $i > 0 && $coat->keepsMaskOf($coats[$i - 1]);

    return array_filter($coats, $keeps, ARRAY_FILTER_USE_BOTH) !== [];
}

it('finds the order that trying all lawful ones finds', function (int $seed): void {
    $recipe = ladder($seed, 3 + $seed % 4);
    $reorder = new Reorder($recipe, Shop::ordinary());
    $best = $reorder->best();
    $may = [];
    foreach ($reorder->exchangeable() as [$one, $other]) {
        $may[$one][$other] = true;
    }
    $ids = array_map(static fn(Step $step): string => $step->id, $recipe->steps);
    $least = INF;
    foreach (permutations(array_keys($ids)) as $order) {
        foreach ($order as $at => $step) {
            foreach (\array_slice($order, $at + 1) as $later) {
                if ($later < $step && ! isset($may[$ids[$later]][$ids[$step]])) {
                    continue 3;
                }
            }
        }
        $tried = reordered($recipe, array_map(static fn(int $i): string => $ids[$i], $order));
        $now = $reorder->minutesOf(array_map(static fn(int $i): string => $ids[$i], $order));
        if ($now['clean_min'] + $now['wait_min'] < $least - 1e-9 && drawnApart($recipe, $tried) <= CleanOut::UNSEEN) {
            $least = $now['clean_min'] + $now['wait_min'];
        }
    }
    expect($best['clean_min'] + $best['wait_min'])->toEqualWithDelta($least, 1e-6);
})->with(array_values(array_filter(range(1, 32), static fn(int $seed): bool => ! sharesMask(ladder($seed, 3 + $seed % 4)))));

it('never changes the bait by more than can be seen', function (int $seed): void {
    $recipe = ladder($seed, 7);
    $reorder = new Reorder($recipe, Shop::ordinary());
    $best = $reorder->best();
    $ids = array_map(static fn(Step $step): string => $step->id, $recipe->steps);
    $sorted = $best['steps'];
    sort($sorted);
    expect($sorted)->toBe($ids)
        ->and(drawnApart($recipe, reordered($recipe, $best['steps'])))->toBeLessThanOrEqual(CleanOut::UNSEEN + 0.05)
        ->and($best['clean_min'] + $best['wait_min'])->toBeLessThanOrEqual(array_sum($reorder->now()) + 1e-9);
    foreach ($ids as $id) {
        foreach ($reorder->places($id) as $place) {
            $moved = array_values(array_diff($ids, [$id]));
            array_splice($moved, $place['to'], 0, [$id]);
            expect($place['delta_e'])->toBeLessThanOrEqual(CleanOut::UNSEEN);
        }
    }
})->with(range(30, 45));

it('says for each place what it saves', function (): void {
    // Brown, yellow and brown again, each on a place of its own: the browns belong together.
    $on = static fn(string $id, string $zone, string $paint): array => Build::paintStep(['where' => ['zone' => $zone]], $id, $paint);
    $recipe = Build::recipe($on('tail', 'tail', 'half'), $on('gill', 'gill plate', 'white'), $on('muzzle', 'muzzle', 'half'));
    $reorder = new Reorder($recipe, Shop::ordinary());
    $best = $reorder->best();
    expect($reorder->now()['clean_min'])->toBeGreaterThan($best['clean_min'])
        ->and(abs(array_search('tail', $best['steps'], true) - array_search('muzzle', $best['steps'], true)))->toBe(1);
    $places = array_column($reorder->places('gill'), null, 'to');
    expect(array_keys($places))->toContain(0)
        ->and($places[0]['clean_min'])->toBeLessThan(0)->and($places[0]['delta_e'])->toBeLessThan(0.001);
});

it('moves nothing over what is fixed, and keeps together what belongs together', function (): void {
    $mesh = ['technique' => ['name' => 'mesh'], 'where' => ['zone' => 'flank']];
    $recipe = Build::recipe(
        Build::paintStep(['where' => ['zone' => 'tail']], 'tail'),
        ['id' => 'wait', 'type' => 'wait', 'minutes' => 20],
        Build::paintStep(['where' => ['zone' => 'gill plate']], 'gill', 'half'),
        Build::paintStep($mesh, 'm1'),
        Build::paintStep($mesh, 'm2', 'half'),
        ['id' => 'try', 'type' => 'try'],
        Build::paintStep(['where' => ['zone' => 'muzzle']], 'muzzle'),
    );
    $steps = (new Reorder($recipe, Shop::ordinary()))->best()['steps'];
    $at = array_flip($steps);
    expect(\array_slice($steps, 0, 2))->toBe(['tail', 'wait'])
        ->and($at['m2'] - $at['m1'])->toBe(1)
        ->and($at['muzzle'] - $at['try'])->toBe(1);
});

it('keeps light before dark where they meet: it is seen', function (): void {
    // Common practice, no published source.
    $recipe = Build::recipe(Build::paintStep([], 'white', 'white'), Build::paintStep(['where' => ['zone' => 'back']], 'black', 'half'));
    $reorder = new Reorder($recipe, Shop::ordinary());
    expect($reorder->exchangeable())->toBe([])->and($reorder->best()['steps'])->toBe(['white', 'black']);
});

it('waits before a mask unless the shop leaves it to the dryer', function (): void {
    $recipe = Build::recipe(
        Build::paintStep(['coats' => 2, 'weight' => 'heavy'], 'base'),
        Build::paintStep(['coats' => 2], 'pearl', 'half'),
        Build::paintStep(['technique' => ['name' => 'mesh'], 'where' => ['zone' => 'flank']], 'mesh'),
    );
    $usual = Shop::ordinary();
    $alone = new Shop($usual->climate, $usual->nozzle, Habits::usual()->with(Habit::BeforeMesh, 'dryer alone'), $usual->clean);
    expect((new Reorder($recipe, $usual))->now()['wait_min'])->toEqualWithDelta(20, 1e-6)
        ->and((new Reorder($recipe, $alone))->now()['wait_min'])->toBe(0.0)
        ->and((new Reorder($recipe, Shop::ordinary(Climate::of(12, 80))))->now()['wait_min'])->toBeGreaterThan(40);
});

it('finds an order of twenty steps, and of the longest ladder', function (int $steps): void {
    $recipe = ladder(5, $steps);
    $reorder = new Reorder($recipe, Shop::ordinary());
    $best = $reorder->best();
    expect($best['steps'])->toHaveCount($steps)
        ->and($best['clean_min'] + $best['wait_min'])->toBeLessThanOrEqual(array_sum($reorder->now()) + 1e-9);
})->with([20, 40]);

it('goes on to the next best move where the best is seen', function (int $seed, int $steps, float $most): void {
    // Too long to try all of: what moves of one block reach. It had stayed at today's order as soon as the best was seen.
    $best = (new Reorder(ladder($seed, $steps), Shop::ordinary()))->best();
    expect($best['clean_min'] + $best['wait_min'])->toBeLessThan($most);
})->with(['86 minutes today' => [10, 20, 50.0], '151 minutes today' => [6, 40, 100.0]]);

it('takes an empty recipe and one of nothing but waiting', function (): void {
    $best = static fn(array ...$steps): array => (new Reorder(Build::recipe(...$steps), Shop::ordinary()))->best()['steps'];
    expect($best())->toBe([])
        ->and($best(['id' => 'w', 'type' => 'wait', 'minutes' => 5]))->toBe(['w']);
});
