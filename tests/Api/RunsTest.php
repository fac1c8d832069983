<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Actions\Pictures\KeepPhoto;
use App\Models\BenchEventRow;
use App\Models\Version;
use App\Stores\Bodies\Body;
use App\Stores\Rack\Paint;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Tests\ApiCase;

/** Ticks every step of a run as done, but for one. */
function paintAll(ApiCase $case, array $run, ?string $but = null): void
{
    $events = [];
    foreach ($run['steps'] as $step) {
        if ($step['document']['id'] !== $but) {
            $events[] = $case->event('done', $step['document']['id']);
        }
    }
    $case->send('POST', "/runs/{$run['id']}/events", ['events' => $events])->assertOk();
}

it('plans: drops, clock, what is short, cautions; and keeps nothing', function (): void {
    ['version' => $v] = $this->pattern();
    Paint::query()->where('name', 'Moss')->update(['left_ml' => 0.01]);
    $planned = $this->send(
        'POST',
        '/runs/plan',
        ['version_id' => $v['id'], 'baits' => 4, 'air_c' => 21, 'humidity_percent' => 50, 'starts_at' => '2026-11-25T18:00:00Z'],
    )->assertOk()->json();
    expect(array_column($planned['plan']['short'], 'name'))->toBe(['Moss'])
        ->and($planned['plan']['steps'][0]['done_at'])->toBe('2026-11-25T18:08:00Z')
        ->and($planned['plan']['steps'][1]['cup']['paints'][0]['drops'])->toBeGreaterThan(4)
        ->and($planned['plan']['cautions'])->toContain('Alcohol burns: no flame or heat until it has gone.')
        ->and($planned['changes'])->toBe([]);
    $this->ask('/runs')->assertJsonPath('runs', []);
});

it('refuses a plan that makes no sense, saying where', function (array $form, string $pointer): void {
    ['version' => $v] = $this->pattern();
    $this->send('POST', '/runs/plan', $form + ['version_id' => $v['id'], 'baits' => 1, 'air_c' => 21, 'humidity_percent' => 50])
        ->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', $pointer);
})->with([
    [['baits' => 0], '/baits'],
    [['baits' => 1.5], '/baits'],
    [['version_id' => 'none'], '/version_id'],
    [['body_id' => 'none'], '/body_id'],
    [['air_c' => 200], '/air_c'],
    [['humidity_percent' => 0], '/humidity_percent'],
    [['starts_at' => 'soon'], '/starts_at'],
    [['starts_at' => '2026-13-45T99:00Z'], '/starts_at'],
    [['repeat_of' => 'none'], '/repeat_of'],
]);

it('starts: seals the version, numbers the baits, takes the bodies', function (): void {
    ['version' => $v] = $this->pattern();
    $run = $this->startedRun($v, 3);
    expect(array_column($run['baits'], 'label'))->toBe(['H-0001', 'H-0002', 'H-0003'])
        ->and($run['state'])->toBe('at the bench')
        ->and($run['record']['position'])->toBe(['step' => $v['steps'][0]['document']['id'], 'bait' => 1])
        ->and(Body::query()->firstOrFail()->stock)->toBe(7);
    expect($this->send('POST', "/runs/{$run['id']}/start")->json('baits'))->toBe($run['baits']);
    $this->ask("/versions/{$v['id']}")->assertJsonPath('can_undo', false);
});

it('records the bench, keeps an event once, and comes back at the same place', function (): void {
    ['version' => $v] = $this->pattern();
    $run = $this->startedRun($v);
    [$prep, $base] = array_column(array_column($v['steps'], 'document'), 'id');
    $events = [
        $this->event('done', $prep), $this->event('side', $base, 1, ['side' => 'left']), $this->event(
            'side',
            $base,
            1,
            ['side' => 'right'],
        ), $this->event('done', $base, 1),
        $this->event('figures', $base, null, ['psi' => 36]), $this->event(
            'note',
            $base,
            1,
            ['text' => 'a run under the gill'],
        ), $this->event(
            'timer',
            $base,
            1,
            ['seconds' => 40, 'label' => 'heat set'],
        ),
    ];
    $this->send('POST', "/runs/{$run['id']}/events", ['events' => $events])->assertOk();
    $record = $this->send('POST', "/runs/{$run['id']}/events", ['events' => $events])->assertOk()->json();
    expect(BenchEventRow::query()->count())->toBe(7)
        ->and($record['position'])->toBe(['step' => $base, 'bait' => 2])
        ->and($record['figures'][$base]['psi'])->toEqual(36)->and($record['timers'])->toHaveCount(1)
        ->and($this->ask("/runs/{$run['id']}")->json('record'))->toBe($record);
});

