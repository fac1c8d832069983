<?php

declare(strict_types=1);

use App\Models\Paint;
use Illuminate\Support\Facades\DB;

it('puts a paint on the rack with its optics guessed, and shows how it covers', function (): void {
    $opaque = $this->send('POST', '/paints', ['name' => 'White', 'kind' => 'opaque', 'hex' => '#f4f4f0'])->assertCreated()->json();
    $thin = $this->send('POST', '/paints', ['name' => 'Moss', 'kind' => 'transparent', 'hex' => '#4d6340'])->assertCreated()->json();
    expect($thin['chip']['black'])->not->toBe($thin['chip']['white'])
        ->and($opaque['from_card'])->toBeFalse()
        ->and($opaque['left_ml'])->toEqual(30);
    $this->ask('/paints')->assertJsonCount(2, 'paints');
});

it('refuses a bad paint with what and where', function (array $form, string $pointer): void {
    $this->send('POST', '/paints', $form + ['name' => 'White', 'kind' => 'opaque', 'hex' => '#ffffff'])
        ->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', $pointer);
    expect(Paint::query()->count())->toBe(0);
})->with([
    [['name' => ''], '/name'],
    [['kind' => 'sticky'], '/kind'],
    [['hex' => 'white'], '/hex'],
    [['solids' => 2], '/solids'],
    [['bottle_ml' => 0], '/bottle_ml'],
    [['left_ml' => -1], '/left_ml'],
    [['price' => 3], '/price'],
]);

it('restocks and archives, and refuses a stale hand', function (): void {
    $paint = $this->send('POST', '/paints', ['name' => 'White', 'kind' => 'opaque', 'hex' => '#f4f4f0'])->json();
    $this->send('PATCH', "/paints/{$paint['id']}", ['revision' => 1, 'left_ml' => 4.5])
        ->assertOk()
        ->assertJsonPath('left_ml', 4.5);
    $this->send('PATCH', "/paints/{$paint['id']}", ['revision' => 1, 'left_ml' => 9])
        ->assertStatus(409)
        ->assertJsonPath('current.left_ml', 4.5)
        ->assertJsonPath('yours.left_ml', 9);
    $this->send('PATCH', "/paints/{$paint['id']}", ['revision' => 2, 'archived' => true])
        ->assertOk()
        ->assertJsonPath('archived', true);
    $this->send('PATCH', '/paints/none', ['revision' => 1])->assertNotFound();
});

it('never loses a paint that a pattern needs', function (): void {
    $this->pattern();
    expect(fn() => DB::table('paints')->delete())->toThrow(Illuminate\Database\QueryException::class, 'FOREIGN KEY');
});

it('carries out a write sent twice once', function (): void {
    $form = ['name' => 'White', 'kind' => 'opaque', 'hex' => '#f4f4f0'];
    $first = $this->send('POST', '/paints', $form, ['Idempotency-Key' => 'try-0001'])->assertCreated()->json();
    expect($this->send('POST', '/paints', $form, ['Idempotency-Key' => 'try-0001'])->assertCreated()->json())->toBe($first)
        ->and(Paint::query()->count())->toBe(1);
    $this->send('POST', '/paints', ['name' => 'Other'] + $form, ['Idempotency-Key' => 'try-0001'])
        ->assertStatus(422);
});

it('puts a body into the drawer with its area and profile', function (): void {
    $body = $this->send('POST', '/bodies', ['name' => 'Wren 50', 'length_mm' => 50, 'stations' => [[0, 1, 1, 1], [0.4, 8, 8, 5], [1, 1, 1, 1]], 'stock' => 3])->assertCreated()->json();
    expect($body['area_mm2'])->toBeBetween(1000, 3000)
        ->and(max($body['profile']['top_mm']))->toBeBetween(7.9, 8.6)
        ->and($body['stock'])->toBe(3);
    $this->send('POST', '/bodies', ['name' => 'Bad', 'length_mm' => 50, 'stations' => [[0, 1, 1, 1]]])
        ->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', '/stations');
    $this->ask('/bodies')->assertJsonCount(1, 'bodies');
});

it('keeps units and room, and works out the dew point', function (): void {
    $this->ask('/settings')->assertJsonPath('pressure', 'psi')->assertJsonPath('dew_point_c', 10.2);
    $this->send('PUT', '/settings', ['pressure' => 'bar', 'air_c' => 20, 'humidity_percent' => 95])
        ->assertOk()
        ->assertJsonPath('clear_coat_ok', false);
    $this->ask('/settings')->assertJsonPath('pressure', 'bar')->assertJsonPath('length', 'mm');
    $this->send('PUT', '/settings', ['pressure' => 'atm'])
        ->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', '/pressure');
    $this->send('PUT', '/settings', ['humidity_percent' => 0])->assertStatus(422);
});
