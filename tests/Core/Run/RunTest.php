<?php

declare(strict_types=1);

namespace Tests\Core\Run;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Coat\Cup;
use Hawkbrush\Core\Coat\Spread;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Pattern\Scaling;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Run\BenchEvent;
use Hawkbrush\Core\Run\BenchEvents;
use Hawkbrush\Core\Run\Cautions;
use Hawkbrush\Core\Run\Change;
use Hawkbrush\Core\Run\Plan;
use Hawkbrush\Core\Run\Record;
use Hawkbrush\Core\Run\Used;
use Hawkbrush\Core\Shop\Shop;

function runRecipe(): Recipe
{
    $document = Examples::recipe();
    array_unshift(
        $document['steps'],
        ['id' => 'prep', 'type' => 'prep', 'title' => 'Sand', 'task' => 'Sand with 400 grit, wipe with alcohol', 'minutes' => 4],
    );
    $document['steps'][] = ['id' => 'wait', 'type' => 'wait', 'minutes' => 20];
    $document['steps'][] = ['id' => 'eye', 'type' => 'eye', 'diameter_mm' => 5];
    $document['steps'][] = ['id' => 'clear', 'type' => 'clear', 'clear' => 'two-part epoxy', 'coats' => 1];
    $document['body']['marks'] = ['eye_socket_mm' => 5];

    return RecipeReader::read(Node::root($document));
}

function happened(string $type, string $step, ?int $bait = null, array $data = []): BenchEvent
{
    static $n = 0;

    return BenchEvents::read(Node::root([
        'id' => \sprintf('event-%05d', ++$n),
        'type' => $type,
        'step' => $step,
        'bait' => $bait,
        'at' => '2026-11-25T10:00:00Z',
        'data' => $data,
    ]));
}

it('spreads 20 um over 1000 mm2 with 0.02 ml', function (): void {
    // Arithmetic: 1000 mm2 x 0.02 mm = 20 mm3.
    $spread = Spread::over(1000, 20, 1, 1, 0.35, 0);
    expect($spread->ml)->toEqualWithDelta(0.02, 1e-12)
        ->and($spread->drops())->toEqualWithDelta(0.4, 1e-9)
        ->and($spread->dryUm)->toEqualWithDelta(7, 1e-9);
});

it('covers 1000 square metres with a litre at one micrometre, and 1604 square feet with a gallon at one mil', function (): void {
    // Handbook constants (ASTM D5146); 1 US gallon = 3785.41 ml, 1 mil = 25.4 um, 1 ft2 = 92903.04 mm2.
    expect(Spread::over(1e9, 1, 1, 1, 1, 0)->ml)->toEqualWithDelta(1000, 1e-6)
        ->and(Spread::over(1604 * 92903.04, 25.4, 1, 1, 1, 0)->ml)->toEqualWithDelta(3785.41, 3785.41 * 1e-3);
});

it('refuses paint that never lands', function (): void {
    Spread::over(1000, 20, 1, 0, 0.35, 0);
})->throws(Refused::class, 'Transfer efficiency');

it('rounds up to whole drops in the recipe’s ratio', function (int $a, int $b, float $thinning, float $needed): void {
    $document = Examples::recipe();
    $document['steps'][0]['mix'] = [['paint' => 'white', 'drops' => $a], ['paint' => 'moss', 'drops' => $b]];
    $document['steps'][0]['thinning_percent'] = $thinning;
    $step = RecipeReader::read(Node::root($document))->coats()[0];
    $mix = Cup::enough($step, $needed);
    [$first, $second] = [$mix->paints[0]['drops'], $mix->paints[1]['drops']];
    $reducerWanted = ($first + $second) * $thinning / (100 - $thinning);
    expect($first * $b)->toBe($second * $a)
        ->and(abs($mix->reducerDrops - $reducerWanted))->toBeLessThanOrEqual(0.5)
        ->and($mix->totalMl)->toBeGreaterThanOrEqual($needed - 0.026);
})->with([[1, 1, 0, 0.2], [6, 2, 60, 0.31], [3, 2, 20, 1.7], [1, 1, 0, 0.0], [5, 5, 90, 0.5]]);

it('takes about as many drops for one small bait as painters say', function (): void {
    // Two to four drops is a normal load for one colour on one small bait: common practice, no published source.
    $plan = Plan::of(runRecipe(), 1, Shop::ordinary());
    $moss = array_values(array_filter($plan->steps, static fn($s) => $s->step->id === 'scales'))[0];
    expect($moss->work->cup->paints[0]['drops'] + $moss->work->cup->reducerDrops)->toBeBetween(2, 5);
});

