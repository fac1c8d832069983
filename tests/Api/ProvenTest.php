<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Pattern;
use App\Models\Version;
use App\Stores\Rack\Paint;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use ReflectionMethod;

it('keeps a repeat on another body as a copy of its run, and the pattern as it was', function (): void {
    [$sheet, $run] = $this->finishedRun();
    $this->send('POST', "/baits/{$run['baits'][0]['id']}/stamp")->assertOk()->assertJsonPath('stamps.0.on', true);
    $again = $this->send(
        'POST',
        '/runs',
        [
            'repeat_of' => $run['baits'][0]['id'],
            'body_id' => $this->body('Test 120', 120)->id,
            'baits' => 2,
            'air_c' => 17,
            'humidity_percent' => 70,
        ],
    )->assertCreated()->json();
    expect($again['version'])->toMatchArray(['number' => 1, 'fitted' => true]);

    // The pattern is worked on as before, its proven version within reach.
    $this->ask("/patterns/{$sheet['pattern']['id']}")
        ->assertJsonPath('version.id', $sheet['version']['id'])
        ->assertJsonPath('version.body.name', 'Test 60')
        ->assertJsonPath('version.proven_baits', 1)
        ->assertJsonPath(
            'pattern.proven',
            [
                'version_id' => $sheet['version']['id'],
                'number' => 1,
                'body' => 'Test 60',
                'fitted' => false,
                'current' => true,
                'baits' => 1,
            ],
        );
    $this->ask("/patterns/{$sheet['pattern']['id']}/versions")
        ->assertJsonPath('versions.0.body.name', 'Test 60')
        ->assertJsonPath('versions.1.body.name', 'Test 120')
        ->assertJsonPath('versions.1.fitted', true)
        ->assertJsonPath('versions.1.proven_at', null);
    $this->ask("/baits/{$run['baits'][0]['id']}")->assertJsonPath('version.id', $sheet['version']['id']);

    // The copy is opened and painted from, and is not edited; gone on from, it is the next version.
    $copy = $this->ask("/versions/{$again['version']['id']}")->assertOk()->json();
    $this->edit(
        $copy,
        ['op' => 'remove', 'step' => $copy['steps'][0]['document']['id']],
    )->assertStatus(409)->assertJsonPath('type', 'urn:hawkbrush:problem:fitted-copy');
    $this->send(
        'POST',
        '/runs',
        ['version_id' => $copy['id'], 'baits' => 1, 'air_c' => 20, 'humidity_percent' => 50],
    )->assertCreated()->assertJsonPath('version.id', $copy['id']);
    $this->send('POST', "/versions/{$copy['id']}/go-on")->assertCreated()
        ->assertJsonPath('version.number', 2)
        ->assertJsonPath('version.body.name', 'Test 120')
        ->assertJsonPath('pattern.proven.number', 1)
        ->assertJsonPath('pattern.proven.current', false);
});

it('says of the version and the body that were proven that they are, and takes the stamp off with its reason', function (): void {
    [$sheet, $run] = $this->finishedRun();
    $bait = $run['baits'][0]['id'];
    $this->send(
        'POST',
        "/baits/{$bait}/stamp/off",
        ['reason' => 'never was'],
    )->assertStatus(409)->assertJsonPath('type', 'urn:hawkbrush:problem:not-stamped');
    $this->send('POST', "/baits/{$bait}/stamp")->assertOk();
    $this->send('POST', "/baits/{$bait}/stamp")->assertOk()->assertJsonCount(1, 'stamps');
    $this->send('POST', "/baits/{$bait}/stamp/off", ['reason' => ''])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/reason');
    $this->send('POST', "/baits/{$bait}/stamp/off", ['reason' => 'The clear yellowed.'])
        ->assertOk()
        ->assertJsonPath('proven', false)
        ->assertJsonPath('stamps.1.reason', 'The clear yellowed.');
    $this->ask("/patterns/{$sheet['pattern']['id']}")->assertJsonPath('pattern.proven', null)->assertJsonPath('pattern.state', 'tried');
    expect(fn() => DB::table('stamps')->delete())->toThrow(QueryException::class, 'only added');
});

