<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Edit;
use App\Models\Version;
use App\Stores\Rack\Paint;
use Illuminate\Cache\ArrayStore;
use Illuminate\Cache\Repository;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Tests\ApiCase;

/** @return list<string> names of the paints that the rack says a version uses */
function paintsOf(string $version): array
{
    return DB::table('paint_version')->join(
        'paints',
        'paints.id',
        '=',
        'paint_version.paint_id',
    )->where('version_id', $version)->orderBy('name')->pluck('name')->all();
}

/**
 * @param array<string, mixed> $version
 *
 * @return array<string, mixed> the version after it
 */
function gone(ApiCase $case, string $way, array $version): array
{
    return $case->send('POST', "/versions/{$version['id']}/{$way}", ['revision' => $version['revision']])->assertOk()->json('version');
}

/** @return list<string> */
function stepIds(array $version): array
{
    return array_column(array_column($version['steps'], 'document'), 'id');
}

it('answers an edit with the very version that is asked for afterwards', function (callable $change): void {
    ['version' => $v] = $this->pattern();
    $answer = $this->edit($v, $change($v, $this))->assertOk();
    expect($answer->json('version'))->toBe($this->ask("/versions/{$v['id']}")->assertOk()->json())
        ->and($answer->json('version.revision'))->toBe($v['revision'] + 1)
        ->and($answer->json('texture'))->toBeNull();
})->with([
    'a figure' => [fn(array $v): array => [
        'op' => 'change',
        'step' => $v['steps'][2]['document']['id'],
        'set' => ['width_mm' => 12.34567],
    ]],
    'a place' => [fn(array $v): array => [
        'op' => 'change',
        'step' => $v['steps'][2]['document']['id'],
        'set' => ['where' => ['from_u' => 0.1, 'to_u' => 1 / 3, 'from_deg' => 10, 'to_deg' => 170]],
    ]],
    'a step more' => [fn(array $v): array => ['op' => 'add', 'step' => ['type' => 'eye', 'diameter_mm' => 5]]],
    'a step less' => [fn(array $v): array => ['op' => 'remove', 'step' => $v['steps'][0]['document']['id']]],
    'a step twice' => [fn(array $v): array => ['op' => 'duplicate', 'step' => $v['steps'][1]['document']['id']]],
    'another order' => [fn(array $v): array => ['op' => 'move', 'step' => $v['steps'][2]['document']['id'], 'to' => 0]],
    'another body' => [fn(array $v, ApiCase $case): array => ['op' => 'body', 'body_id' => $case->body('Test 90', 90)->id]],
    'its preparation' => [fn(): array => ['op' => 'prepare']],
    'another paint' => [fn(array $v, ApiCase $case): array => [
        'op' => 'swap',
        'swaps' => [[
            'paint' => $v['steps'][2]['document']['mix'][0]['paint'],
            'for' => [['paint' => $case->paint('Red', 'ink', '#902030')->id, 'drops' => 2]],
        ]],
    ]],
]);

it('undoes each of them to the step', function (callable $change): void {
    ['version' => $v] = $this->pattern();
    $before = ['steps' => $v['steps'], 'body' => $v['body']['name'], 'paints' => paintsOf($v['id'])];
    $changed = $this->edit($v, $change($v, $this))->assertOk()->json('version');
    $back = gone($this, 'undo', $changed);
    expect(['steps' => $back['steps'], 'body' => $back['body']['name'], 'paints' => paintsOf($v['id'])])->toBe($before)
        ->and($back['can_redo'])->toBeTrue();
    $again = gone($this, 'redo', $back);
    expect($again['steps'])->toBe($changed['steps'])->and($again['body']['name'])->toBe($changed['body']['name'])
        ->and($again)->toBe($this->ask("/versions/{$v['id']}")->json());
})->with([
    'a step less' => [fn(array $v): array => ['op' => 'remove', 'step' => $v['steps'][2]['document']['id']]],
    'another body' => [fn(array $v, ApiCase $case): array => ['op' => 'body', 'body_id' => $case->body('Test 90', 90)->id]],
    'its preparation' => [fn(): array => ['op' => 'prepare']],
    'another paint' => [fn(array $v, ApiCase $case): array => [
        'op' => 'swap',
        'swaps' => [[
            'paint' => $v['steps'][2]['document']['mix'][0]['paint'],
            'for' => [['paint' => $case->paint('Red', 'ink', '#902030')->id, 'drops' => 2]],
        ]],
    ]],
]);

