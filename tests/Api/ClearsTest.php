<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Stores\Clears\ClearBottle;

it('keeps clears, one of each kind in use, and says their times in this room', function (): void {
    $thirty = $this->send('POST', '/clears', ['kind' => 'two-part epoxy', 'name' => 'Half hour', 'label_min' => 30, 'bottle_ml' => 120])
        ->assertCreated()->assertJsonPath('in_use', true)->assertJsonPath('left_ml', 120)->assertJsonPath('here.working_min', 10)->json();
    $five = $this->send('POST', '/clears', ['kind' => 'two-part epoxy', 'name' => 'Five minutes', 'label_min' => 5])
        ->assertJsonPath('in_use', false)->json();
    $this->send('POST', '/clears', ['kind' => 'UV resin', 'name' => 'Lamp', 'expires_on' => '2020-01-01'])
        ->assertJsonPath('in_use', true)->assertJsonPath('expired', true)->assertJsonPath('here.working_min', null)->assertJsonPath('parts_b', 0);
    $this->send('PUT', '/settings', ['air_c' => 11])->assertOk();
    expect($this->ask('/clears')->assertOk()->json('clears.2.here.working_min'))->toEqual(20);
    $this->send('PATCH', "/clears/{$five['id']}", ['revision' => 1, 'in_use' => true, 'price' => 9.5])
        ->assertOk()->assertJsonPath('price', 9.5);
    $this->send('PATCH', "/clears/{$five['id']}", ['revision' => 2, 'price' => null, 'parts_b' => 2])->assertJsonPath('price', null)
        ->assertJsonPath('parts_b', 2)->assertJsonPath('label_min', 5);
    expect(ClearBottle::inUse()['two-part epoxy']->name)->toBe('Five minutes');
    $this->send('PATCH', "/clears/{$thirty['id']}", ['revision' => 9, 'name' => 'x'])
        ->assertConflict()->assertJsonPath('current.name', 'Half hour');
    $this->send('PATCH', "/clears/{$five['id']}", ['revision' => 3, 'archived' => true])->assertJsonPath('in_use', false);
});

it('knows how long a clear is good, by its date or by when it was opened, whichever comes first', function (): void {
    $clear = $this->send('POST', '/clears', [
        'kind' => 'two-part epoxy', 'name' => 'Half hour', 'opened_on' => '2026-01-31', 'keeps_months' => 1, 'expires_on' => '2030-01-01',
    ])->assertCreated()->assertJsonPath('good_until', '2026-02-28')->assertJsonPath('expired', true)->json();
    $plan = function (): array {
        static $version;
        $version ??= $this->edit($this->pattern()['version'], [
            'op' => 'add', 'step' => ['type' => 'clear', 'clear' => 'two-part epoxy', 'coats' => 1],
        ])->json('version.id');
        $run = ['version_id' => $version, 'baits' => 1, 'air_c' => 21, 'humidity_percent' => 50, 'starts_at' => '2026-11-30T08:00:00Z'];

        return $this->send('POST', '/runs/plan', $run)->assertOk()->json('plan.stale');
    };
    expect($plan())->toBe([['name' => 'Half hour', 'good_until' => '2026-02-28']]);
    $this->send('PATCH', "/clears/{$clear['id']}", ['revision' => 1, 'keeps_months' => null])
        ->assertJsonPath('good_until', '2030-01-01')->assertJsonPath('expired', false);
    expect($plan())->toBe([]);
    $this->send('PATCH', "/clears/{$clear['id']}", ['revision' => 2, 'expires_on' => null])->assertJsonPath('good_until', null);
});

it('refuses what no clear is', function (array $form, string $pointer): void {
    $this->send('POST', '/clears', $form + ['kind' => 'two-part epoxy', 'name' => 'x'])
        ->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
    expect(ClearBottle::query()->count())->toBe(0);
})->with([
    [['kind' => 'varnish'], '/kind'], [['name' => ''], '/name'], [['label_min' => 0], '/label_min'], [['density_a' => 9], '/density_a'],
    [['by' => 'eye'], '/by'], [['left_ml' => -1], '/left_ml'],
    [['keeps_months' => 0], '/keeps_months'], [['keeps_months' => 1.5], '/keeps_months'],
    [['opened_on' => 'soon'], '/opened_on'], [['taste' => 'sweet'], '/taste'],
    [['bottle_ml' => null], '/bottle_ml'],
]);

it('divides the clear of a run into mixes, takes it out of the bottle, and says when there is too little', function (): void {
    $bottle = $this->send('POST', '/clears', ['kind' => 'two-part epoxy', 'name' => 'Half hour', 'bottle_ml' => 5])->json();
    ['version' => $version] = $this->pattern();
    $clear = ['type' => 'clear', 'clear' => 'two-part epoxy', 'coats' => 1];
    $version = $this->edit($version, ['op' => 'add', 'step' => $clear])->json('version');
    $form = ['version_id' => $version['id'], 'baits' => 8, 'air_c' => 21, 'humidity_percent' => 50];
    $plan = $this->send('POST', '/runs/plan', $form)->assertOk()->json('plan');
    $batch = $plan['steps'][3]['batch'];
    // Eight baits and one label give several mixes, not twenty-four minutes out of one.
    expect(\count($batch['mixes']))->toBeGreaterThan(1)
        ->and(array_sum(array_column($batch['mixes'], 'baits')))->toBe(8)
        ->and($batch['holds'])->toBeTrue()->and($batch['turn'])->toBeTrue()
        ->and(array_column($plan['short'], 'name'))->toContain('Half hour')
        ->and($plan['steps'][1]['batch'])->toBeNull();
    $run = $this->startedRun($version, 1);
    // Another clear afterwards changes nothing of a run that is planned.
    $this->send('PATCH', "/clears/{$bottle['id']}", ['revision' => 1, 'label_min' => 5])->assertOk();
    $takes = $this->ask("/runs/{$run['id']}")->json('plan.steps.3.batch.takes_ml');
    expect($takes)->toBe($run['plan']['steps'][3]['batch']['takes_ml']);
    $this->send('POST', "/runs/{$run['id']}/events", ['events' => array_map(
        fn(array $step): array => $this->event('done', $step['document']['id']),
        $run['steps'],
    )])->assertOk();
    $this->send('POST', "/runs/{$run['id']}/finish")->assertOk();
    expect(ClearBottle::query()->sole()->left_ml)->toEqualWithDelta(5 - $takes, 0.06);
});
