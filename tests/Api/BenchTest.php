<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Bait;
use App\Models\BenchEventRow;
use App\Models\Run;
use App\Stores\Rack\Paint;
use Tests\ApiCase;

/** @return array{array<string, mixed>, list<string>} a started run of two baits and the ids of its steps */
function bench(ApiCase $case, int $baits = 2): array
{
    ['version' => $version] = $case->pattern();
    $run = $case->startedRun($version, $baits);

    return [$run, array_column(array_column($version['steps'], 'document'), 'id')];
}

/** @return array<string, mixed> the record after these events */
function after(ApiCase $case, array $run, array ...$events): array
{
    return $case->send('POST', "/runs/{$run['id']}/events", ['events' => $events])->assertOk()->json();
}

it('goes from step to step, all baits through one before the next', function (): void {
    [$run, [$prep, $base, $back]] = bench($this);
    $walk = [];
    foreach ([[$prep, null], [$base, 1], [$base, 2], [$back, 1], [$back, 2]] as [$step, $bait]) {
        $record = after($this, $run, $this->event('done', $step, $bait));
        $walk[] = $record['position'] === null ? 'end' : [$record['position']['step'], $record['position']['bait']];
    }
    expect($walk)->toBe([[$base, 1], [$base, 2], [$back, 1], [$back, 2], 'end']);
});

it('goes back by another event, and keeps both', function (): void {
    [$run, [$prep, $base]] = bench($this);
    after($this, $run, $this->event('done', $prep), $this->event('side', $base, 1, ['side' => 'left']), $this->event('done', $base, 1));
    $record = after($this, $run, $this->event('reopened', $base, 1));
    expect($record['position'])->toBe(['step' => $base, 'bait' => 1])
        ->and($record['sides'])->not->toHaveKey($base.'.1.0')
        ->and(BenchEventRow::query()->count())->toBe(4);
});

it('does not mind in which order baits are painted', function (): void {
    [$run, [$prep, $base]] = bench($this, 3);
    $record = after($this, $run, $this->event('done', $prep), $this->event('done', $base, 3), $this->event('done', $base, 1));
    expect($record['position'])->toBe(['step' => $base, 'bait' => 2]);
});

it('runs a timer until it is stopped, and one for each bait', function (): void {
    [$run, [, $base]] = bench($this);
    $record = after(
        $this,
        $run,
        $this->event('timer', $base, 1, ['seconds' => 40, 'label' => 'heat set']),
        $this->event('timer', $base, 2, ['seconds' => 60, 'label' => 'heat set']),
    );
    expect(array_column($record['timers'], 'seconds'))->toEqual([40, 60]);
    $record = after($this, $run, $this->event('timer-stopped', $base, 1));
    expect(array_column($record['timers'], 'bait'))->toBe([2]);
});

it('learns from a finished run how long a paint takes to dry, once', function (): void {
    [$run, [, $base, $back]] = bench($this);
    $at = static fn(array $event, string $time): array => ['at' => "2026-11-25T{$time}Z"] + $event;
    $record = after(
        $this,
        $run,
        $at($this->event('timer', $base, 1, ['seconds' => 20, 'label' => 'heat set']), '10:00:00'),
        $at($this->event('tacky', $base, 1, ['seconds' => 10]), '10:00:20'),
    );
    expect($record['timers'][0])->toMatchArray(['seconds' => 30, 'tacky' => true, 'dried' => false]);
    $record = after(
        $this,
        $run,
        $at($this->event('dried', $base, 1), '10:05:00'),
        $at($this->event('timer-stopped', $base, 1), '10:05:00'),
    );
    expect($record['timers'])->toBe([]);
    [$white, $other] = [Paint::query()->where('name', 'White')->firstOrFail(), Paint::query()->where('name', 'Moss')->firstOrFail()];
    expect($white->drying)->toBe(1.0);
    $this->send('POST', "/runs/{$run['id']}/finish")->assertOk();
    $this->send('POST', "/runs/{$run['id']}/finish")->assertOk();
    // A third of the way to two and a half times, the most that is believed.
    expect($white->refresh()->drying)->toBeBetween(1.2, 1.45)->and($white->drying_runs)->toBe(1)
        ->and($other->refresh()->drying)->toBe(1.0)->and($other->drying_runs)->toBe(0);
    // The next run is planned with it; the one that taught it stays as it was.
    $next = $this->startedRun(['id' => $run['version']['id']], 1);
    $set = static fn(array $run): float => $run['plan']['steps'][1]['set_seconds'];
    expect($set($next))->toEqualWithDelta($set($run) * $white->drying, 1)
        ->and($set($this->ask("/runs/{$run['id']}")->json()))->toBe($set($run));
    // So is one that repeats a bait of the run that taught it.
    $repeat = $this->send(
        'POST',
        '/runs',
        ['repeat_of' => $run['baits'][0]['id'], 'baits' => 1, 'air_c' => 21, 'humidity_percent' => 50],
    )->assertCreated()->json();
    expect($set($repeat))->toBe($set($next))->and($repeat['version']['id'])->toBe($run['version']['id']);
});

