<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Pattern;
use App\Models\Version;
use App\Stores\Bodies\Body;
use App\Stores\Rack\Paint;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Tests\ApiCase;

/** @param array<string, mixed> $version */
function hexes(ApiCase $case, array $version): array
{
    return $case->ask("/versions/{$version['id']}/texture")->assertOk()->json('palette');
}

it('begins empty, with somewhere to begin', function (): void {
    $this->ask('/patterns')->assertOk()->assertJsonPath('patterns', []);
    $this->ask('/vocabulary')->assertOk()->assertJsonPath('zones.0', 'whole');
});

it('makes a pattern step by step, numbered and shown', function (): void {
    ['version' => $version] = $this->pattern();
    expect(array_column(array_column($version['steps'], 'shown'), 'number'))->toBe([1, 2, 3])
        ->and($version['steps'][1]['shown']['dry_um'])->toBe(29.4)
        ->and($version['steps'][1]['shown']['cover'])->toMatch('/^f+$/')
        ->and($version['steps'][1]['shown']['chip']['black'])->not->toBe('#000000');
    $this->ask('/patterns')
        ->assertJsonPath('patterns.0.state', 'sketch')
        ->assertJsonPath('patterns.0.version.steps', 3);
});

it('changes, moves, doubles, switches off and removes a step', function (): void {
    ['version' => $v] = $this->pattern();
    [$prep, $base, $back] = array_column(array_column($v['steps'], 'document'), 'id');
    $v = $this->edit($v, ['op' => 'change', 'step' => $base, 'set' => ['psi' => 36.5, 'title' => 'White']])->assertOk()->json('version');
    expect($v['steps'][1]['document']['psi'])->toBe(36.5)
        ->and($v['steps'][1]['shown']['name'])->toBe('White');
    $v = $this->edit($v, ['op' => 'move', 'step' => $back, 'to' => 0])->assertOk()->json('version');
    expect(array_column(array_column($v['steps'], 'document'), 'id'))->toBe([$back, $prep, $base]);
    $v = $this->edit($v, ['op' => 'duplicate', 'step' => $prep])->assertOk()->json('version');
    expect($v['steps'])->toHaveCount(4)
        ->and($v['steps'][2]['document']['title'])->toBe('Wipe')
        ->and($v['steps'][2]['document']['id'])->not->toBe($prep);
    $v = $this->edit($v, ['op' => 'change', 'step' => $base, 'set' => ['on' => false]])->assertOk()->json('version');
    $v = $this->edit($v, ['op' => 'remove', 'step' => $back])->assertOk()->json('version');
    expect($v['steps'])->toHaveCount(3)->and(hexes($this, $v))->toHaveCount(1);
});

it('undoes and redoes, and forgets what was undone when something else is done', function (): void {
    ['version' => $v] = $this->pattern();
    $id = $v['steps'][1]['document']['id'];
    $v = $this->edit($v, ['op' => 'change', 'step' => $id, 'set' => ['psi' => 30]])->json('version');
    $this->travel(3)->seconds();
    $v = $this->edit($v, ['op' => 'change', 'step' => $id, 'set' => ['psi' => 40]])->json('version');
    $go = fn(string $way, array $at) => $this->send('POST', "/versions/{$at['id']}/{$way}", ['revision' => $at['revision']]);
    $v = $go('undo', $v)->assertOk()->json('version');
    expect($v['steps'][1]['document']['psi'])->toEqual(30)->and($v['can_redo'])->toBeTrue();
    $v = $go('redo', $v)->assertOk()->json('version');
    expect($v['steps'][1]['document']['psi'])->toEqual(40)->and($v['can_redo'])->toBeFalse();
    $v = $go('undo', $v)->json('version');
    $v = $this->edit($v, ['op' => 'change', 'step' => $id, 'set' => ['psi' => 22]])->json('version');
    $go('redo', $v)->assertStatus(422)->assertJsonPath('detail', 'There is nothing to redo.');
    for ($i = 0; $v['can_undo']; $i++) {
        $v = $go('undo', $v)->assertOk()->json('version');
    }
    expect($v['steps'])->toBe([])->and($i)->toBe(5);
});

it('puts a step in first, last or behind another', function (): void {
    ['version' => $v] = $this->pattern();
    $wait = ['type' => 'wait', 'minutes' => 5];
    $v = $this->edit($v, ['op' => 'add', 'step' => $wait + ['title' => 'first'], 'first' => true])->assertOk()->json('version');
    $v = $this->edit(
        $v,
        ['op' => 'add', 'step' => $wait + ['title' => 'second'], 'after' => $v['steps'][0]['document']['id']],
    )->assertOk()->json('version');
    $v = $this->edit($v, ['op' => 'add', 'step' => $wait + ['title' => 'last']])->assertOk()->json('version');
    expect(array_column(array_column($v['steps'], 'shown'), 'name'))->toBe(['first', 'second', 'Wipe', 'Base', 'Back', 'last']);
});

