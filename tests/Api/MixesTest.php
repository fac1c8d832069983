<?php

declare(strict_types=1);

use App\Stores\Rack\Paint;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;

it('shows a mix coat by coat, over grounds and over a step of a pattern', function (): void {
    $sheet = $this->pattern();
    [$white, $moss] = [Paint::query()->where('name', 'White')->firstOrFail(), Paint::query()->where('name', 'Moss')->firstOrFail()];
    $look = $this->send('POST', '/mixes/look', [
        'parts' => [['paint' => $white->id, 'drops' => 3], ['paint' => $moss->id, 'drops' => 1]], 'coats' => 3, 'weight' => 'light',
        'over' => ['version' => $sheet['version']['id'], 'upto' => $sheet['version']['steps'][1]['document']['id'], 'zone' => 'flank'],
    ])->assertOk()->json();
    $over = collect($look['over'])->keyBy('name');
    expect($over->keys()->all())->toBe(['black', 'grey', 'white', 'there'])
        ->and($over['black']['after'])->toHaveCount(3)
        ->and($over['black']['after'][2]['l'])->toBeGreaterThan($over['black']['after'][0]['l'])
        ->and($over['there']['ground']['l'])->toBeGreaterThan(70)
        ->and($look['kind'])->toBe('opaque')
        ->and($look['warning'])->toBeNull();
});

it('warns of what curdles, and refuses what is no mix', function (): void {
    $white = $this->paint();
    $lacquer = $this->send(
        'POST',
        '/paints',
        ['name' => 'Old lacquer', 'kind' => 'opaque', 'hex' => '#703020', 'family' => 'solvent lacquer'],
    )->json();
    $look = fn(array $parts) => $this->send('POST', '/mixes/look', ['parts' => $parts]);
    expect($look([
        ['paint' => $white->id, 'drops' => 1],
        ['paint' => $lacquer['id'], 'drops' => 1],
    ])->assertOk()->json('warning'))->toContain('do not mix');
    $look([])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/parts');
    $look([['paint' => $white->id, 'drops' => 0]])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/parts/0/drops');
    $look([['paint' => 'none', 'drops' => 1]])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/parts/0/paint');
    $look([['paint' => $white->id, 'drops' => 1], ['paint' => $white->id, 'drops' => 2]])->assertStatus(422)->assertJsonPath(
        'errors.0.pointer',
        '/parts/1/paint',
    );
    $dry = $this->send('POST', '/paints', ['name' => 'Water', 'kind' => 'opaque', 'hex' => '#ffffff', 'solids' => 0])->json();
    $look([['paint' => $dry['id'], 'drops' => 1]])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/parts');
});

