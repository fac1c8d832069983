<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Version;

it('lists the versions of a pattern with what changed between them', function (): void {
    ['pattern' => $pattern, 'version' => $v] = $this->pattern();
    $id = static fn(int $i): string => $v['steps'][$i]['document']['id'];
    $this->startedRun($v, 1);
    $next = $this->edit($v, ['op' => 'change', 'step' => $id(2), 'set' => ['psi' => 9, 'coats' => 3]])->assertOk()->json('version');
    expect($next['number'])->toBe(2);
    $next = $this->edit($next, ['op' => 'remove', 'step' => $id(0)])->json('version');
    $next = $this->edit($next, ['op' => 'begin', 'technique' => 'spot'])->assertOk()->json('version');
    $next = $this->edit($next, ['op' => 'body', 'body_id' => $this->body('Test 90', 90)->id])->json('version');
    $listed = $this->ask("/patterns/{$pattern['id']}/versions")->assertOk()->json('versions');
    $said = [];
    foreach ($listed[0]['changes'] as $change) {
        $said[$change['what']][] = $change['step'];
    }
    expect($said['removed'])->toBe(['Wipe'])->and($said)->toHaveKey('added')
        ->and($listed[0]['body_was'])->toBe('Test 60')->and($listed[1]['changes'])->toBe([])->and($listed[1]['body_was'])->toBeNull();
    $back = array_values(array_filter($listed[0]['changes'], static fn(array $change): bool => $change['step'] === 'Back'))[0];
    expect(array_column($back['fields'], 'now', 'field'))->toMatchArray(['psi' => 9, 'coats' => 3]);
});

it('says what another body changes, and takes it back in one', function (): void {
    $v = $this->pattern()['version'];
    $large = $this->body('Test 90', 90);
    $edited = $this->edit($v, ['op' => 'body', 'body_id' => $large->id])->assertOk();
    expect($edited->json('told'))->toContain('Now on Test 90.')->toContain('1.50 times as large');
    expect($this->edit($edited->json('version'), ['op' => 'body', 'body_id' => $v['body']['id'], 'marks' => 'stay'])->json('told'))
        ->toContain('Marks stay as large');
    $back = $this->send('POST', "/versions/{$v['id']}/undo", ['revision' => $v['revision'] + 2])->assertOk();
    $back = $this->send('POST', "/versions/{$v['id']}/undo", ['revision' => $v['revision'] + 3])->assertOk();
    expect($back->json('version.body.id'))->toBe($v['body']['id'])->and($back->json('version.steps'))->toEqual($v['steps'])
        ->and(Version::query()->count())->toBe(1);
});

it('advises for the room as it is, and tells when it is cold', function (): void {
    $v = $this->pattern()['version'];
    $said = fn(): array => $this->ask("/versions/{$v['id']}/advice")->assertOk()->json();
    $this->edit($v, ['op' => 'add', 'step' => ['type' => 'clear', 'clear' => 'two-part epoxy']]);
    $rules = static fn(array $said): array => array_column($said['findings'], 'rule');
    expect($rules($said()))->not->toContain('room-too-cold')->and($said()['room'])->toEqual(['air_c' => 21, 'humidity_percent' => 50]);
    $this->send('PUT', '/settings', ['air_c' => 14])->assertOk();
    expect(array_count_values($rules($said()))['room-too-cold'])->toBe(1);
    $this->send('PUT', '/settings', ['air_c' => 9])->assertOk();
    expect(array_count_values($rules($said()))['room-too-cold'])->toBe(2);
});