it('shows both sides of a stale edit and loses neither', function (): void {
    ['version' => $v] = $this->pattern();
    $id = $v['steps'][1]['document']['id'];
    $this->edit($v, ['op' => 'change', 'step' => $id, 'set' => ['psi' => 30]])->assertOk();
    $this->edit($v, ['op' => 'change', 'step' => $id, 'set' => ['psi' => 50]])->assertStatus(409)
        ->assertJsonPath('current.steps.1.document.psi', 30)
        ->assertJsonPath('yours.set.psi', 50);
    expect(Version::query()->find($v['id'])?->steps[1]['psi'])->toEqual(30);
});

it('refuses a bad edit with what and where, and changes nothing', function (callable $change, string $pointer): void {
    ['version' => $v] = $this->pattern();
    $this->edit($v, $change($v))->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
    expect(Version::query()->find($v['id'])?->revision)->toBe($v['revision']);
})->with([
    [fn(array $v): array => ['op' => 'explode'], '/change/op'],
    [fn(array $v): array => ['op' => 'remove', 'step' => 'nobody'], '/change/step'],
    [fn(array $v): array => ['op' => 'move', 'step' => $v['steps'][0]['document']['id'], 'to' => 9], '/change/to'],
    [fn(array $v): array => ['op' => 'change', 'step' => $v['steps'][1]['document']['id'], 'set' => ['psi' => -1]], '/change/set/psi'],
    [fn(array $v): array => ['op' => 'change', 'step' => $v['steps'][1]['document']['id'], 'set' => ['id' => 'other']], '/change/set/id'],
    [
        fn(array $v): array => [
            'op' => 'add',
            'step' => [
                'type' => 'paint',
                'mix' => [['paint' => 'none']],
                'technique' => ['name' => 'spray'],
                'where' => ['zone' => 'back'],
            ],
        ],
        '/change/step/mix/0/paint',
    ],
    [fn(array $v): array => ['op' => 'body', 'body_id' => 'none'], '/change/body_id'],
]);

it('carries the pattern to another body in one edit', function (): void {
    ['version' => $v] = $this->pattern();
    $large = $this->body('Test 120', 120);
    $v = $this->edit($v, ['op' => 'body', 'body_id' => $large->id])->assertOk()->json('version');
    expect($v['body']['name'])->toBe('Test 120')
        ->and($v['steps'][2]['document']['width_mm'])->toBeGreaterThan(36);
});

it('answers an edit with how it looks now', function (): void {
    ['version' => $v] = $this->pattern();
    $base = $v['steps'][1]['document']['id'];
    $answer = $this->send(
        'POST',
        "/versions/{$v['id']}/edits",
        [
            'revision' => $v['revision'],
            'change' => ['op' => 'change', 'step' => $base, 'set' => ['coats' => 1]],
            'show' => ['upto' => $base, 'look' => 'matte'],
        ],
    );
    expect($answer->json('texture'))->toBe($this->ask("/versions/{$v['id']}/texture?upto={$base}&look=matte")->json());
});

it('mends a colour the ground swallows with a white off the rack, where the recipe has none', function (): void {
    $version = $this->send(
        'POST',
        '/patterns',
        ['name' => 'Night', 'species' => 'burbot', 'body_id' => $this->body()->id, 'prepare' => false],
    )->json('version');
    foreach ([
        [$this->paint('Black', 'opaque', '#161616'), 'whole'],
        [$this->paint('Red', 'transparent', '#b02030'), 'flank'],
        [$this->paint('Gold', 'transparent', '#d0a020'), 'shoulder'],
    ] as [$paint, $zone]) {
        $version = $this->edit(
            $version,
            ['op' => 'add', 'step' => $this->coat($paint->id, ['where' => ['zone' => $zone], 'coats' => 2])],
        )->json('version');
    }
    $swallowed = fn(): array => collect(
        $this->ask("/versions/{$version['id']}/advice")->assertOk()->json('findings'),
    )->where('rule', 'brighter-over-white')->values()->all();
    expect(array_column(array_column($swallowed(), 'fix'), 'label'))->toBe(['Switch it off', 'Switch it off']);
    $this->paint('Old white', 'opaque', '#f0f0e8', 0);
    expect($swallowed()[0]['fix']['label'])->toBe('Switch it off');
    $white = $this->paint('White', 'opaque', '#f4f4f0');
    $fix = $swallowed()[0]['fix'];
    expect($fix['label'])->toBe('Put white under it')->and($fix['insert']['mix'][0]['paint'])->toBe($white->id);
    $version = $this->edit(
        $version,
        ['op' => 'add', 'step' => $fix['insert'], 'after' => $version['steps'][0]['document']['id']],
    )->assertOk()->json('version');
    expect(array_column($swallowed(), 'step'))->not->toContain($fix['step']);
});

