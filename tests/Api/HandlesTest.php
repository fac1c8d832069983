<?php

declare(strict_types=1);

namespace Tests\Api;

// Taking hold of a step on the bait: tried without keeping, kept as one edit, refused when it makes no sense.

/** @return array<string, mixed> the document of a step */
function stepOf(array $version, int $i): array
{
    return $version['steps'][$i]['document'];
}

it('lists the handles of a step and what it does by zone', function (): void {
    $v = $this->pattern()['version'];
    $taken = $this->ask("/versions/{$v['id']}/steps/".stepOf($v, 2)['id'])->assertOk();
    expect(array_column($taken->json('handles'), 'id'))->toContain('place lower', 'aim', 'width')
        ->and($taken->json('zones.0.zone'))->toBe('back')->and($taken->json('zones.0.words'))->toContain('darker');
    $this->ask("/versions/{$v['id']}/steps/".stepOf($v, 0)['id'])->assertOk()->assertJsonPath('handles', []);
    $this->ask("/versions/{$v['id']}/steps/nobody")->assertNotFound();
});

it('tries a handle without keeping anything, and keeps it as one edit that one undo takes back', function (): void {
    $v = $this->pattern()['version'];
    $step = stepOf($v, 2);
    $change = ['op' => 'handle', 'step' => $step['id'], 'handle' => 'place lower', 'to' => ['u' => 0.5, 'deg' => 70], 'free' => true];
    $tried = $this->send('POST', "/versions/{$v['id']}/try", [
        'step' => $step['id'], 'change' => $change, 'show' => ['upto' => $step['id'], 'look' => 'clear'],
    ])->assertOk();
    expect($tried->json('step.document.where.to_deg'))->toEqual(70)
        ->and($this->ask("/versions/{$v['id']}")->json('revision'))->toBe($v['revision']);
    $after = $this->edit($v, $change)->assertOk()->json('version');
    expect(stepOf($after, 2)['where'])->toBe($tried->json('step.document.where'));
    $back = $this->send('POST', "/versions/{$v['id']}/undo", ['revision' => $after['revision']])->json('version');
    expect(stepOf($back, 2)['where'])->toBe(['zone' => 'back']);
});

it('goes on with the edit before when it is pushed again at once, but a pull is an edit of its own', function (): void {
    $v = $this->pattern()['version'];
    $id = stepOf($v, 2)['id'];
    $push = ['op' => 'handle', 'step' => $id, 'handle' => 'place rear', 'by' => ['back_mm' => -0.5]];
    $pull = ['op' => 'handle', 'step' => $id, 'handle' => 'place rear', 'to' => ['u' => 0.7, 'deg' => 20]];
    $v = $this->edit($v, $pull, ['key' => 'the-pull'])->json('version');
    $v = $this->edit($v, $push, ['key' => 'push-one', 'extends' => 'the-pull'])->json('version');
    $v = $this->edit($v, $push, ['key' => 'push-two', 'extends' => 'push-one'])->json('version');
    expect(stepOf($v, 2)['where']['to_u'] * 60)->toEqualWithDelta(0.7 * 60 - 1, 0.06);
    $v = $this->send('POST', "/versions/{$v['id']}/undo", ['revision' => $v['revision']])->json('version');
    expect(stepOf($v, 2)['where']['to_u'] * 60)->toEqualWithDelta(0.7 * 60, 0.06);
});

it('lets the aim go with the place until it is set otherwise', function (): void {
    $v = $this->pattern()['version'];
    $id = stepOf($v, 2)['id'];
    $v = $this->edit($v, ['op' => 'place', 'step' => $id, 'where' => ['zone' => 'belly']])->assertOk()->json('version');
    expect(stepOf($v, 2))->toMatchArray(['where' => ['zone' => 'belly'], 'aim_deg' => 180]);
    $v = $this->edit($v, ['op' => 'change', 'step' => $id, 'set' => ['aim_deg' => 150]])->json('version');
    $v = $this->edit($v, ['op' => 'place', 'step' => $id, 'where' => ['zone' => 'flank']])->json('version');
    expect(stepOf($v, 2)['aim_deg'])->toEqual(150);
});

