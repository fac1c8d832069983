<?php

declare(strict_types=1);

use App\Stores\Masks\Mask;

it('makes a mask for a body, seen before it is kept', function (): void {
    $body = $this->body();
    $form = ['body_id' => $body->id, 'technique' => ['name' => 'bars', 'count' => 5, 'width_mm' => 3]];
    $look = $this->send('POST', '/masks/look', $form)->assertOk()->json();
    $plate = $look['plate'];
    // On the body it lets paint through somewhere, and not everywhere.
    expect(strlen(str_replace('0', '', $look['cover'])))->toBeGreaterThan(0)->toBeLessThan(1152);
    expect($plate['openings'])->toStartWith('M')->and($plate['index'])->toHaveCount(2)->and(Mask::query()->count())->toBe(0);
    $mask = $this->send('POST', '/masks', $form + ['name' => 'Five bars', 'sheet' => 'vinyl', 'lasts' => 20])->assertCreated()->json();
    expect($mask['plate'])->toBe($plate)->and($mask['uses'])->toBe(0)->and($mask['technique']['count'])->toEqual(5);
    $this->ask('/masks')->assertJsonCount(1, 'masks');
});

it('puts the mask of a step into the box, and says which steps it serves', function (): void {
    ['version' => $v] = $this->pattern();
    $paint = $v['steps'][1]['document']['mix'][0]['paint'];
    $v = $this->edit(
        $v,
        ['op' => 'add', 'step' => $this->coat($paint, ['title' => 'Spot', 'technique' => ['name' => 'punch', 'long_mm' => 4]])],
    )->json('version');
    $step = end($v['steps']);
    expect($step['shown']['cut'])->toBeTrue()->and($step['shown']['index'][0])->toStartWith('Middle of the hole: ')
        ->and($this->ask("/versions/{$v['id']}/masks")->json('masks.0.mask'))->toBeNull();
    $mask = $this->send('POST', '/masks', ['version_id' => $v['id'], 'step' => $step['document']['id']])->assertCreated()->json();
    expect($mask['name'])->toBe('Gudgeon, gravel: Spot');
    $this->ask("/versions/{$v['id']}/masks")->assertJsonPath('masks.0.mask.id', $mask['id']);
    $this->send(
        'POST',
        '/masks',
        ['version_id' => $v['id'], 'step' => $v['steps'][0]['document']['id']],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/step');
});

it('counts a mask as worn by the baits of a finished run', function (): void {
    ['version' => $v] = $this->pattern();
    $paint = $v['steps'][1]['document']['mix'][0]['paint'];
    $v = $this->edit(
        $v,
        ['op' => 'add', 'step' => $this->coat($paint, ['technique' => ['name' => 'punch', 'long_mm' => 4]])],
    )->json('version');
    $mask = $this->send('POST', '/masks', ['version_id' => $v['id'], 'step' => end($v['steps'])['document']['id']])->json();
    $run = $this->send(
        'POST',
        '/runs',
        ['version_id' => $v['id'], 'baits' => 3, 'air_c' => 20, 'humidity_percent' => 50],
    )->assertCreated()->json();
    $this->send('POST', "/runs/{$run['id']}/start")->assertOk();
    $this->send('POST', "/runs/{$run['id']}/finish")->assertOk();
    $this->send('POST', "/runs/{$run['id']}/finish")->assertOk();
    $this->ask('/masks')->assertJsonPath('masks.0.uses', 3)->assertJsonPath('masks.0.id', $mask['id']);
});

it('changes what is kept of a mask, retires it, and refuses a stale hand', function (): void {
    $mask = $this->send('POST', '/masks', ['body_id' => $this->body()->id, 'name' => 'Card', 'technique' => ['name' => 'card']])->json();
    $this->send(
        'PATCH',
        "/masks/{$mask['id']}",
        ['revision' => 1, 'uses' => 12, 'lasts' => 30],
    )->assertOk()->assertJsonPath('uses', 12)->assertJsonPath('lasts', 30);
    $this->send('PATCH', "/masks/{$mask['id']}", ['revision' => 1, 'uses' => 13])->assertStatus(409)->assertJsonPath('current.uses', 12);
    $this->send('PATCH', "/masks/{$mask['id']}", ['revision' => 2, 'retired' => true])->assertOk()->assertJsonPath('retired', true);
});

it('refuses a bad mask with what and where', function (array $change, string $pointer): void {
    $this->send(
        'POST',
        '/masks',
        $change + ['body_id' => $this->body()->id, 'name' => 'X', 'technique' => ['name' => 'punch']],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
    expect(Mask::query()->count())->toBe(0);
})->with([
    [['technique' => ['name' => 'mesh']], '/technique/name'],
    [['technique' => ['name' => 'punch', 'long_mm' => 900]], '/technique/long_mm'],
    [['technique' => ['name' => 'outline', 'outline' => 'M0 0L10 8L10 0L0 6Z']], '/technique/outline'],
    [['technique' => ['name' => 'outline', 'outline' => 'javascript:alert(1)']], '/technique/outline'],
    [['body_id' => 'nobody'], '/body_id'],
    [['lasts' => 0], '/lasts'],
    [['name' => ''], '/name'],
]);

it('takes an own outline in from an SVG file at its true size', function (): void {
    $read = $this->send(
        'POST',
        '/masks/outline',
        [
            'svg' => '<svg xmlns="http://www.w3.org/2000/svg" width="40mm" height="20mm" viewBox="0 0 400 200"><path d="M0 0L370 0L370 100L0 100Z" onclick="x()"/></svg>',
        ],
    )->assertOk()->json();
    expect($read['width_mm'])->toEqual(37)->and($read['height_mm'])->toEqual(10)->and($read['dropped'])->toBe(['an action of <path>']);
    $mask = $this->send(
        'POST',
        '/masks',
        [
            'body_id' => $this->body()->id,
            'name' => 'Own',
            'technique' => ['name' => 'outline', 'outline' => $read['outline'], 'long_mm' => $read['width_mm']],
        ],
    )->assertCreated()->json();
    expect($mask['plate']['opening_mm'][0])->toEqual(37);
});

it('lays masks out on a sheet for a cutter and to print', function (): void {
    $ids = array_map(
        fn(int $mm): string => $this->send(
            'POST',
            '/masks',
            ['body_id' => $this->body()->id, 'name' => "Spot {$mm}", 'technique' => ['name' => 'punch', 'long_mm' => $mm]],
        )->json('id'),
        [4, 8, 12],
    );
    $svg = $this->get('/api/v1/masks/sheet.svg?pair=1&ids='.implode(',', $ids))->assertOk()->assertHeader('Content-Type', 'image/svg+xml');
    expect(substr_count((string) $svg->getContent(), '<rect'))->toBe(6)
        ->and($svg->headers->get('Content-Disposition'))->toContain('attachment');
    $pdf = $this->get('/api/v1/masks/sheet.pdf?paper=letter&ids='.$ids[0])->assertOk()->assertHeader('Content-Type', 'application/pdf');
    expect((string) $pdf->getContent())->toStartWith('%PDF');
    $this->get('/api/v1/masks/sheet.svg?ids=nobody')->assertStatus(422);
    $this->get('/api/v1/masks/sheet.pdf?paper=A9&ids='.$ids[0])->assertStatus(422);
    $this->get('/api/v1/masks/sheet.pdf')->assertStatus(422);
    $long = $this->send(
        'POST',
        '/masks',
        ['body_id' => $this->body()->id, 'name' => 'Long', 'technique' => ['name' => 'outline', 'long_mm' => 280]],
    )->json('id');
    $this->get('/api/v1/masks/sheet.pdf?ids='.$long)->assertStatus(422);
});

it('keeps a mask as it was cut, whatever becomes of the body', function (): void {
    $body = $this->send(
        'POST',
        '/bodies',
        ['name' => 'Plain', 'length_mm' => 70, 'stations' => [[0, 1, 1, 1], [0.4, 11, 10, 7], [1, 1, 1, 1]]],
    )->json();
    $mask = $this->send('POST', '/masks', ['body_id' => $body['id'], 'name' => 'Bars', 'technique' => ['name' => 'bars']])->json();
    $this->send('PATCH', "/bodies/{$body['id']}", ['revision' => 1, 'length_mm' => 140])->assertOk();
    $this->ask('/masks')->assertJsonPath('masks.0.plate', $mask['plate']);
    // What is seen before a new one is kept follows the body.
    $now = $this->send('POST', '/masks/look', ['body_id' => $body['id'], 'technique' => ['name' => 'bars']])->json('plate');
    expect($now['opening_mm'][0])->toBeGreaterThan(1.8 * $mask['plate']['opening_mm'][0]);
});

it('lays each mask on a sheet once, however often it is asked for', function (): void {
    $id = $this->send('POST', '/masks', ['body_id' => $this->body()->id, 'name' => 'Spot', 'technique' => ['name' => 'punch']])->json('id');
    expect(substr_count((string) $this->get("/api/v1/masks/sheet.svg?ids={$id},{$id}")->assertOk()->getContent(), '<rect'))->toBe(1);
    $this->get("/api/v1/masks/sheet.svg?ids={$id}&pair=2")->assertStatus(422);
    $this->get('/api/v1/masks/sheet.svg?ids='.implode(',', range(1, 61)))->assertStatus(422);
});

it('refuses a technique through no cut mask, and says which are cut', function (): void {
    $this->send('POST', '/masks/look', ['body_id' => $this->body()->id, 'technique' => ['name' => 'sponge']])->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', '/technique/name');
    $cut = array_column(array_filter($this->ask('/vocabulary')->json('techniques'), static fn(array $t): bool => $t['cut']), 'name');
    foreach ($cut as $name) {
        $this->send('POST', '/masks/look', ['body_id' => $this->body()->id, 'technique' => ['name' => $name]])->assertOk();
    }
    expect($cut)->toContain('bars', 'punch', 'outline')->not->toContain('mesh');
});