it('cuts the film through and advises', function (): void {
    ['version' => $v] = $this->pattern();
    $core = $this->ask("/versions/{$v['id']}/core?u=0.5&deg=3")->assertOk()->json();
    expect(array_column($core['coats'], 'name'))->toBe(['White', 'Moss'])
        ->and($core['coats'][0]['dry_um'])->toBe(29.4);
    expect($this->ask("/versions/{$v['id']}/advice")
        ->assertOk()->json('hands_on_min'))->toBeGreaterThan(3);
    $this->ask("/versions/{$v['id']}/core?u=3&deg=3")
        ->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', '/u');
    $this->ask("/versions/{$v['id']}/texture?look=varnish")
        ->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', '/look');
    $this->ask("/versions/{$v['id']}/texture?upto=nobody")
        ->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', '/upto');
    $this->ask('/versions/none/texture')->assertNotFound();
});

it('never changes a painted version: an edit goes into a new one', function (): void {
    ['pattern' => $p, 'version' => $v] = $this->pattern();
    $this->startedRun($v);
    $step = $v['steps'][1]['document']['id'];
    $new = $this->edit($v, ['op' => 'change', 'step' => $step, 'set' => ['psi' => 44]])->assertOk()->json('version');
    expect($new['number'])->toBe(2)->and($new['id'])->not->toBe($v['id'])
        ->and(Version::query()->find($v['id'])?->steps[1]['psi'])->toEqual(15);
    $this->ask("/patterns/{$p['id']}")->assertJsonPath('version.number', 2);
    // Whoever still looks at the old one is shown the new one; what they wanted is not lost.
    $this->edit($v, ['op' => 'remove', 'step' => $step])->assertStatus(409)
        ->assertJsonPath('current.id', $new['id'])->assertJsonPath(
            'current.revision',
            $new['revision'],
        )->assertJsonPath('yours.op', 'remove');
    expect(fn() => DB::table('versions')->where('id', $v['id'])->update(['steps' => '[]']))->toThrow(
        QueryException::class,
        'never changes',
    );
    $this->ask("/patterns/{$p['id']}/versions")->assertJsonCount(2, 'versions');
});

it('renames and retires, and refuses a stale hand', function (): void {
    ['pattern' => $p] = $this->pattern();
    $this->send('PATCH', "/patterns/{$p['id']}", ['revision' => $p['revision'], 'name' => 'Gudgeon, sand', 'retired' => true])
        ->assertOk()
        ->assertJsonPath('pattern.name', 'Gudgeon, sand')->assertJsonPath('pattern.state', 'retired');
    $this->send('PATCH', "/patterns/{$p['id']}", ['revision' => $p['revision'], 'name' => 'Mine'])
        ->assertStatus(409)
        ->assertJsonPath('yours.name', 'Mine');
    $this->send('PATCH', '/patterns/none', ['revision' => 1])->assertNotFound();
});

it('exports a pattern and shows the same bait elsewhere', function (): void {
    ['pattern' => $p, 'version' => $v] = $this->pattern();
    $before = $this->ask("/versions/{$v['id']}/texture")->json();
    $document = $this->ask("/patterns/{$p['id']}/export")->assertOk()->assertHeader('Content-Disposition', 'attachment; filename="gudgeon-gravel.hawkbrush.json"')->getContent();
    DB::table('paint_version')->delete();
    DB::table('patterns')->update(['current_id' => null]);
    foreach (['edits', 'versions', 'patterns', 'paints', 'bodies'] as $table) {
        DB::table($table)->delete();
    }
    $there = $this->send('POST', '/patterns/import', json_decode($document, true))->assertCreated()->json();
    $after = $this->ask("/versions/{$there['version']['id']}/texture")->json();
    // The same to the last bit, and so to far less than 0.01 DeltaE00.
    expect($after)->toBe($before)
        ->and(Paint::query()->count())->toBe(2)
        ->and(Body::query()->count())->toBe(1);
    expect($there['brought'])->toEqualCanonicalizing([
        ['what' => 'paint', 'name' => 'White', 'how' => 'new'], ['what' => 'paint', 'name' => 'Moss', 'how' => 'new'],
        ['what' => 'body', 'name' => 'Test 60', 'how' => 'new'],
    ]);
    $again = $this->send('POST', '/patterns/import', json_decode($document, true))->assertCreated()->json('brought');
    // What comes back unchanged is known; changed, it stands beside what is there.
    expect($again)->toBe([['what' => 'pattern', 'name' => $p['name'], 'how' => 'unchanged']])
        ->and(Pattern::query()->count())->toBe(1);
    $this->edit($there['version'], ['op' => 'remove', 'step' => $there['version']['steps'][2]['document']['id']])->assertOk();
    $again = $this->send('POST', '/patterns/import', json_decode($document, true))->assertCreated()->json('brought');
    expect($again)->toBe([['what' => 'pattern', 'name' => $p['name'], 'how' => 'namesake']])
        ->and(Paint::query()->count())->toBe(2)
        ->and(Body::query()->count())->toBe(1)
        ->and(Pattern::query()->count())->toBe(2);
});