it('says in the list how far a run is, and what is next', function (): void {
    ['version' => $v] = $this->pattern();
    $run = $this->startedRun($v, 2);
    [$first, $second] = array_column(array_column($run['steps'], 'document'), 'id');
    $stands = fn() => $this->ask('/runs')->assertOk()->json('runs.0.stands');
    expect($stands())->toMatchArray(['steps' => \count($run['steps'])])
        ->and($stands()['next'])->toBe(['number' => 1, 'name' => $run['steps'][0]['shown']['name'], 'bait' => 1]);
    $this->send('POST', "/runs/{$run['id']}/events", ['events' => [
        $this->event('done', $first), $this->event('done', $second, 1),
    ]])->assertOk();
    expect($stands()['next'])->toBe(['number' => 2, 'name' => $run['steps'][1]['shown']['name'], 'bait' => 2]);
    paintAll($this, $run);
    expect($stands()['next'])->toBeNull();
    $this->send('POST', "/runs/{$run['id']}/finish")->assertOk();
    expect($stands())->toBeNull();
});

it('refuses events that belong nowhere, all of them together', function (array $bad, string $pointer): void {
    ['version' => $v] = $this->pattern();
    $run = $this->startedRun($v);
    $good = $this->event('done', $v['steps'][0]['document']['id']);
    $this->send('POST', "/runs/{$run['id']}/events", ['events' => [$good, $bad + $this->event('done', $v['steps'][0]['document']['id'])]])
        ->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', $pointer);
    expect(BenchEventRow::query()->count())->toBe(0);
})->with([
    [['step' => 'nobody'], '/events/1/step'],
    [['bait' => 9], '/events/1/bait'],
    [['type' => 'lunch'], '/events/1/type'],
    [['type' => 'photo', 'data' => ['photo_id' => 'none']], '/events/1/data/photo_id'],
]);

it('only ever adds to what happened', function (): void {
    ['version' => $v] = $this->pattern();
    $run = $this->startedRun($v);
    $this->send('POST', "/runs/{$run['id']}/events", ['events' => [$this->event('done', $v['steps'][0]['document']['id'])]])
        ->assertOk();
    expect(fn() => DB::table('bench_events')->delete())->toThrow(QueryException::class, 'only added')
        ->and(fn() => DB::table('bench_events')->update(['event' => '{}']))->toThrow(QueryException::class, 'only added');
});

it('ends in numbered baits, takes the paint from the rack and closes the record', function (): void {
    ['version' => $v] = $this->pattern();
    $run = $this->startedRun($v);
    paintAll($this, $run);
    $left = Paint::query()->where('name', 'White')->firstOrFail()->left_ml;
    $this->send('POST', "/runs/{$run['id']}/finish")->assertOk()->assertJsonPath('state', 'finished');
    $this->ask('/baits')->assertJsonCount(2, 'baits')->assertJsonPath('baits.0.label', 'H-0002');
    expect(Paint::query()->where('name', 'White')->firstOrFail()->left_ml)->toBeLessThan($left);
    $step = $v['steps'][0]['document']['id'];
    $this->send('POST', "/runs/{$run['id']}/events", ['events' => [$this->event('reopened', $step)]])
        ->assertStatus(409)
        ->assertJsonPath('type', 'urn:hawkbrush:problem:run-finished');
    $this->send('POST', "/runs/{$run['id']}/events", ['events' => [$this->event('note', $step, 1, ['text' => 'late'])]])
        ->assertOk()
        ->assertJsonPath('notes.0.text', 'late');
});