it('needs more paint and time for more baits, and the clock only goes forward', function (): void {
    $one = Plan::of(runRecipe(), 1, Shop::ordinary());
    $five = Plan::of(runRecipe(), 5, Shop::ordinary());
    expect(array_sum($five->takesMl()))->toBeGreaterThan(2 * array_sum($one->takesMl()))
        ->and($five->handsOnMin())->toBeGreaterThan($one->handsOnMin());
    $before = 0.0;
    foreach ($five->steps as $step) {
        $takes = ($step->clean->minutes ?? 0) + $step->work->handsOnMin + $step->work->waitMin;
        expect($step->doneAtMin)->toEqualWithDelta($before + $takes, 1e-9);
        $before = $step->doneAtMin;
    }
    expect($five->totalMin())->toBe($before);
});

it('waits longer in a damp room, and the epoxy in a cold one', function (): void {
    $wait = static fn(Plan $plan, string $id): float => array_values(array_filter(
        $plan->steps,
        static fn($s) => $s->step->id === $id,
    ))[0]->work->waitMin;
    $in = static fn(float $airC, float $humidity): Plan => Plan::of(runRecipe(), 1, Shop::ordinary(Climate::of($airC, $humidity)));
    $ordinary = Plan::of(runRecipe(), 1, Shop::ordinary());
    expect($wait($ordinary, 'wait'))->toEqualWithDelta(20, 1e-9)
        ->and($wait($in(21, 80), 'wait'))->toEqualWithDelta(50, 0.5)
        // The rate doubles every 10 C: common practice, no published source.
        ->and($wait($in(11, 50), 'clear'))->toEqualWithDelta(2 * $wait($ordinary, 'clear'), 1e-9)
        ->and($wait($in(21, 100), 'wait'))->toEqualWithDelta(200, 1e-9);
});

it('plans a bait that is not sprayed at all', function (array $steps): void {
    // A soft body is only dipped, a worn bait only gets a new clear: common practice, no published source.
    $document = ['steps' => array_map(static fn(array $step, int $i): array => ['id' => "s{$i}"] + $step, $steps, array_keys($steps))];
    $plan = Plan::of(RecipeReader::read(Node::root($document + Examples::recipe())), 3, Shop::ordinary());
    expect($plan->steps)->toHaveCount(\count($steps))->and($plan->totalMin())->toBeGreaterThan(5.0)->and($plan->cleanMin())->toBe(0.0);
})->with([
    'dipped' => [[['type' => 'eye', 'diameter_mm' => 5], ['type' => 'dip']]],
    'cleared anew' => [[
        ['type' => 'prep', 'title' => 'Sand', 'task' => 'Sand with 400 grit', 'minutes' => 4],
        ['type' => 'clear', 'clear' => 'two-part epoxy', 'coats' => 1],
    ]],
]);

it('refuses to plan nothing, or too much', function (): void {
    $empty = RecipeReader::read(Node::root(['steps' => []] + Examples::recipe()));
    expect(fn() => Plan::of($empty, 1, Shop::ordinary()))->toThrow(Refused::class, 'nothing to run')
        ->and(fn() => Plan::of(runRecipe(), 0, Shop::ordinary()))->toThrow(Refused::class)
        ->and(fn() => Plan::of(runRecipe(), 61, Shop::ordinary()))->toThrow(Refused::class);
});

it('says the cautions that apply, and that the sheet goes first', function (): void {
    $said = implode(' ', Cautions::of(runRecipe()));
    expect($said)->toContain('respirator')->toContain('mask')->toContain('Alcohol burns')->toContain('sensitise')->toContain('local rules')
        ->not->toContain('isocyanate')->not->toContain('Solvent paint');
});

it('walks through the steps, all baits through one before the next', function (): void {
    $recipe = runRecipe();
    $record = Record::fold($recipe, 2, []);
    expect($record->position())->toBe(['step' => 'prep', 'bait' => 1])
        ->and($record->missing())->toHaveCount(6);
    $record = Record::fold($recipe, 2, [happened('done', 'prep'), happened('done', 'base', 1)]);
    expect($record->position())->toBe(['step' => 'base', 'bait' => 2]);
    $record = Record::fold($recipe, 2, [happened('done', 'prep'), happened('done', 'base', 1), happened('reopened', 'base', 1)]);
    expect($record->position())->toBe(['step' => 'base', 'bait' => 1]);
    $all = array_map(static fn($s) => happened('done', $s->id), $recipe->enabled());
    expect(Record::fold($recipe, 2, $all)->position())->toBeNull()
        ->and(Record::fold($recipe, 2, $all)->missing())->toBe([]);
});

