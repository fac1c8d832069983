<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\SprayedCoat;
use Tests\ApiCase;

/** @return array{array<string, mixed>, array<string, mixed>} a version of three steps, and the airbrush in hand */
function shopWithAirbrush(ApiCase $case): array
{
    $airbrush = $case->send('POST', '/equipment', ['kind' => 'airbrush', 'name' => 'Fine', 'nozzle_mm' => 0.3, 'gauge' => true])->json();

    return [$case->pattern()['version'], $airbrush];
}

/** @return array<string, mixed> air of the coat that stands there */
function airOf(ApiCase $case, array $version, int $coat): array
{
    return $case->ask("/versions/{$version['id']}/air")->assertOk()->json("coats.{$coat}");
}

it('says the window of each coat with its reasons, and follows what is set', function (): void {
    [$version] = shopWithAirbrush($this);
    $base = airOf($this, $version, 0);
    expect($base['air'])->toMatchArray(['work' => 'base', 'said' => false])
        ->and($base['air']['psi']['low'])->toBeLessThan($base['air']['psi']['set'])
        ->and($base['air']['psi']['set'])->toBeLessThan($base['air']['psi']['high'])
        ->and($base['air']['psi']['stands'])->toContain('below')
        ->and($base['air']['psi']['reasons'])->not->toBeEmpty()
        ->and($base['clean'])->toBeNull()
        ->and($base['dry']['dryer_s'])->toBeLessThan($base['dry']['still_s'])
        ->and(airOf($this, $version, 1)['clean']['level'])->toBeIn(['blow', 'rinse', 'flush', 'strip']);
    $back = $version['steps'][2]['document']['id'];
    $set = airOf($this, $version, 1)['air']['psi']['set'];
    $version = $this->edit($version, ['op' => 'change', 'step' => $back, 'set' => ['psi' => $set]])->json('version');
    expect(airOf($this, $version, 1)['air']['psi']['stands'])->toBe('within');
    $version = $this->edit($version, ['op' => 'change', 'step' => $back, 'set' => ['work' => 'fade']])->assertOk()->json('version');
    expect(airOf($this, $version, 1)['air'])->toMatchArray(['work' => 'fade', 'said' => true])
        ->and(airOf($this, $version, 1)['air']['psi']['set'])->toBeLessThan($set);
    $this->edit($version, ['op' => 'change', 'step' => $back, 'set' => ['work' => 'wallpaper']])->assertStatus(422);
});

it('learns from what was sprayed and noted at the bench, visibly and reversibly', function (): void {
    [$version, $airbrush] = shopWithAirbrush($this);
    $run = $this->startedRun($version, 1);
    [, $base, $back] = array_column(array_column($run['steps'], 'document'), 'id');
    $model = $run['air'][1]['air']['psi']['set'];
    $this->send('POST', "/runs/{$run['id']}/events", ['events' => [
        $this->event('fault', $back, 1, ['fault' => 'spider legs', 'psi' => $model]),
        $this->event('tried', $back, 1, ['fault' => 'spider legs', 'cause' => 'too much air', 'helped' => true]),
        $this->event('figures', $back, null, ['psi' => round($model / 2, 1)]),
        ...array_map(fn(array $step): array => $this->event('done', $step['document']['id']), $run['steps']),
    ]])->assertOk()->assertJsonPath('faults.0.tried', [['cause' => 'too much air', 'helped' => true]]);
    expect(SprayedCoat::query()->count())->toBe(0);
    $this->send('POST', "/runs/{$run['id']}/finish")->assertOk();
    $this->send('POST', "/runs/{$run['id']}/finish")->assertOk();
    // Two coats, and the one that had legs.
    expect(SprayedCoat::query()->count())->toBe(3);
    $air = airOf($this, $version, 1)['air'];
    expect($air['psi']['set'])->toBeLessThan(0.9 * $model)
        ->and($air['experience'])->toMatchArray(['counts' => true, 'equipment_id' => $airbrush['id'], 'paint' => 'Moss'])
        ->and($air['experience']['says'])->toContain('your last 2')->toContain('spider legs')
        ->and(array_column($air['psi']['reasons'], 'why'))->toContain($air['experience']['says']);
    // What helped is tried sooner, from now on.
    $causes = collect($this->ask('/faults')->assertOk()->json('faults'))->firstWhere('name', 'spider legs');
    expect($causes['causes'][0]['cause'])->toBe('too much air')->and($causes['helped'])->toBe(1);
    $of = ['paint_id' => $air['experience']['paint_id'], 'equipment_id' => $airbrush['id']];
    $this->send('PUT', '/experience', ['counts' => false] + $of)->assertOk()->assertJsonPath('says', '');
    $without = airOf($this, $version, 1)['air'];
    expect($without['psi']['set'])->toBe($model)->and($without['experience']['counts'])->toBeFalse();
    $this->send('PUT', '/experience', ['counts' => true] + $of)->assertOk();
    expect(airOf($this, $version, 1)['air']['psi']['set'])->toBe($air['psi']['set']);
    $this->send('PUT', '/experience', ['counts' => true, 'equipment_id' => 'nobody'] + $of)->assertStatus(422);
    $this->send('PUT', '/experience', ['counts' => 'yes'] + $of)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/counts');
});