it('keeps in step which paints a version uses', function (): void {
    ['version' => $v] = $this->pattern();
    expect(paintsOf($v['id']))->toBe(['Moss', 'White']);
    $red = $this->paint('Red', 'ink', '#902030');
    $v = $this->edit($v, ['op' => 'add', 'step' => $this->coat($red->id)])->json('version');
    expect(paintsOf($v['id']))->toBe(['Moss', 'Red', 'White']);
    // The same paint in another step, and a figure: nothing changes.
    $v = $this->edit($v, ['op' => 'duplicate', 'step' => stepIds($v)[3]])->json('version');
    $v = $this->edit($v, ['op' => 'remove', 'step' => stepIds($v)[3]])->json('version');
    expect(paintsOf($v['id']))->toBe(['Moss', 'Red', 'White']);
    $v = $this->edit(
        $v,
        ['op' => 'change', 'step' => stepIds($v)[2], 'set' => ['mix' => [['paint' => $red->id, 'drops' => 1]]]],
    )->json('version');
    expect(paintsOf($v['id']))->toBe(['Red', 'White']);
    $v = gone($this, 'undo', $v);
    expect(paintsOf($v['id']))->toBe(['Moss', 'Red', 'White']);
    gone($this, 'undo', gone($this, 'undo', gone($this, 'undo', $v)));
    expect(paintsOf($v['id']))->toBe(['Moss', 'White']);
});

it('keeps marks at their size on another body when told to', function (): void {
    ['version' => $v] = $this->pattern();
    $mesh = $this->edit(
        $v,
        ['op' => 'change', 'step' => stepIds($v)[2], 'set' => ['technique' => ['name' => 'mesh', 'pitch_mm' => 3]]],
    )->json('version');
    $large = $this->body('Test 120', 120)->id;
    $scaled = $this->edit($mesh, ['op' => 'body', 'body_id' => $large])->json('version');
    $stay = $this->edit(gone($this, 'undo', $scaled), ['op' => 'body', 'body_id' => $large, 'marks' => 'stay'])->json('version');
    expect($scaled['steps'][2]['document']['technique']['pitch_mm'])->toBeGreaterThan(5)
        ->and($stay['steps'][2]['document']['technique']['pitch_mm'])->toEqual(3);
});

it('shows the picture it was asked for, or all of it where that step is gone', function (): void {
    ['version' => $v] = $this->pattern();
    [, $base, $back] = stepIds($v);
    $edit = fn(array $version, array $change, array $show) => $this->send(
        'POST',
        "/versions/{$version['id']}/edits",
        ['revision' => $version['revision'], 'change' => $change, 'show' => $show],
    );
    $first = $edit($v, ['op' => 'change', 'step' => $back, 'set' => ['coats' => 2]], ['upto' => $base, 'look' => 'clear'])->assertOk();
    expect($first->json('texture.palette'))->toHaveCount(1);
    $second = $edit($first->json('version'), ['op' => 'remove', 'step' => $base], ['upto' => $base, 'look' => 'clear'])->assertOk();
    expect($second->json('texture'))->toBe($this->ask("/versions/{$v['id']}/texture?look=clear")->json());
    $edit($second->json('version'), ['op' => 'remove', 'step' => $back], ['upto' => $back, 'look' => 'varnish'])->assertStatus(422);
});

it('refuses an edit, an undo and a redo from a hand that is behind, and loses nothing', function (): void {
    ['version' => $v] = $this->pattern();
    $now = $this->edit($v, ['op' => 'remove', 'step' => stepIds($v)[2]])->json('version');
    $edits = Edit::query()->count();
    foreach (['undo', 'redo'] as $way) {
        $this->send('POST', "/versions/{$v['id']}/{$way}", ['revision' => $v['revision']])->assertStatus(409)
            ->assertJsonPath('current.revision', $now['revision'])->assertJsonPath('yours', $way);
    }
    $this->edit($v, ['op' => 'body', 'body_id' => $this->body('Test 90', 90)->id])->assertStatus(409)->assertJsonPath('yours.op', 'body');
    expect($this->ask("/versions/{$v['id']}")->json())->toBe($now)->and(Edit::query()->count())->toBe($edits);
});