it('keeps sides, timers, notes and the last figures', function (): void {
    $record = Record::fold(runRecipe(), 2, [
        happened('side', 'base', 1, ['side' => 'left']), happened('side', 'base', 1, ['side' => 'right']), happened(
            'side',
            'base',
            1,
            ['side' => 'right', 'done' => false],
        ),
        happened('figures', 'base', null, ['psi' => 40]), happened('figures', 'base', null, ['psi' => 36.5, 'strokes' => 7]),
        happened(
            'timer',
            'base',
            1,
            ['seconds' => 40, 'label' => 'heat'],
        ), happened('timer', 'base', 2, ['seconds' => 40]), happened('timer-stopped', 'base', 1),
        happened('note', 'base', 2, ['text' => 'ran a little']),
    ]);
    expect($record->sides['base'][1])->toBe(['left' => true, 'right' => false])
        ->and($record->figures['base'])->toEqual(['psi' => 36.5, 'strokes' => 7])
        ->and(array_column($record->timers, 'bait'))->toBe([2])
        ->and($record->notes[0]['text'])->toBe('ran a little');
});

it('begins a timer anew that is started again', function (): void {
    $record = Record::fold(runRecipe(), 2, [
        happened(
            'timer',
            'base',
            1,
            ['seconds' => 40],
        ), happened('timer', 'base', 2, ['seconds' => 50]), happened('timer', 'base', 1, ['seconds' => 60]),
    ]);
    expect(array_column($record->timers, 'seconds', 'bait'))->toEqual([2 => 50, 1 => 60]);
});

it('refuses an event that makes no sense, saying where', function (array $event, string $pointer): void {
    try {
        BenchEvents::read(Node::root($event + ['id' => 'event-12345', 'type' => 'done', 'step' => 'base', 'at' => '2026-11-25T10:00:00Z']));
        $found = 'not refused';
    } catch (Refused $e) {
        $found = $e->pointer;
    }
    expect($found)->toBe($pointer);
})->with([
    [['type' => 'exploded'], '/type'],
    [['id' => 'x'], '/id'],
    [['at' => 'yesterday'], '/at'],
    [['at' => '2026-13-45T99:00:00Z'], '/at'],
    [['type' => 'tacky', 'data' => []], '/data/seconds'],
    [['bait' => 0], '/bait'],
    [['type' => 'side', 'data' => ['side' => 'top']], '/data/side'],
    [['type' => 'figures', 'data' => ['psi' => 'much']], '/data/psi'],
    [['type' => 'timer', 'data' => ['seconds' => 0]], '/data/seconds'],
    [['type' => 'note', 'data' => ['text' => '']], '/data/text'],
]);

it('puts the figures really used in place of the planned ones, and lists what differs', function (): void {
    $recipe = runRecipe();
    $used = Used::recipe(
        $recipe,
        Record::fold($recipe, 1, [happened('figures', 'base', null, ['psi' => 36, 'strokes' => 9, 'thinning_percent' => 5])]),
    );
    $changes = array_map(static fn(Change $d): array => [$d->number, $d->what, $d->to], Change::between($recipe, $used));
    expect($changes)->toBe([[2, 'psi', '36'], [2, 'thinned, %', '5'], [2, 'strokes a side', '9']])
        ->and(Change::between($recipe, $recipe))->toBe([]);
});

it('grows with the body: marks, strokes and eye, while places follow the body’s own marks', function (): void {
    $recipe = runRecipe();
    $document = Examples::body();
    $document['length_mm'] *= 2;
    $document['stations'] = array_map(static fn(array $s): array => [$s[0], $s[1] * 2, $s[2] * 2, $s[3] * 2], $document['stations']);
    $larger = Body::read(Node::root($document + ['marks' => ['eye_socket_mm' => 9.7]]));
    expect(Scaling::factor($recipe->body, $larger))->toEqualWithDelta(2.0, 1e-6);
    $fitted = Scaling::fit($recipe, $larger);
    $mesh = $fitted->coats()[1];
    $eye = array_values(array_filter(array_map(static fn($s) => $s->eye(), $fitted->steps)))[0];
    expect($mesh->choices->number('pitch_mm'))->toEqualWithDelta(6, 0.01)
        ->and($mesh->widthMm)->toEqualWithDelta(52, 0.1)
        ->and($mesh)->toBeInstanceOf(Coat::class)->and($mesh->psi)->toBe($recipe->coats()[1]->psi)
        ->and($eye->diameterMm)->toBe(9.5)
        ->and(array_sum(Plan::of(
            $fitted,
            4,
            Shop::ordinary(),
        )->takesMl()))->toBeGreaterThan(3 * array_sum(Plan::of($recipe, 4, Shop::ordinary())->takesMl()));
});
