<?php

declare(strict_types=1);

it('shows a pattern on another body: marks grown, masks to be cut, nothing kept', function (): void {
    ['version' => $v] = $this->pattern();
    $paint = $v['steps'][1]['document']['mix'][0]['paint'];
    $v = $this->edit(
        $v,
        [
            'op' => 'add',
            'step' => $this->coat($paint, ['title' => 'Spot', 'technique' => ['name' => 'punch', 'long_mm' => 4], 'strokes' => 3]),
        ],
    )->json('version');
    $spot = end($v['steps'])['document']['id'];
    $this->send('POST', '/masks', ['version_id' => $v['id'], 'step' => $spot])->assertCreated();
    $larger = $this->body('Test 120', 120);
    $fit = $this->send('POST', "/versions/{$v['id']}/fit", ['body_id' => $larger->id])->assertOk()->json();
    $now = collect($fit['steps'])->firstWhere('document.id', $spot)['document'];
    expect($fit['factor'])->toEqualWithDelta(2.0, 0.1)
        ->and($now['technique']['long_mm'])->toEqualWithDelta(8.0, 0.4)
        ->and($now['strokes'])->toBe(6)
        ->and($fit['masks'][0]['mask'])->toBeNull()
        ->and(collect($fit['changes'])->pluck('what')->all())->toContain('area of a bait, cm2', 'strokes a side', 'drops for all');
    $this->ask("/versions/{$v['id']}")->assertJsonPath('revision', $v['revision']);
});

it('leaves marks as large as they are when the painter says so; then the mask still serves', function (): void {
    ['version' => $v] = $this->pattern();
    $paint = $v['steps'][1]['document']['mix'][0]['paint'];
    $v = $this->edit(
        $v,
        ['op' => 'add', 'step' => $this->coat($paint, ['technique' => ['name' => 'punch', 'long_mm' => 4]])],
    )->json('version');
    $step = end($v['steps'])['document']['id'];
    $mask = $this->send('POST', '/masks', ['version_id' => $v['id'], 'step' => $step])->json();
    $larger = $this->body('Test 120', 120);
    $fit = $this->send('POST', "/versions/{$v['id']}/fit", ['body_id' => $larger->id, 'marks' => 'stay'])->json();
    expect(collect($fit['steps'])->firstWhere('document.id', $step)['document']['technique']['long_mm'])->toEqual(4)
        ->and($fit['masks'][0]['mask']['id'])->toBe($mask['id']);
    $kept = $this->edit($v, ['op' => 'body', 'body_id' => $larger->id, 'marks' => 'stay'])->assertOk()->json('version');
    expect(collect($kept['steps'])->firstWhere('document.id', $step)['document']['technique']['long_mm'])->toEqual(4);
});

it('lays the two sides over each other and says through which steps they differ', function (): void {
    ['version' => $v] = $this->pattern();
    $alike = $this->ask("/versions/{$v['id']}/symmetry")->assertOk()->json();
    expect($alike['mean'])->toEqual(0)->and($alike['shares'][0])->toEqual(1)->and($alike['steps'])->toBe([]);
    $paint = $v['steps'][2]['document']['mix'][0]['paint'];
    $v = $this->edit(
        $v,
        [
            'op' => 'add',
            'step' => $this->coat($paint, ['title' => 'Left only', 'where' => ['zone' => 'flank', 'side' => 'left'], 'coats' => 4]),
        ],
    )->assertOk()->json('version');
    $v = $this->edit(
        $v,
        ['op' => 'add', 'step' => $this->coat($paint, ['title' => 'Dots', 'technique' => ['name' => 'splatter']])],
    )->json('version');
    $apart = $this->ask("/versions/{$v['id']}/symmetry?look=matte")->json();
    expect($apart['most'])->toBeGreaterThan(6)
        ->and(array_column($apart['steps'], 'why'))->toBe(['on the left side only', 'by chance: no side is quite like the other']);
    $before = $this->ask("/versions/{$v['id']}/symmetry?upto={$v['steps'][2]['document']['id']}")->json();
    expect($before['mean'])->toEqual(0);
});

it('lays two baits side by side, on other bodies too, zone by zone', function (): void {
    ['version' => $one] = $this->pattern();
    ['version' => $other] = $this->pattern();
    $same = $this->ask("/versions/{$one['id']}/beside/{$other['id']}")->assertOk()->json('zones');
    expect(array_unique(array_column($same, 'delta_e')))->toEqual([0])->and(array_unique(array_column($same, 'words')))->toBe([''])
        ->and(array_column($same, 'zone'))->toContain('flank', 'throat')->not->toContain('whole');
    $dark = $this->paint('Pitch', 'opaque', '#101012');
    $other = $this->edit(
        $other,
        ['op' => 'add', 'step' => $this->coat($dark->id, ['where' => ['zone' => 'belly'], 'aim_deg' => 180, 'coats' => 6])],
    )->json('version');
    $other = $this->edit($other, ['op' => 'body', 'body_id' => $this->body('Test 120', 120)->id])->assertOk()->json('version');
    $zones = collect($this->ask("/versions/{$one['id']}/beside/{$other['id']}?look=matte")->assertOk()->json('zones'))->keyBy('zone');
    expect($zones['belly']['delta_e'])->toBeGreaterThan(20)->and($zones['belly']['words'])->toContain('darker')
        ->and($zones['back']['delta_e'])->toBeLessThan(3);
    $this->ask("/versions/{$one['id']}/beside/nobody")->assertNotFound();
    $this->ask("/versions/{$one['id']}/beside/{$other['id']}?look=wet")->assertStatus(422)->assertJsonPath('errors.0.pointer', '/look');
    $this->ask("/versions/{$one['id']}/beside/{$other['id']}?zone=belly")->assertStatus(422);
});

it('refuses a fit to nothing', function (): void {
    ['version' => $v] = $this->pattern();
    $this->send(
        'POST',
        "/versions/{$v['id']}/fit",
        ['body_id' => 'nobody'],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/body_id');
    $this->send(
        'POST',
        "/versions/{$v['id']}/fit",
        ['body_id' => $this->body()->id, 'marks' => 'shrink'],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/marks');
});