it('puts right what repeats had made of older databases, and loses nothing', function (): void {
    [$sheet, $run] = $this->finishedRun();
    $again = $this->send(
        'POST',
        '/runs',
        [
            'repeat_of' => $run['baits'][0]['id'],
            'body_id' => $this->body('Test 120', 120)->id,
            'baits' => 2,
            'air_c' => 17,
            'humidity_percent' => 70,
        ],
    )->json();
    $worked = $this->send(
        'POST',
        '/runs',
        [
            'repeat_of' => $run['baits'][0]['id'],
            'body_id' => $this->body('Test 90', 90)->id,
            'baits' => 1,
            'air_c' => 17,
            'humidity_percent' => 70,
        ],
    )->json();
    $migration = require base_path('database/migrations/2026_11_29_000008_fitted_copies_and_stamps.php');
    $steps = Version::query()->orderBy('id')->pluck('steps', 'id')->all();
    // As it was kept until then: the copies as versions two and three, the third edited afterwards.
    Version::query()->whereKey($again['version']['id'])->update(['number' => 2, 'fitted_from_id' => null]);
    Version::query()->whereKey($worked['version']['id'])->update(['number' => 3, 'fitted_from_id' => null]);
    $third = $this->ask("/versions/{$worked['version']['id']}")->json();
    $this->edit($third, ['op' => 'duplicate', 'step' => $third['steps'][0]['document']['id']])->assertOk();
    $edited = Version::query()->findOrFail($third['id'])->steps;

    (new ReflectionMethod($migration, 'putRight'))->invoke($migration);
    // As a later migration finds it: the newest that is no copy.
    Pattern::query()->update(['current_id' => $third['id']]);

    expect(Version::query()->orderBy('id')->pluck('steps', 'id')->all())->toEqual([$third['id'] => $edited] + $steps)
        ->and(Version::query()->findOrFail($again['version']['id']))->number->toBe(1)->fitted_from_id->toBe($sheet['version']['id'])
        ->and(Version::query()->findOrFail($third['id']))->number->toBe(3)->fitted_from_id->toBeNull();
    $this->ask("/patterns/{$sheet['pattern']['id']}")->assertJsonPath('version.id', $third['id']);
});

it('keeps the picture of what was painted when a paint of it is guessed anew or taught', function (): void {
    [$sheet] = $this->finishedRun();
    $texture = fn(string $version): array => $this->ask("/versions/{$version}/texture")->assertOk()->json();
    $painted = $texture($sheet['version']['id']);
    $moss = Paint::query()->where('name', 'Moss')->sole();
    // As it stood in the rack of an earlier model.
    $moss->update(['guess' => 1, 'optics' => ['k' => array_fill(0, 31, 0.4), 's' => array_fill(0, 31, 0.2)]]);
    $this->ask('/paints')->assertJsonFragment(['name' => 'Moss', 'guessed_before' => true]);
    expect($texture($sheet['version']['id']))->toBe($painted);

    $next = $this->edit($this->ask("/patterns/{$sheet['pattern']['id']}")->json('version'), ['op' => 'add', 'step' => ['type' => 'try']])
        ->assertOk()->json('version');
    $before = $texture($next['id']);
    $this->send('PATCH', "/paints/{$moss->id}", ['revision' => $moss->revision, 'guess_anew' => true])
        ->assertOk()->assertJsonPath('guessed_before', false);
    expect($texture($next['id']))->not->toBe($before)
        ->and($texture($sheet['version']['id']))->toBe($painted);
});

it('guesses nothing anew that was measured', function (): void {
    $paint = $this->paint('Moss', 'transparent', '#4d6340');
    $paint->update(['from_card' => true, 'guess' => null, 'optics' => ['k' => array_fill(0, 31, 0.4), 's' => array_fill(0, 31, 0.2)]]);
    $this->send('PATCH', "/paints/{$paint->id}", ['revision' => 1, 'guess_anew' => true])->assertOk();
    expect($paint->refresh()->optics['k'])->toBe(array_fill(0, 31, 0.4));
});