it('begins a paint step with the figures of its place, and puts a mark where the bait is pressed', function (): void {
    $v = $this->pattern()['version'];
    $this->paint('Night ink', 'transparent', '#101014');
    $v = $this->edit($v, ['op' => 'begin', 'technique' => 'spot', 'after' => stepOf($v, 1)['id'], 'at' => ['u' => 0.42, 'deg' => 300]])
        ->assertOk()->json('version');
    expect($v['steps'])->toHaveCount(4)->and(stepOf($v, 2)['technique']['deg'])->toEqual(60)
        ->and(stepOf($v, 2)['technique']['u'])->toEqualWithDelta(0.42, 0.01);
    $v = $this->edit($v, ['op' => 'begin', 'technique' => 'spray', 'first' => true])->json('version');
    expect(stepOf($v, 0))->toMatchArray(['type' => 'paint', 'where' => ['zone' => 'whole'], 'psi' => 38]);
});

it('mends several steps in one edit, all of them or none', function (): void {
    $v = $this->pattern()['version'];
    $one = static fn(int $i, int $psi): array => ['op' => 'change', 'step' => stepOf($v, $i)['id'], 'set' => ['psi' => $psi]];
    $this->edit($v, ['op' => 'several', 'changes' => [$one(1, 30), $one(2, 5000)]])->assertStatus(422);
    expect(stepOf($this->ask("/versions/{$v['id']}")->json(), 1)['psi'])->not->toEqual(30);
    $after = $this->edit($v, ['op' => 'several', 'changes' => [$one(1, 30), $one(2, 9)]])->assertOk()->json('version');
    expect([stepOf($after, 1)['psi'], stepOf($after, 2)['psi']])->toEqual([30, 9]);
    $back = $this->send('POST', "/versions/{$v['id']}/undo", ['revision' => $after['revision']])->json('version');
    expect(stepOf($back, 1)['psi'])->toEqual(stepOf($v, 1)['psi']);
});

it('refuses what cannot be held', function (\Closure $change, string $pointer): void {
    $v = $this->pattern()['version'];
    $this->edit($v, $change($v))->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
    expect($this->ask("/versions/{$v['id']}")->json('revision'))->toBe($v['revision']);
})->with([
    'a handle it has not' => [
        fn(array $v): array => ['op' => 'handle', 'step' => stepOf($v, 2)['id'], 'handle' => 'tail fin', 'to' => ['u' => 0.5, 'deg' => 20]],
        '/change/handle',
    ],
    'a step without paint' => [
        fn(array $v): array => ['op' => 'handle', 'step' => stepOf($v, 0)['id'], 'handle' => 'aim', 'to' => ['u' => 0.5, 'deg' => 20]],
        '/change/step',
    ],
    'a place beyond the tail' => [
        fn(array $v): array => ['op' => 'handle', 'step' => stepOf($v, 2)['id'], 'handle' => 'aim', 'to' => ['u' => 1.5, 'deg' => 20]],
        '/change/to/u',
    ],
    'neither a place nor a distance' => [
        fn(array $v): array => ['op' => 'handle', 'step' => stepOf($v, 2)['id'], 'handle' => 'aim'],
        '/change/to',
    ],
    'a push beyond reason' => [
        fn(array $v): array => ['op' => 'handle', 'step' => stepOf($v, 2)['id'], 'handle' => 'place rear', 'by' => ['back_mm' => 9e9]],
        '/change/by/back_mm',
    ],
    'a place nobody knows' => [
        fn(array $v): array => ['op' => 'place', 'step' => stepOf($v, 2)['id'], 'where' => ['zone' => 'elbow']],
        '/change/where/zone',
    ],
    'a technique nobody knows' => [fn(): array => ['op' => 'begin', 'technique' => 'magic'], '/change/technique'],
    'after nobody' => [fn(): array => ['op' => 'begin', 'technique' => 'spray', 'after' => 'nobody'], '/change/after'],
    'several of nothing' => [fn(): array => ['op' => 'several', 'changes' => []], '/change/changes'],
    'several that are not of steps' => [
        fn(): array => ['op' => 'several', 'changes' => [['op' => 'prepare']]],
        '/change/changes/0/op',
    ],
]);

it('draws what each technique leaves on a body', function (): void {
    $body = $this->body();
    $drawn = $this->ask("/bodies/{$body->id}/techniques")->assertOk()->json('techniques');
    $inked = array_column(array_map(
        static fn(array $one): array => [$one['name'], substr_count($one['cover'], '0') < 1152],
        $drawn,
    ), 1, 0);
    expect($inked)->toHaveKeys(['spray', 'mesh', 'bars'])->and(array_filter($inked, static fn(bool $any): bool => ! $any))->toBe([]);
});

it('knows when a paint was last worked with', function (): void {
    $this->pattern();
    $this->paint('Never taken');
    $paints = array_column($this->ask('/paints')->json('paints'), null, 'name');
    expect($paints['Moss']['used_at'])->not->toBeNull()->and($paints['Never taken']['used_at'])->toBeNull();
});
