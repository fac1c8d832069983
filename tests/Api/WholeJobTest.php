<?php

declare(strict_types=1);

use App\Models\BenchEventRow;
use App\Stores\Rack\Paint;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;

it('does the whole job: planned, advised, painted, kept, proven, repeated larger, taken along', function (): void {
    // On the rack and in the drawer.
    ['pattern' => $pattern, 'version' => $v] = $this->pattern();
    [$prep, $base, $back] = array_column(array_column($v['steps'], 'document'), 'id');

    // Planned further: scales through mesh on the flank, too soon after the base; the advice says so and mends it.
    $moss = $v['steps'][2]['document']['mix'][0]['paint'];
    $v = $this->edit(
        $v,
        [
            'op' => 'add',
            'after' => $base,
            'step' => $this->coat($moss, ['title' => 'Scales', 'technique' => ['name' => 'mesh', 'pitch_mm' => 3]]),
        ],
    )->assertOk()->json('version');
    $scales = $v['steps'][2]['document']['id'];
    $early = collect($this->ask("/versions/{$v['id']}/advice")->assertOk()->json('findings'))->firstWhere('rule', 'too-soon-to-clamp');
    expect($early['step'])->toBe($scales)->and($early['fix']['step'])->toBe($base);
    $v = $this->edit($v, ['op' => 'change', 'step' => $early['fix']['step'], 'set' => $early['fix']['set']])->assertOk()->json('version');
    expect(array_column($this->ask("/versions/{$v['id']}/advice")->json('findings'), 'rule'))->not->toContain('too-soon-to-clamp');

    // A run of three, in today's room; what it takes stands on the sheet.
    $planned = $this->send(
        'POST',
        '/runs/plan',
        ['version_id' => $v['id'], 'baits' => 3, 'air_c' => 18, 'humidity_percent' => 65],
    )->assertOk()->json('plan');
    $before = Paint::query()->findOrFail($moss)->left_ml;
    $run = $this->send(
        'POST',
        '/runs',
        ['version_id' => $v['id'], 'baits' => 3, 'air_c' => 18, 'humidity_percent' => 65],
    )->assertCreated()->json();
    $run = $this->send('POST', "/runs/{$run['id']}/start")->assertOk()->json();
    expect(array_column($run['baits'], 'label'))->toBe(['H-0001', 'H-0002', 'H-0003'])
        ->and(count($planned['steps']))->toBe(4);

    // At the bench: other figures than planned, a note, both sides ticked; nothing is proven while a step has no record.
    $this->send('POST', "/runs/{$run['id']}/events", ['events' => [
        $this->event('done', $prep),
        $this->event('figures', $base, null, ['psi' => 33, 'strokes' => 6]),
        $this->event('side', $base, 1, ['side' => 'left']), $this->event('side', $base, 1, ['side' => 'right']),
        $this->event('done', $base),
        $this->event('note', $scales, 2, ['text' => 'Mesh slipped a little']),
        $this->event('done', $scales),
    ]])->assertOk()->assertJsonPath('position.step', $back);
    $this->send(
        'POST',
        "/runs/{$run['id']}/events",
        ['events' => [$this->event('done', $back, 1), $this->event('done', $back, 2)]],
    )->assertOk();
    $run = $this->send('POST', "/runs/{$run['id']}/finish")->assertOk()->json();
    $baits = collect($this->ask('/baits')->assertOk()->json('baits'))->keyBy('label');
    $first = $baits['H-0001']['id'];
    $this->send('POST', "/baits/{$first}/stamp")->assertStatus(422);
    expect(Paint::query()->findOrFail($moss)->left_ml)->toBeLessThan($before)
        ->and(BenchEventRow::query()->count())->toBe(9);

    // Painted again, this time to the end: proven.
    $again = $this->startedRun($v, 1);
    $this->send('POST', "/runs/{$again['id']}/events", ['events' => [
        $this->event('figures', $base, null, ['psi' => 33, 'strokes' => 6]),
        ...array_map(fn(array $s): array => $this->event('done', $s['document']['id']), $again['steps']),
    ]])->assertOk()->assertJsonPath('position', null);
    $this->send('POST', "/runs/{$again['id']}/finish")->assertOk();
    $proven = collect($this->ask('/baits')->json('baits'))->firstWhere('label', 'H-0004')['id'];
    $this->send('POST', "/baits/{$proven}/stamp")->assertOk();
    expect($this->ask("/patterns/{$pattern['id']}")->json('pattern.state'))->toBe('proven');
    $page = $this->ask("/baits/{$proven}")->assertOk()->json();
    expect(json_encode($page))->toContain('33');

    // Repeated from that bait on a larger body: the figures really used, all that scales scaled, and what is new listed.
    $large = $this->body('Test 120', 120)->id;
    $repeat = $this->send(
        'POST',
        '/runs',
        ['repeat_of' => $proven, 'body_id' => $large, 'baits' => 1, 'air_c' => 24, 'humidity_percent' => 40],
    )->assertCreated()->json();
    $steps = collect($repeat['steps'])->keyBy(fn(array $s): string => $s['document']['id']);
    expect($steps[$base]['document']['psi'])->toEqual(33)
        ->and($steps[$base]['document']['strokes'])->toBeGreaterThan(6)
        ->and($steps[$scales]['document']['technique']['pitch_mm'])->toBeGreaterThan(5)
        ->and($repeat['changes'])->not->toBe([]);

    // Taken along: elsewhere it is the same bait.
    $now = $this->ask("/patterns/{$pattern['id']}")->json('version.id');
    $seen = $this->ask("/versions/{$now}/texture")->json();
    $document = $this->ask("/patterns/{$pattern['id']}/export")->assertOk()->json();
    $there = $this->send('POST', '/patterns/import', $document)->assertCreated()->json();
    $elsewhere = $this->ask("/versions/{$there['version']['id']}/texture")->json();
    foreach ($seen['palette'] as $i => $hex) {
        expect(DeltaE2000::between(Colour::fromHex($hex)->lab, Colour::fromHex($elsewhere['palette'][$i])->lab))->toBeLessThan(0.01);
    }
    expect($elsewhere['cells'])->toBe($seen['cells']);
});