it('takes a long list at once, in its order, and no longer one', function (): void {
    [$run, [$prep]] = bench($this);
    $notes = array_map(fn(int $i): array => $this->event('note', $prep, null, ['text' => "note {$i}"]), range(1, 200));
    $record = after($this, $run, ...$notes);
    expect(array_column($record['notes'], 'text'))->toBe(array_map(static fn(int $i): string => "note {$i}", range(1, 200)));
    $this->send('POST', "/runs/{$run['id']}/events", ['events' => [...$notes, $this->event('done', $prep)]])
        ->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', '/events');
});

it('records nothing before the start', function (): void {
    ['version' => $version] = $this->pattern();
    $run = $this->send('POST', '/runs', ['version_id' => $version['id'], 'baits' => 1, 'air_c' => 21, 'humidity_percent' => 50])->json();
    $this->send('POST', "/runs/{$run['id']}/events", ['events' => [$this->event('done', $run['steps'][0]['document']['id'])]])
        ->assertStatus(409)
        ->assertJsonPath('type', 'urn:hawkbrush:problem:run-not-started');
    $this->send('POST', "/runs/{$run['id']}/finish")->assertStatus(409);
});

it('finishes once, however often it is told to', function (): void {
    [$run] = bench($this);
    $this->send('POST', "/runs/{$run['id']}/finish")->assertOk();
    $left = Paint::query()->pluck('left_ml', 'name')->all();
    $this->send('POST', "/runs/{$run['id']}/finish")->assertOk();
    expect(Paint::query()->pluck('left_ml', 'name')->all())->toBe($left)
        ->and(Bait::query()->count())->toBe(2);
});

it('says of air and faults what holds for the figures that are really used', function (): void {
    [$run] = bench($this);
    $coat = $run['steps'][1]['document'];
    $now = fn(): array => $this->ask("/runs/{$run['id']}")->assertOk()->json();
    $grain = static fn(array $run): array => $run['faults'][$coat['id']]['grain'];
    expect($now()['air'][0]['air']['says'])->toContain("{$coat['psi']} psi");
    $before = $grain($now());
    $this->send('POST', "/runs/{$run['id']}/events", ['events' => [$this->event('figures', $coat['id'], null, ['psi' => 12])]])->assertOk();
    expect($now()['air'][0]['air']['says'])->toContain('12 psi is outside the usual')->and($grain($now()))->not->toBe($before);
});

it('numbers baits on from run to run', function (): void {
    [$run] = bench($this);
    $again = $this->startedRun(['id' => $run['version']['id']], 3);
    expect(array_column($run['baits'], 'label'))->toBe(['H-0001', 'H-0002'])
        ->and(array_column($again['baits'], 'label'))->toBe(['H-0003', 'H-0004', 'H-0005'])
        ->and($again['number'])->toBe(2);
});

it('keeps the recipe of a run as it was, whatever becomes of the paint', function (): void {
    [$run] = bench($this, 1);
    $before = $this->ask("/runs/{$run['id']}/texture")->assertOk()->json();
    $paint = Paint::query()->where('name', 'Moss')->firstOrFail();
    $this->send('POST', "/paints/{$paint->id}/drawdown", [
        'revision' => 1,
        'white' => ['hex' => '#f2f2f0'],
        'black' => ['hex' => '#3c3c3c'],
        'over_white' => ['hex' => '#c86060'],
        'over_black' => ['hex' => '#6c4444'],
        'dry_um' => 10,
        'keep' => true,
    ])->assertOk();
    expect($this->ask("/runs/{$run['id']}/texture")->json())->toBe($before)
        ->and($this->ask("/versions/{$run['version']['id']}/texture")->json())->toBe($before);
});

it('shows the bait of a run after each step', function (): void {
    [$run, [$prep, $base, $back]] = bench($this, 1);
    $colours = static fn(array $texture): int => \count($texture['palette']);
    expect($colours($this->ask("/runs/{$run['id']}/texture?upto={$prep}")->json()))->toBe(1)
        ->and($colours($this->ask("/runs/{$run['id']}/texture?upto={$base}")->json()))->toBe(1)
        ->and($colours($this->ask("/runs/{$run['id']}/texture?upto={$back}")->json()))->toBeGreaterThan(4);
    $this->ask("/runs/{$run['id']}/texture?upto=nobody")->assertStatus(422);
});

it('answers with what has not changed in one word', function (): void {
    ['version' => $version] = $this->pattern();
    $first = $this->ask("/versions/{$version['id']}/texture");
    $tag = (string) $first->headers->get('ETag');
    $this->getJson("/api/v1/versions/{$version['id']}/texture", ['If-None-Match' => $tag])->assertStatus(304);
});

it('starts by the clock it was told, in whatever zone', function (string $given, string $kept): void {
    ['version' => $version] = $this->pattern();
    $form = ['version_id' => $version['id'], 'baits' => 1, 'air_c' => 21, 'humidity_percent' => 50, 'starts_at' => $given];
    $this->send('POST', '/runs', $form)
        ->assertCreated()
        ->assertJsonPath('starts_at', $kept);
    expect(Run::query()->count())->toBe(1);
})->with([
    ['2026-11-25T18:00:00Z', '2026-11-25T18:00:00Z'],
    ['2026-11-25T18:00+02:00', '2026-11-25T16:00:00Z'],
    ['2026-11-25T18:00:00.250Z', '2026-11-25T18:00:00Z'],
]);