it('stops at either end of what was done', function (): void {
    $sheet = $this->send('POST', '/patterns', ['name' => 'New', 'body_id' => $this->body()->id, 'prepare' => false])->json('version');
    $this->send(
        'POST',
        "/versions/{$sheet['id']}/undo",
        ['revision' => $sheet['revision']],
    )->assertStatus(422)->assertJsonPath('detail', 'There is nothing left to undo.');
    $v = $this->edit($sheet, ['op' => 'add', 'step' => ['type' => 'wait', 'minutes' => 3]])->json('version');
    expect([$v['can_undo'], $v['can_redo']])->toBe([true, false]);
    $v = gone($this, 'undo', $v);
    expect([$v['can_undo'], $v['can_redo'], $v['steps']])->toBe([false, true, []]);
    $v = gone($this, 'redo', $v);
    $this->send('POST', "/versions/{$v['id']}/redo", ['revision' => $v['revision']])->assertStatus(422);
    expect(Version::query()->findOrFail($v['id'])->revision)->toBe($v['revision']);
});

it('forgets no edit of another version', function (): void {
    ['version' => $one] = $this->pattern();
    $two = $this->send('POST', '/patterns', ['name' => 'Other', 'body_id' => $one['body']['id'], 'prepare' => false])->json('version');
    $two = $this->edit($two, ['op' => 'add', 'step' => ['type' => 'wait', 'minutes' => 3]])->json('version');
    $before = Edit::query()->where('version_id', $one['id'])->count();
    $two = gone($this, 'undo', $two);
    $this->edit($two, ['op' => 'add', 'step' => ['type' => 'wait', 'minutes' => 9]])->assertOk();
    expect(Edit::query()->where('version_id', $one['id'])->count())->toBe($before)
        ->and(Edit::query()->where('version_id', $two['id'])->orderBy('seq')->pluck('label')->all())->toBe(['start', 'add step 1']);
});

it('takes as one what a painter sets in one go, however long it took to be saved', function (): void {
    ['version' => $v] = $this->pattern();
    $edits = Edit::query()->where('version_id', $v['id'])->count();
    $set = function (array $version, array $set, string $key, ?string $extends = null): array {
        $change = ['op' => 'change', 'step' => $version['steps'][1]['document']['id'], 'set' => $set];
        $this->travel(5)->seconds();

        return $this->edit($version, $change, array_filter(['key' => $key, 'extends' => $extends]))->assertOk()->json('version');
    };
    $kept = static fn(): int => Edit::query()->where('version_id', $v['id'])->count() - $edits;
    $was = $v['steps'][1]['document']['psi'];
    $v = $set($v, ['psi' => 2], 'edit-one-');
    $v = $set($v, ['psi' => 22], 'edit-two-', 'edit-one-');
    expect($kept())->toBe(1)->and($v['steps'][1]['document']['psi'])->toEqual(22);
    $back = gone($this, 'undo', $v);
    expect($back['steps'][1]['document']['psi'])->toBe($was);
    $v = gone($this, 'redo', $back);
    // Other fields, no word of an edit before it, and one that is not the last: edits of their own.
    $v = $set($v, ['strokes' => 5], 'edit-three', 'edit-two-');
    $v = $set($v, ['strokes' => 6], 'edit-four');
    $set($v, ['strokes' => 7], 'edit-five', 'edit-three');
    expect($kept())->toBe(4);
});

it('takes no more steps than a recipe holds', function (): void {
    ['version' => $v] = $this->pattern();
    $wait = ['type' => 'wait', 'minutes' => 1, 'title' => '', 'on' => true];
    $steps = $v['steps'];
    $all = array_map(static fn(int $i): array => ['id' => "w{$i}"] + $wait, range(1, 57));
    Version::query()->whereKey($v['id'])->update(['steps' => json_encode([...array_column($steps, 'document'), ...$all])]);
    $this->edit($v, ['op' => 'add', 'step' => $wait])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/steps');
    $this->edit($v, ['op' => 'duplicate', 'step' => stepIds($v)[0]])->assertStatus(422);
    expect(Version::query()->findOrFail($v['id'])->steps)->toHaveCount(60);
});

