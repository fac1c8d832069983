<?php

declare(strict_types=1);

namespace Tests\Api;

// What is found by its words, and a step said in words.

it('finds steps, patterns, paints and bodies by the beginnings of their words first', function (): void {
    ['version' => $version, 'pattern' => $pattern] = $this->pattern();
    $this->paint('Row of copper');
    $this->paint('Brown');
    $found = fn(string $q, ?string $version = null): array => $this->ask(
        '/find?'.http_build_query(['q' => $q] + ($version === null ? [] : ['version' => $version])),
    )->assertOk()->json('found');
    expect(array_column($found('row'), 'name'))->toBe(['Row of copper', 'Brown'])
        ->and($found(''))->toBe([])->and($found('nothing so called'))->toBe([])
        ->and($found(mb_strtolower($pattern['name']))[0])->toMatchArray(['kind' => 'pattern', 'id' => $pattern['id']])
        ->and(array_column($found('back'), 'kind'))->not->toContain('step');
    $step = $found('back', $version['id'])[0];
    expect($step['kind'])->toBe('step')->and($step['id'])->toBe($version['steps'][2]['document']['id'])
        ->and($step['about'])->not->toBe('');
    $this->ask('/find?q=back&version=none')->assertNotFound();
    $this->ask('/find?q=back&more=1')->assertStatus(422);
});

it('reads a step from words, and keeps nothing before it is added', function (): void {
    ['version' => $version] = $this->pattern();
    $said = fn(string $line, array $more = []) => $this->ask(
        "/versions/{$version['id']}/typed?".http_build_query(['line' => $line] + $more),
    );
    $typed = $said('mesh flank 8 psi zzz')->assertOk()->json();
    expect($typed['step']['technique']['name'])->toBe('mesh')->and($typed['step']['psi'])->toBe(8)
        ->and($typed['as']['document']['psi'])->toBe(8)->and($typed['as']['shown']['where'])->toContain('flank')
        ->and($typed['unknown'])->toBe(['zzz'])
        ->and(array_column($typed['understood'], 'means'))->toBe(['through scale mesh', 'flank']);
    expect($this->ask("/versions/{$version['id']}")->json('steps'))->toHaveCount(3);
    $after = $version['steps'][0]['document']['id'];
    $added = $this->edit($version, ['op' => 'add', 'step' => $typed['step'], 'after' => $after])->assertOk()->json('version');
    expect($added['steps'][1]['document']['technique']['name'])->toBe('mesh');
    expect($said('please', ['after' => $after])->assertOk()->json('step'))->toBeNull();
});

it('refuses figures that nobody sprays, and steps that are not there', function (): void {
    ['version' => $version] = $this->pattern();
    $path = "/versions/{$version['id']}/typed";
    $this->ask("{$path}?line=mesh+900+psi")->assertStatus(422)->assertJsonPath('errors.0.pointer', '/step/psi');
    $this->ask("{$path}?line=mesh&after=gone")->assertStatus(422)->assertJsonPath('errors.0.pointer', '/after');
    $this->ask($path)->assertStatus(422);
    $this->ask("{$path}?line=".str_repeat('a', 300))->assertStatus(422);
});