it('tells of a namesake that an import brings beside what is there', function (): void {
    ['pattern' => $p] = $this->pattern();
    $document = json_decode((string) $this->ask("/patterns/{$p['id']}/export")->getContent(), true);
    $moss = Paint::query()->where('name', 'Moss')->firstOrFail();
    $this->send('PATCH', "/paints/{$moss->id}", ['revision' => $moss->revision, 'hex' => '#223344'])->assertOk();
    $brought = $this->send('POST', '/patterns/import', $document)->assertCreated()->json('brought');
    expect($brought)->toContain(['what' => 'paint', 'name' => 'Moss', 'how' => 'namesake'])
        ->and(array_column($brought, 'name'))->not->toContain('White');
});

it('refuses a wrong or hostile file with what and where, and changes nothing', function (callable $break, string $pointer): void {
    ['pattern' => $p] = $this->pattern();
    $document = $this->ask("/patterns/{$p['id']}/export")->json();
    $before = [Pattern::query()->count(), Paint::query()->count(), Body::query()->count()];
    $found = $this->send('POST', '/patterns/import', $break($document))->assertStatus(422)->json('errors.0.pointer');
    expect($found)->toMatch($pointer)
        ->and([Pattern::query()->count(), Paint::query()->count(), Body::query()->count()])->toBe($before);
})->with([
    'another format' => [fn(array $d): array => ['format' => 'x'] + $d, '#^/format$#'],
    'no steps' => [fn(array $d): array => array_diff_key($d, ['steps' => 1]), '#^/steps$#'],
    'a curve with a text' => [function (array $d): array {
        $d['paints'][array_key_first($d['paints'])]['k'][3] = 'DROP TABLE';

        return $d;
    }, '#^/paints/[0-9a-z]+/k/3$#'],
    'a step with a script' => [function (array $d): array {
        $d['steps'][1]['onload'] = '<script>alert(1)</script>';

        return $d;
    }, '#^/steps/1/onload$#'],
    'coats without end' => [function (array $d): array {
        $d['steps'][1]['coats'] = 1_000_000;

        return $d;
    }, '#^/steps/1/coats$#'],
    'crossing stations' => [function (array $d): array {
        $d['body']['stations'][2][0] = 0.1;

        return $d;
    }, '#^/body/stations/2/0$#'],
]);

it('turns away what is too large, no JSON, or deeper than any recipe', function (): void {
    $post = fn(string $content, string $type = 'application/json') => $this->call(
        'POST',
        '/api/v1/patterns/import',
        [],
        [],
        [],
        ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json', 'HTTP_X_HAWKBRUSH' => '1'],
        $content,
    );
    $post(str_repeat(' ', 2 * 1024 * 1024 + 1))->assertStatus(413);
    $post('{"format":')->assertStatus(422);
    $post(str_repeat('{"a":', 100).'1'.str_repeat('}', 100))->assertStatus(422);
    $post('<recipe/>', 'text/xml')->assertStatus(415);
    $post('[]')->assertStatus(422);
    expect(Pattern::query()->count())->toBe(0);
});

it('takes back a pattern without paint', function (): void {
    $sheet = $this->send('POST', '/patterns', ['name' => 'Bare', 'body_id' => $this->body()->id])->assertCreated()->json();
    $file = $this->ask("/patterns/{$sheet['pattern']['id']}/export")->assertOk()->getContent();
    expect($file)->toContain('"paints":{}');
    $this->call(
        'POST',
        '/api/v1/patterns/import',
        [],
        [],
        [],
        ['CONTENT_TYPE' => 'application/json', 'HTTP_X_HAWKBRUSH' => '1'],
        (string) $file,
    )->assertCreated();
});