it('stamps only when every step has a record, saying which has none', function (): void {
    ['version' => $v] = $this->pattern();
    $gap = $this->startedRun($v);
    paintAll($this, $gap, $v['steps'][2]['document']['id']);
    $this->send('POST', "/runs/{$gap['id']}/finish")->assertOk();
    $bait = $this->ask('/baits')->json('baits.0');
    $this->send('POST', "/baits/{$bait['id']}/stamp")
        ->assertStatus(422)
        ->assertJsonPath('detail', 'Not proven yet: no record of step 3 (Back).');
    $whole = $this->startedRun($v, 1);
    paintAll($this, $whole);
    $this->send('POST', "/baits/{$whole['baits'][0]['id']}/stamp")
        ->assertStatus(409)
        ->assertJsonPath('type', 'urn:hawkbrush:problem:bait-not-finished');
    $this->send('POST', "/runs/{$whole['id']}/finish")->assertOk();
    $this->send('POST', "/baits/{$whole['baits'][0]['id']}/stamp")
        ->assertOk()
        ->assertJsonPath('proven', true);
    $this->ask('/patterns')->assertJsonPath('patterns.0.state', 'proven');
});

it('shows planned and done side by side', function (): void {
    ['version' => $v] = $this->pattern();
    $run = $this->startedRun($v, 1);
    $base = $v['steps'][1]['document']['id'];
    $this->send('POST', "/runs/{$run['id']}/events", ['events' => [$this->event('figures', $base, null, ['psi' => 33, 'strokes' => 8])]]);
    paintAll($this, $run);
    $this->send('POST', "/runs/{$run['id']}/finish");
    $bait = $this->ask("/baits/{$run['baits'][0]['id']}")->assertOk()->json();
    expect(array_map(
        static fn(array $d): array => [$d['number'], $d['what'], $d['from'], $d['to']],
        $bait['differences'],
    ))->toBe([[2, 'psi', '15', '33'], [2, 'strokes a side', '4', '8']])
        ->and($bait['missing'])->toBe([]);
    $this->send('PATCH', "/baits/{$bait['id']}", ['revision' => 1, 'lesson' => 'Raise the pressure'])
        ->assertOk()
        ->assertJsonPath('lesson', 'Raise the pressure');
    $this->send('PATCH', "/baits/{$bait['id']}", ['revision' => 1, 'lesson' => 'Lower it'])
        ->assertStatus(409)
        ->assertJsonPath('current.lesson', 'Raise the pressure')
        ->assertJsonPath('yours.lesson', 'Lower it');
});

it('repeats a bait with the figures really used, on a larger body, and lists what changed', function (): void {
    ['version' => $v] = $this->pattern();
    $run = $this->startedRun($v, 1);
    $base = $v['steps'][1]['document']['id'];
    $this->send('POST', "/runs/{$run['id']}/events", ['events' => [$this->event('figures', $base, null, ['psi' => 33])]]);
    paintAll($this, $run);
    $form = [
        'repeat_of' => $run['baits'][0]['id'],
        'body_id' => $this->body('Test 120', 120)->id,
        'baits' => 2,
        'air_c' => 17,
        'humidity_percent' => 70,
    ];
    $this->send('POST', '/runs/plan', $form)
        ->assertStatus(409)
        ->assertJsonPath('type', 'urn:hawkbrush:problem:bait-not-finished');
    $this->send('POST', "/runs/{$run['id']}/finish");
    $again = $this->send('POST', '/runs', $form)->assertCreated()->json();
    $changes = array_combine(array_column($again['changes'], 'what'), array_column($again['changes'], 'to'));
    expect($again['changes'][0]['what'])->toBe('area of a bait, cm2')
        ->and(array_filter(
            $again['changes'],
            static fn(array $c): bool => $c['what'] === 'drops for all' && (int) $c['to'] > 3 * (int) $c['from'],
        ))->not->toBe([]);
    expect($changes['psi'])->toBe('33')->and((float) $changes['width, mm'])->toBeGreaterThan(36)
        ->and($again['repeat_of']['label'])->toBe('H-0001')
            ->and($again['version']['number'])->toBe(1)
            ->and($again['version']['fitted'])->toBeTrue()
        ->and($again['body'])->toBe('Test 120');
    $this->ask("/versions/{$again['version']['id']}")
        ->assertJsonPath('note', 'figures of H-0001, fitted to Test 120')
        ->assertJsonPath('steps.1.document.psi', 33);
    $same = $this->send(
        'POST',
        '/runs/plan',
        ['repeat_of' => $run['baits'][0]['id'], 'baits' => 2, 'air_c' => 21, 'humidity_percent' => 50],
    )->json('plan.steps.1.cup.paints.0.drops');
    expect($again['plan']['steps'][1]['cup']['paints'][0]['drops'])->toBeGreaterThan(3 * $same);
});

