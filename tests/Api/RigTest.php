<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Stores\Rig\Equipment;

it('keeps airbrushes, compressors and dryers, of each kind one in hand', function (): void {
    $fine = $this->send('POST', '/equipment', ['kind' => 'airbrush', 'name' => 'Fine', 'nozzle_mm' => 0.2, 'gauge' => true])
        ->assertCreated()->assertJsonPath('in_hand', true)->json();
    $wide = $this->send('POST', '/equipment', ['kind' => 'airbrush', 'name' => 'Wide', 'nozzle_mm' => 0.5])
        ->assertCreated()->assertJsonPath('in_hand', false)->assertJsonPath('figures.cup_ml', 7)->json();
    $this->send('POST', '/equipment', ['kind' => 'compressor', 'name' => 'Tank', 'most_psi' => 60])->assertJsonPath('figures.most_psi', 60);
    $gun = $this->send('POST', '/equipment', ['kind' => 'dryer', 'name' => 'Gun', 'dryer' => ['kind' => 'heat gun', 'distance_mm' => 100]])
        ->assertCreated()->assertJsonPath('arrives.softens', true)->json();
    expect($gun['figures']['dryer']['out_c'])->toEqual(300);
    $this->send('PATCH', "/equipment/{$wide['id']}", ['revision' => 1, 'in_hand' => true])->assertOk()->assertJsonPath('in_hand', true);
    expect(Equipment::query()->where('in_hand', true)->where('kind', 'airbrush')->pluck('name')->all())->toBe(['Wide']);
    // Held further off it is another dryer; what is not named stays.
    $this->send('PATCH', "/equipment/{$gun['id']}", ['revision' => 1, 'dryer' => ['kind' => 'heat gun', 'distance_mm' => 600]])
        ->assertJsonPath('arrives.softens', false)->assertJsonPath('name', 'Gun');
    $this->send('PATCH', "/equipment/{$wide['id']}", ['revision' => 1, 'name' => 'Widest'])->assertConflict()->assertJsonPath('current.name', 'Wide');
    $this->send('PATCH', "/equipment/{$fine['id']}", ['revision' => 1, 'name' => 'Finest', 'cup_ml' => 2])
        ->assertJsonPath('figures', ['nozzle_mm' => 0.2, 'cup_ml' => 2, 'gauge' => true]);
    // What is put away is not in hand, and comes back.
    $this->send('PATCH', "/equipment/{$wide['id']}", ['revision' => 2, 'archived' => true])->assertJsonPath('in_hand', false);
    $this->send('PATCH', "/equipment/{$wide['id']}", ['revision' => 3, 'archived' => false])->assertJsonPath('archived', false);
    expect($this->ask('/equipment')->assertOk()->json('equipment'))->toHaveCount(4);
});

it('refuses what no airbrush or dryer is', function (array $form, string $pointer, string $says): void {
    $this->send('POST', '/equipment', $form)->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
    expect($this->send('POST', '/equipment', $form)->json('errors.0.detail'))->toContain($says)
        ->and(Equipment::query()->count())->toBe(0);
})->with([
    'a nozzle of 5 mm' => [['kind' => 'airbrush', 'name' => 'x', 'nozzle_mm' => 5], '/nozzle_mm', '0.1'],
    'no name' => [['kind' => 'airbrush', 'name' => ''], '/name', 'empty'],
    'another kind' => [['kind' => 'brush', 'name' => 'x'], '/kind', 'airbrush'],
    'a nozzle of a dryer' => [['kind' => 'dryer', 'name' => 'x', 'nozzle_mm' => 0.3], '/nozzle_mm', 'not known here'],
    'a dryer that burns' => [['kind' => 'dryer', 'name' => 'x', 'dryer' => ['kind' => 'heat gun', 'out_c' => 900]], '/dryer/out_c', '650'],
    'a dryer held at nothing' => [
        ['kind' => 'dryer', 'name' => 'x', 'dryer' => ['kind' => 'fan', 'distance_mm' => 0]], '/dryer/distance_mm', '10',
    ],
    'a compressor that bursts' => [['kind' => 'compressor', 'name' => 'x', 'most_psi' => 900], '/most_psi', '200'],
]);

it('takes the second press of the same form for the first', function (): void {
    $form = ['kind' => 'airbrush', 'name' => 'Fine'];
    $first = $this->send('POST', '/equipment', $form, ['Idempotency-Key' => 'rig-key-0001'])->json('id');
    expect($this->send('POST', '/equipment', $form, ['Idempotency-Key' => 'rig-key-0001'])->json('id'))->toBe($first)
        ->and(Equipment::query()->count())->toBe(1);
});