it('offers mixes for a colour from what is in stock', function (): void {
    foreach ([
        ['White', 'opaque', '#f4f4f0'],
        ['Black', 'opaque', '#161616'],
        ['Red', 'opaque', '#b02020'],
        ['Yellow', 'opaque', '#e0c020'],
        ['Empty blue', 'opaque', '#2040a0'],
    ] as [$name, $kind, $hex]) {
        $this->paint($name, $kind, $hex, str_starts_with($name, 'Empty') ? 0 : 20);
    }
    $found = $this->send('POST', '/mixes/search', ['target' => ['hex' => '#c87030'], 'over' => 'white', 'coats' => 3])->assertOk()->json();
    $best = $found['offers'][0];
    expect($found['looked_at'])->toBe(4)->and($found['whole'])->toBeTrue()
        ->and($best['delta_e'])->toEqualWithDelta(
            DeltaE2000::between(Colour::fromHex('#c87030')->lab, Colour::fromHex($best['colour']['hex'])->lab),
            0.4,
        )
        ->and($best['delta_e'])->toBeLessThan(4)
        ->and($best['near'])->toBeTrue()
        ->and(collect($found['offers'])->where('near', true)->pluck('delta_e')->all())->toBe(
            collect($found['offers'])->where('near', true)->pluck('delta_e')->sort()->values()->all(),
        )
        ->and(collect($found['offers'])->pluck('near')->all())->toBe(collect($found['offers'])->pluck('near')->sortDesc()->values()->all())
        ->and($this->send('POST', '/mixes/search', ['target' => ['hex' => '#c87030'], 'in_stock' => false])->json('looked_at'))->toBe(5);
    // What lies beyond the rack is said to, and how what there is is beside it.
    $far = $this->send('POST', '/mixes/search', ['target' => ['hex' => '#1020ff']])->assertOk()->json('offers');
    expect(array_column($far, 'near'))->toBe(array_fill(0, 6, false))
        ->and($far[0]['words'])->toMatch('/^\d+ (yellower|greener)/')
        ->and($far[0]['delta_e'])->toBeGreaterThan(7.5);
    $this->send(
        'POST',
        '/mixes/search',
        ['target' => ['hex' => 'orange']],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/target/hex');
    Paint::query()->update(['left_ml' => 0]);
    $this->send(
        'POST',
        '/mixes/search',
        ['target' => ['hex' => '#c87030']],
    )->assertStatus(422)->assertJsonFragment(['detail' => 'There is no paint on the rack to mix from.']);
});

it('keeps a mix as a paint, poured from its bottles', function (): void {
    $white = $this->paint('White', 'opaque', '#f4f4f0', 10);
    $red = $this->paint('Red', 'opaque', '#b02020', 1);
    $form = [
        'name' => 'Shop pink',
        'parts' => [['paint' => $white->id, 'drops' => 3], ['paint' => $red->id, 'drops' => 1]],
        'made_ml' => 4,
    ];
    $pink = $this->send('POST', '/mixes', $form, ['Idempotency-Key' => 'pink-0001'])->assertCreated()->json();
    $this->send('POST', '/mixes', $form, ['Idempotency-Key' => 'pink-0001'])->assertCreated();
    expect($pink['left_ml'])->toEqual(4)
        ->and($pink['mix'])->toBe([
            ['paint' => $white->id, 'name' => 'White', 'drops' => 3],
            ['paint' => $red->id, 'name' => 'Red', 'drops' => 1],
        ])
        ->and($white->refresh()->left_ml)->toBe(7.0)
        ->and($red->refresh()->left_ml)->toBe(0.0)
        ->and(Paint::query()->count())->toBe(3);
    $this->send(
        'POST',
        '/mixes',
        $form,
        ['Idempotency-Key' => 'pink-0002'],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/made_ml');
    expect($white->refresh()->left_ml)->toBe(7.0);
    $sheet = $this->pattern();
    $this->edit($sheet['version'], ['op' => 'add', 'step' => $this->coat($pink['id'])])->assertOk();
});

it('ranks replacements by the finished bait', function (): void {
    $sheet = $this->pattern();
    $moss = Paint::query()->where('name', 'Moss')->firstOrFail();
    $near = $this->paint('Fen', 'transparent', '#4f6544');
    $far = $this->paint('Rust', 'transparent', '#a04010');
    $ranked = $this->send('POST', "/paints/{$moss->id}/replacements", ['mixed' => true])->assertOk()->json();
    $alone = array_values(array_filter($ranked['offers'], static fn(array $o): bool => count($o['parts']) === 1));
    expect($ranked['uses'])->toBe([[
        'version' => $sheet['version']['id'],
        'pattern' => $sheet['pattern']['id'],
        'name' => 'Gudgeon, gravel',
        'alone' => false,
    ]])
        ->and($alone[0]['parts'][0]['paint'])->toBe($near->id)
        ->and($alone[0]['delta_e'])->toBeLessThan(2)
        ->and(array_column(array_column($alone, 'parts'), 0))->not->toContain($moss->id)
        ->and(collect($alone)->firstWhere('parts.0.paint', $far->id)['delta_e'])->toBeGreaterThan(5)
        ->and(array_column($alone[0]['zones'], 'zone'))->toContain('back')->not->toContain('belly');
    $this->send('POST', "/paints/{$far->id}/replacements")->assertStatus(422);
});

it('ranks replacements on a painted eye, and says where of a mix only the most goes', function (): void {
    $sheet = $this->pattern();
    $amber = $this->paint('Amber', 'opaque', '#d89020');
    $near = $this->paint('Honey', 'opaque', '#d8982a');
    $this->edit($sheet['version'], ['op' => 'add', 'step' => ['type' => 'eye', 'diameter_mm' => 5, 'kind' => 'painted', 'rings' => [
        ['paint' => $amber->id, 'percent' => 100, 'by' => 'punch'],
    ]]])->assertOk();
    $ranked = $this->send('POST', "/paints/{$amber->id}/replacements")->assertOk()->json();
    expect($ranked['uses'][0]['alone'])->toBeTrue()
        ->and($ranked['offers'][0]['most'])->toBe($near->name)
        ->and(array_column($ranked['offers'][0]['zones'], 'zone'))->toBe(['eye'])
        ->and($ranked['offers'][1]['delta_e'])->toBeGreaterThan($ranked['offers'][0]['delta_e']);
});

it('shows a bait in other paints, changes the pattern, and keeps a variant of it', function (): void {
    $sheet = $this->pattern();
    $moss = Paint::query()->where('name', 'Moss')->firstOrFail();
    $blue = $this->paint('Fjord', 'transparent', '#33618e');
    $swaps = [['paint' => $moss->id, 'for' => [['paint' => $blue->id, 'drops' => 1]]]];
    $seen = $this->send('POST', "/versions/{$sheet['version']['id']}/preview", ['swaps' => $swaps])->assertOk()->json();
    $zones = collect($seen['zones'])->keyBy('zone');
    expect($zones['back']['delta_e'])->toBeGreaterThan(8)
        ->and($zones['belly']['delta_e'])->toBeLessThan(1)
        ->and($this->ask("/versions/{$sheet['version']['id']}")->json('revision'))->toBe($sheet['version']['revision']);

    $variant = $this->send(
        'POST',
        "/patterns/{$sheet['pattern']['id']}/variants",
        ['name' => 'Gudgeon, blue back', 'swaps' => $swaps],
    )->assertCreated()->json();
    expect($variant['pattern']['parent'])->toBe(['id' => $sheet['pattern']['id'], 'name' => 'Gudgeon, gravel'])
        ->and($variant['version']['steps'][2]['document']['mix'])->toBe([['paint' => $blue->id, 'drops' => 1]])
        ->and($this->ask("/versions/{$variant['version']['id']}/texture")->json('palette'))->toEqual($seen['texture']['palette']);

    $changed = $this->edit($sheet['version'], ['op' => 'swap', 'swaps' => $swaps])->assertOk()->json('version');
    expect($changed['steps'][2]['document']['mix'][0]['paint'])->toBe($blue->id);
    $undone = $this->send('POST', "/versions/{$changed['id']}/undo", ['revision' => $changed['revision']])->assertOk()->json('version');
    expect($undone['steps'][2]['document']['mix'][0]['paint'])->toBe($moss->id);

    $this->send(
        'POST',
        "/versions/{$sheet['version']['id']}/preview",
        ['swaps' => [['paint' => $blue->id, 'for' => [['paint' => $moss->id, 'drops' => 1]]]]],
    )
        ->assertStatus(422)->assertJsonPath('errors.0.pointer', '/swaps/0/paint');
});