it('deletes a plan that was never started, with the copy fitted for it, and no run that was', function (): void {
    ['version' => $v] = $this->pattern();
    $form = ['version_id' => $v['id'], 'baits' => 1, 'air_c' => 20, 'humidity_percent' => 50];
    $plan = $this->send('POST', '/runs', $form)->assertCreated()->json();
    $fitted = $this->send('POST', '/runs', ['body_id' => $this->body('Test 120', 120)->id] + $form)->assertCreated()->json();
    expect($fitted['version']['fitted'])->toBeTrue()->and(Version::query()->count())->toBe(2);
    $this->send('DELETE', "/runs/{$fitted['id']}")->assertNoContent();
    expect(Version::query()->count())->toBe(1);
    $this->send('DELETE', "/runs/{$plan['id']}")->assertNoContent();
    $this->ask("/runs/{$plan['id']}")->assertNotFound();
    expect(Version::query()->count())->toBe(1)->and($this->ask('/runs')->json('runs'))->toBe([]);
    $run = $this->startedRun($v);
    $this->send('DELETE', "/runs/{$run['id']}")->assertConflict()->assertJsonPath('type', 'urn:hawkbrush:problem:run-started');
    $this->ask("/runs/{$run['id']}")->assertOk();
});

it('keeps a photograph without what else was in the file', function (): void {
    ['version' => $v] = $this->pattern();
    $run = $this->startedRun($v, 1);
    $picture = UploadedFile::fake()->image('bait.jpg', 2400, 1200);
    file_put_contents($picture->getPathname(), '<?php echo 1; ?>', FILE_APPEND);
    $photo = $this->post(
        "/api/v1/runs/{$run['id']}/photos",
        ['photo' => $picture],
        ['X-Hawkbrush' => '1', 'Accept' => 'application/json'],
    )->assertCreated()->json();
    expect($photo['width'])->toBe(1600)
        ->and((string) file_get_contents(KeepPhoto::path($photo['id'])))->not->toContain('<?php');
    $this->get("/api/v1/photos/{$photo['id']}")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    $this->send(
        'POST',
        "/runs/{$run['id']}/events",
        ['events' => [$this->event('photo', $v['steps'][0]['document']['id'], 1, ['photo_id' => $photo['id']])]],
    )
        ->assertOk()
        ->assertJsonPath('photos.0.photo_id', $photo['id']);
    // The log shows it first.
    $this->send('POST', "/runs/{$run['id']}/finish")->assertOk();
    expect($this->ask('/baits')->json('baits.0.photo_id'))->toBe($photo['id']);
});

it('refuses a photograph that is none, or far too large', function (UploadedFile $file): void {
    ['version' => $v] = $this->pattern();
    $run = $this->startedRun($v, 1);
    $this->post("/api/v1/runs/{$run['id']}/photos", ['photo' => $file], ['X-Hawkbrush' => '1', 'Accept' => 'application/json'])
        ->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', '/photo');
    $this->post("/api/v1/runs/{$run['id']}/photos", [], ['X-Hawkbrush' => '1', 'Accept' => 'application/json'])
        ->assertStatus(422);
})->with([
    'a text' => fn() => UploadedFile::fake()->createWithContent('a.jpg', 'not a picture'),
    'a drawing with a script' => fn() => UploadedFile::fake()->createWithContent(
        'a.svg',
        '<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>',
    ),
    'too many bytes' => fn() => UploadedFile::fake()->create('a.jpg', 13 * 1024, 'image/jpeg'),
]);