it('refuses a change with what and where, and changes nothing', function (callable $change, string $pointer): void {
    ['version' => $v] = $this->pattern();
    $this->edit($v, $change($v, $this))->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
    expect($this->ask("/versions/{$v['id']}")->json())->toBe($v)->and(paintsOf($v['id']))->toBe(['Moss', 'White']);
})->with([
    'a field too many' => [
        fn(array $v): array => ['op' => 'remove', 'step' => $v['steps'][0]['document']['id'], 'all' => true],
        '/change/all',
    ],
    'no step' => [fn(): array => ['op' => 'duplicate'], '/change/step'],
    'a step that is no text' => [fn(): array => ['op' => 'remove', 'step' => ['x']], '/change/step'],
    'nothing to set' => [fn(array $v): array => ['op' => 'change', 'step' => $v['steps'][0]['document']['id']], '/change/set'],
    'another type' => [
        fn(array $v): array => ['op' => 'change', 'step' => $v['steps'][0]['document']['id'], 'set' => ['type' => 'eye']],
        '/change/set/type',
    ],
    'a field of another type' => [
        fn(array $v): array => ['op' => 'change', 'step' => $v['steps'][0]['document']['id'], 'set' => ['psi' => 20]],
        '/change/set/psi',
    ],
    'behind nobody' => [fn(): array => ['op' => 'add', 'step' => ['type' => 'wait', 'minutes' => 1], 'after' => 'nobody'], '/change/after'],
    'before the first' => [fn(array $v): array => ['op' => 'move', 'step' => $v['steps'][1]['document']['id'], 'to' => -1], '/change/to'],
    'half a place' => [fn(array $v): array => ['op' => 'move', 'step' => $v['steps'][1]['document']['id'], 'to' => 0.5], '/change/to'],
    'marks that do neither' => [
        fn(array $v, ApiCase $case): array => ['op' => 'body', 'body_id' => $case->body('Test 90', 90)->id, 'marks' => 'shrink'],
        '/change/marks',
    ],
    'a preparation with more' => [fn(): array => ['op' => 'prepare', 'body_id' => 'x'], '/change/body_id'],
    'exchanges of nothing' => [fn(): array => ['op' => 'swap', 'swaps' => []], '/change/swaps'],
    'an exchange for nobody’s paint' => [
        fn(array $v): array => [
            'op' => 'swap',
            'swaps' => [['paint' => $v['steps'][2]['document']['mix'][0]['paint'], 'for' => [['paint' => 'none', 'drops' => 1]]]],
        ],
        '/change/swaps/0/for/0/paint',
    ],
    'an exchange by half drops' => [
        fn(array $v): array => [
            'op' => 'swap',
            'swaps' => [[
                'paint' => $v['steps'][2]['document']['mix'][0]['paint'],
                'for' => [['paint' => $v['steps'][1]['document']['mix'][0]['paint'], 'drops' => 0.5]],
            ]],
        ],
        '/change/swaps/0/for/0/drops',
    ],
]);