it('refuses faults and figures that there are not', function (string $type, array $data, string $pointer): void {
    [$version] = shopWithAirbrush($this);
    $run = $this->startedRun($version, 1);
    $this->send('POST', "/runs/{$run['id']}/events", ['events' => [$this->event($type, $run['steps'][1]['document']['id'], 1, $data)]])
        ->assertStatus(422)->assertJsonPath('errors.0.pointer', "/events/0/data{$pointer}");
})->with([
    ['fault', ['fault' => 'hiccup'], '/fault'],
    ['fault', ['fault' => 'spit', 'psi' => 0], '/psi'],
    ['tried', ['fault' => 'spit', 'cause' => 'the weather', 'helped' => true], '/cause'],
    ['tried', ['fault' => 'spit', 'cause' => 'too much air'], '/helped'],
    ['figures', ['psi' => 0], '/psi'],
    ['figures', ['thinning_percent' => 100], '/thinning_percent'],
]);

it('takes the room and the dryer of the run, not of today', function (): void {
    [$version] = shopWithAirbrush($this);
    $run = $this->startedRun($version, 1);
    $before = $this->ask("/runs/{$run['id']}")->json('air.0.dry');
    $this->send('POST', '/equipment', ['kind' => 'dryer', 'name' => 'Fan', 'dryer' => ['kind' => 'fan']])->assertCreated();
    $this->send('PUT', '/settings', ['air_c' => 12, 'humidity_percent' => 80])->assertOk();
    expect($this->ask("/runs/{$run['id']}")->json('air.0.dry'))->toBe($before);
    $now = airOf($this, $version, 0)['dry'];
    expect($now['dryer'])->toBe('fan')->and($now['still_s'])->toBeGreaterThan($before['still_s'])
        ->and($now['dryer_s'])->toBeGreaterThan($before['dryer_s']);
    // A better order and advice wait by the same law.
    expect($this->ask("/versions/{$version['id']}/advice")->assertOk()->json('room.air_c'))->toEqual(12);
});

it('finds a better order that leaves the bait as it is, and moves nothing', function (): void {
    ['version' => $v] = $this->pattern();
    $white = $v['steps'][1]['document']['mix'][0]['paint'];
    $black = $this->paint('Black', 'opaque', '#141414')->id;
    // Two dots of white with black ones between them: apart on the bait, they may be sprayed one after the other.
    foreach ([[$black, 0.2], [$white, 0.45], [$black, 0.75]] as $n => [$paint, $u]) {
        $v = $this->edit($v, ['op' => 'add', 'step' => $this->coat($paint, [
            'title' => "Dot {$n}", 'technique' => ['name' => 'spot', 'u' => $u, 'deg' => 90, 'diameter_mm' => 5],
        ])])->assertOk()->json('version');
    }
    $minutes = static fn(array $of): float => $of['clean_min'] + $of['wait_min'];
    $order = $this->ask("/versions/{$v['id']}/order?look=clear")->assertOk()->json();
    expect($order['better'])->toBeTrue()->and($order['delta_e'])->toBeLessThanOrEqual(1)
        ->and($minutes($order['best']))->toBeLessThan($minutes($order['now']))
        ->and($this->ask("/versions/{$v['id']}")->json('revision'))->toBe($v['revision']);
    $places = $this->ask("/versions/{$v['id']}/steps/{$v['steps'][5]['document']['id']}/places")->assertOk()->json('places');
    expect(array_column($places, 'to'))->toContain(4);
    // Only when the painter says so, and back in one undo.
    $ids = array_column($order['best']['steps'], 'step');
    $after = $this->edit($v, ['op' => 'order', 'steps' => $ids])->assertOk()->json('version');
    expect(array_column(array_column($after['steps'], 'document'), 'id'))->toBe($ids)
        ->and($this->ask("/versions/{$after['id']}/order")->json('better'))->toBeFalse();
    $back = $this->send('POST', "/versions/{$after['id']}/undo", ['revision' => $after['revision']])->assertOk()->json('version.steps');
    expect(array_column(array_column($back, 'document'), 'id'))->toBe(array_column($order['now']['steps'], 'step'));
});

it('refuses an order that leaves a step out, names one twice or one of elsewhere', function (callable $spoil): void {
    ['version' => $v] = $this->pattern();
    $ids = array_column(array_column($v['steps'], 'document'), 'id');
    $this->edit($v, ['op' => 'order', 'steps' => $spoil($ids)])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/change/steps');
})->with([
    [static fn(array $ids): array => \array_slice($ids, 1)],
    [static fn(array $ids): array => [$ids[0], $ids[0], $ids[1]]],
    [static fn(array $ids): array => [$ids[0], $ids[1], 'elsewhere']],
]);

it('draws the good mark and the bad ones for the coat that a try step is for', function (): void {
    ['version' => $v] = $this->pattern();
    $v = $this->edit($v, ['op' => 'add', 'after' => $v['steps'][1]['document']['id'], 'step' => ['type' => 'try']])
        ->assertOk()->json('version');
    $sheet = $this->ask("/versions/{$v['id']}/steps/{$v['steps'][2]['document']['id']}/sheet")->assertOk()->json();
    expect($sheet['coat'])->toMatchArray(['name' => 'Back', 'paint' => 'Moss', 'number' => 4])
        ->and(array_column($sheet['coat']['bad'], 'fault'))->toContain('spider legs', 'grain', 'spit')
        ->and($sheet['coat']['good'])->not->toBe($sheet['coat']['bad'][0]['drops']);
    foreach ($sheet['coat']['good'] as [$x, $y]) {
        expect($x)->toBeBetween(0, $sheet['width'])->and($y)->toBeBetween(0, $sheet['height']);
    }
    $this->ask("/versions/{$v['id']}/steps/{$v['steps'][0]['document']['id']}/sheet")->assertOk()->assertJsonPath('coat', null);
    foreach (['sheet', 'places'] as $what) {
        $this->ask("/versions/{$v['id']}/steps/nothing/{$what}")->assertNotFound();
    }
});