it('takes a rejected bait out of the count, the plan, the paint and what is proven, and keeps the reason', function (): void {
    [$run, [$prep, $base, $back]] = bench($this, 3);
    $drops = static fn(array $run): int => $run['plan']['steps'][1]['cup']['paints'][0]['drops'];
    $planned = $drops($run);
    $record = after($this, $run, $this->event('done', $prep), $this->event('rejected', $base, 1, ['reason' => 'it leaks']));
    expect($record['position'])->toBe(['step' => $base, 'bait' => 2])->and($record['rejected'])->toBe(['1' => 'it leaks'])
        ->and($drops($this->ask("/runs/{$run['id']}")->json()))->toBeLessThan($planned);
    after($this, $run, ...array_merge(...array_map(
        fn(string $step): array => [$this->event('done', $step, 2), $this->event('done', $step, 3)],
        [$base, $back],
    )));
    $this->send('POST', "/runs/{$run['id']}/finish")->assertOk();
    $baits = array_column($this->ask('/baits')->json('baits'), null, 'position');
    expect($baits[1]['rejected'])->toBe('it leaks')->and($baits[2]['rejected'])->toBeNull();
    expect($this->send('POST', "/baits/{$baits[1]['id']}/stamp")->assertStatus(422)->getContent())->toContain('it leaks');
    $this->send('POST', "/baits/{$baits[2]['id']}/stamp")->assertOk();
    expect($this->ask("/versions/{$run['version']['id']}")->json('proven_baits'))->toBe(2);
});

it('takes a rejected bait back, and no rejection without a reason', function (): void {
    [$run, [$prep, $base]] = bench($this);
    after($this, $run, $this->event('done', $prep), $this->event('rejected', $base, 1, ['reason' => 'fell']));
    expect(after($this, $run, $this->event('taken-back', $base, 1))['position'])->toBe(['step' => $base, 'bait' => 1]);
    $this->send('POST', "/runs/{$run['id']}/events", ['events' => [$this->event('rejected', $base, 1, ['reason' => ''])]])
        ->assertStatus(422)->assertJsonPath('errors.0.pointer', '/events/0/data/reason');
});

it('says in the log when each step was done, in which room, and which wait was cut short', function (): void {
    [$run, [$prep, $base, $back]] = bench($this, 1);
    $at = fn(string $time, string $type, string $step, array $data = []): array => [
        'at' => "2026-11-25T{$time}Z",
    ] + $this->event($type, $step, 1, $data);
    after(
        $this, $run, $at('10:00:00', 'done', $prep), $at('10:10:00', 'done', $base),
        $at('10:10:00', 'timer', $base, ['seconds' => 1200, 'label' => 'waiting']),
        $at('10:15:00', 'done', $back), $at('10:15:00', 'timer', $back, ['seconds' => 600, 'label' => 'waiting']),
        $at('10:18:00', 'dried', $back),
    );
    $this->send('POST', "/runs/{$run['id']}/finish")->assertOk();
    $bait = $this->ask('/baits/'.$this->ask('/baits')->json('baits.0.id'))->assertOk()->json();
    expect($bait['times'][$base])->toBe('2026-11-25T10:10:00Z')->and($bait['room'])->toEqual(['air_c' => 21, 'humidity_percent' => 50])
        ->and($bait['cut_short'])->toEqual([['step' => $base, 'planned_s' => 1200, 'ran_s' => 300]]);
});

it('says where a wait is another in this room than in the recipe, and why', function (): void {
    ['version' => $version] = $this->pattern();
    $version = $this->edit($version, [
        'op' => 'change', 'step' => $version['steps'][1]['document']['id'], 'set' => ['set' => ['by' => 'air', 'minutes' => 30]],
    ])->json('version');
    $plan = fn(float $air, float $humidity): array => $this->send('POST', '/runs/plan', [
        'version_id' => $version['id'], 'baits' => 1, 'air_c' => $air, 'humidity_percent' => $humidity,
    ])->assertOk()->json('plan.steps.1');
    expect($plan(27, 30)['wait_min'])->toBeLessThan(30)->and($plan(27, 30)['wait_differs'])->toBe('normally 30 min; shorter here because the room is warmer and drier')
        ->and($plan(15, 50)['wait_differs'])->toBe('normally 30 min; longer here because the room is colder')
        ->and($plan(21, 50)['wait_differs'])->toBe('');
    $cold = fn(float $air): array => $this->send('POST', '/runs/plan', [
        'version_id' => $version['id'], 'baits' => 1, 'air_c' => $air, 'humidity_percent' => 50,
    ])->json('plan.cold');
    expect($cold(13))->toBe([])->and($cold(9))->toBe(['2 Base: from about 12 °C', '3 Back: from about 12 °C']);
});