it('keeps an edit once, however often it is sent', function (): void {
    ['version' => $v] = $this->pattern();
    $edit = [
        'revision' => $v['revision'],
        'key' => 'an-edit-0001',
        'change' => ['op' => 'duplicate', 'step' => $v['steps'][1]['document']['id']],
    ];
    $first = $this->send('POST', "/versions/{$v['id']}/edits", $edit)->assertOk()->json('version');
    // The answer was lost on the way; it is asked for again, even after the next edit.
    $this->send(
        'POST',
        "/versions/{$v['id']}/edits",
        $edit,
    )->assertOk()->assertJsonPath('version.revision', $first['revision'])->assertJsonCount(4, 'version.steps');
    $this->edit($first, ['op' => 'remove', 'step' => $first['steps'][0]['document']['id']])->assertOk();
    $this->send('POST', "/versions/{$v['id']}/edits", $edit)->assertOk()->assertJsonCount(3, 'version.steps');
    $this->send(
        'POST',
        "/versions/{$v['id']}/edits",
        ['key' => 'no!'] + $edit,
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/key');
});

it('keeps of an edit what it changed, not all steps anew', function (): void {
    ['version' => $v] = $this->pattern();
    $size = static fn(): int => (int) DB::table('edits')->sum(DB::raw('length(forth) + length(back)'));
    $before = $size();
    $v = $this->edit($v, ['op' => 'change', 'step' => $v['steps'][2]['document']['id'], 'set' => ['psi' => 21]])->json('version');
    expect($size() - $before)->toBeLessThan(300);
    // A step put before all others moves them and changes none.
    $before = $size();
    $this->edit($v, ['op' => 'add', 'first' => true, 'step' => ['type' => 'wait', 'title' => 'Wait', 'minutes' => 5]])->assertOk();
    expect($size() - $before)->toBeLessThan(1500);
});

it('says that a change is saved though it could not be drawn', function (): void {
    ['version' => $v] = $this->pattern();
    Cache::swap(new Repository(new class extends ArrayStore {
        public function get($key): mixed
        {
            return str_starts_with($key, 'texture:') ? throw new RuntimeException('no room') : parent::get($key);
        }
    }));
    $removed = ['revision' => $v['revision'], 'change' => ['op' => 'remove', 'step' => $v['steps'][0]['document']['id']]];
    $after = $this->send('POST', "/versions/{$v['id']}/edits", $removed)->json('version');
    $this->send('POST', "/versions/{$v['id']}/undo", ['revision' => $after['revision'], 'show' => ['look' => 'clear']])
        ->assertOk()
        ->assertJsonPath('texture', null)
        ->assertJsonPath('trouble', 'The change is saved. It could not be drawn: what happened stands in storage/logs.')
        ->assertJsonCount(3, 'version.steps');
});

it('keeps “meant so” with the step, and speaks again when its figures change', function (): void {
    $version = $this->pattern()['version'];
    $black = $this->paint('Stove black', 'opaque', '#141414');
    $moss = Paint::query()->where('name', 'Moss')->sole();
    foreach ([$this->coat($black->id, ['coats' => 2, 'weight' => 'heavy']), $this->coat($moss->id)] as $step) {
        $version = $this->edit($version, ['op' => 'add', 'step' => $step])->assertOk()->json('version');
    }
    $case = $this;
    $said = static function () use (&$version, $case): array {
        $found = collect($case->ask("/versions/{$version['id']}/advice")->json('findings'));

        return $found->firstWhere('rule', 'hardly-shows') ?? throw new \RuntimeException((string) json_encode($found));
    };
    $answer = $said()['answer'];
    expect($said()['meant'])->toBeFalse()->and($answer['label'])->toBe('Meant so');

    $change = static fn(array $fix): array => ['op' => 'change', 'step' => $fix['step'], 'set' => $fix['set']];
    $version = $this->edit($version, $change($answer))->assertOk()->json('version');
    expect($said()['meant'])->toBeTrue()->and($said()['answer']['label'])->toBe('Say it again');
    $file = $this->ask("/patterns/{$version['pattern_id']}/export")->json();
    expect(array_column(array_merge(...array_column($file['steps'], 'meant')), 'rule'))->toBe(['hardly-shows']);

    // Its title does not matter; its coats do.
    $version = $this->edit($version, ['op' => 'change', 'step' => $answer['step'], 'set' => ['title' => 'For depth']])->json('version');
    expect($said()['meant'])->toBeTrue();
    $version = $this->edit($version, ['op' => 'change', 'step' => $answer['step'], 'set' => ['coats' => 2]])->json('version');
    expect($said()['meant'])->toBeFalse();
});

it('says a mask that stays on once: all steps through it follow, and one may take another', function (): void {
    $version = $this->pattern()['version'];
    $moss = Paint::query()->where('name', 'Moss')->sole();
    for ($i = 0; $i < 3; $i++) {
        $step = $this->coat($moss->id, ['technique' => ['name' => 'mesh', 'pitch_mm' => 3], 'aim_deg' => 30 * $i]);
        $version = $this->edit($version, ['op' => 'add', 'step' => $step])->assertOk()->json('version');
    }
    $set = fn(array $version, int $step, array $set): array => $this->edit(
        $version,
        ['op' => 'change', 'step' => $version['steps'][$step]['document']['id'], 'set' => $set],
    )->assertOk()->json('version');
    $on = static fn(array $version): array => array_column(array_column($version['steps'], 'shown'), 'mask_is_on');
    $pitches = static fn(array $version): array => array_column(
        array_column(array_column(\array_slice($version['steps'], 3), 'document'), 'technique'),
        'pitch_mm',
    );
    expect($on($version))->toBe([false, false, false, true, true])
        ->and($version['steps'][4]['shown']['how'])->toContain('The mask stays on');

    $version = $set($version, 4, ['technique' => ['name' => 'mesh', 'pitch_mm' => 5]]);
    expect($pitches($version))->toEqual([5, 5, 5])->and($on($version))->toBe([false, false, false, true, true]);

    $version = $set($version, 4, ['seed' => 2]);
    expect($on($version))->toBe([false, false, false, false, true]);
    $version = $set($version, 4, ['technique' => ['name' => 'mesh', 'pitch_mm' => 2]]);
    expect($pitches($version))->toEqual([5, 2, 2]);
});
