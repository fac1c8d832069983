<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Stores\Rack\Paint;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\SurfaceFinish;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Tests\LiveServer;

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
    [['price' => -1], '/price'],
    [['barcode' => 3], '/barcode'],
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
    expect(fn() => DB::table('paints')->delete())->toThrow(QueryException::class, 'FOREIGN KEY');
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
    $body = $this->send(
        'POST',
        '/bodies',
        ['name' => 'Wren 50', 'length_mm' => 50, 'stations' => [[0, 1, 1, 1], [0.4, 8, 8, 5], [1, 1, 1, 1]], 'stock' => 3],
    )->assertCreated()->json();
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

/** A card of a red paint that hides a little more than was guessed. */
function card(array $change = []): array
{
    return $change + [
        'revision' => 1,
        'white' => ['hex' => '#f2f2f0'],
        'black' => ['hex' => '#3c3c3c'],
        'over_white' => ['hex' => '#c86060'],
        'over_black' => ['hex' => '#6c4444'],
        'dry_um' => 10,
    ];
}

it('looks at a card first, and uses it only when told to', function (): void {
    $paint = $this->send('POST', '/paints', ['name' => 'Wine', 'kind' => 'transparent', 'hex' => '#b3202c'])->json();
    $seen = $this->send('POST', "/paints/{$paint['id']}/drawdown", card())->assertOk()->json();
    expect($seen['contrast_ratio'])->toBeBetween(0.05, 0.5)
        ->and($seen['coats'])->toHaveCount(6)
        ->and($seen['coats'][0]['over']['black']['delta_e'])->toBeGreaterThan(2)
        ->and($seen['paint']['from_card'])->toBeFalse()
        ->and(Paint::query()->find($paint['id'])?->from_card)->toBeFalse();
    $kept = $this->send('POST', "/paints/{$paint['id']}/drawdown", card(['keep' => true]))->assertOk()->json();
    expect($kept['paint']['from_card'])->toBeTrue()
        ->and($kept['paint']['revision'])->toBe(2)
        ->and($kept['paint']['chip'])->not->toBe($paint['chip']);
    $again = $this->send('POST', "/paints/{$paint['id']}/drawdown", card(['revision' => 2]))->assertOk()->json();
    // The same card once more says the same, a little surer.
    expect($again['coats'][5]['over']['white']['delta_e'])->toBeLessThan(0.2);
});

it('shows the card again in the film that was taught', function (): void {
    $paint = $this->send('POST', '/paints', ['name' => 'Wine', 'kind' => 'semi-opaque', 'hex' => '#b3202c'])->json();
    $this->send('POST', "/paints/{$paint['id']}/drawdown", card(['keep' => true]))->assertOk();
    $optics = Paint::query()->findOrFail($paint['id'])->core()->optics;
    $black = SurfaceFinish::Matte->body(Colour::fromHex('#3c3c3c')->reflectance());
    $film = FilmState::ground($black->values)->under(Film::of($optics, 10));
    $difference = DeltaE2000::between(
        Colour::fromReflectance(Spectrum::of(SurfaceFinish::Matte->seen($film->r)))->lab,
        Colour::fromHex('#6c4444')->lab,
    );
    expect($difference)->toBeLessThan(0.7);
});

it('refuses a bad card with the reason, and a stale hand', function (array $change, int $status, ?string $pointer): void {
    $paint = $this->send('POST', '/paints', ['name' => 'Wine', 'kind' => 'transparent', 'hex' => '#b3202c'])->json();
    $answer = $this->send('POST', "/paints/{$paint['id']}/drawdown", card($change + ['keep' => true]))->assertStatus($status);
    expect($answer->json('errors.0.pointer'))->toBe($pointer)
        ->and(Paint::query()->find($paint['id'])?->from_card)->toBeFalse();
})->with([
    'halves mixed up' => [['over_white' => ['hex' => '#6c4444'], 'over_black' => ['hex' => '#c86060']], 422, '/over_black'],
    'a grey card' => [['white' => ['hex' => '#444444']], 422, '/white'],
    'no film' => [['dry_um' => 0], 422, '/dry_um'],
    'no colour' => [['over_white' => ['hex' => 'red']], 422, '/over_white/hex'],
    'darker than matte can be' => [['over_black' => ['hex' => '#200808']], 422, '/over_black'],
    'a stale hand' => [['revision' => 7], 409, null],
]);

it('makes a backup, lists it and gives it out', function (): void {
    $data = sys_get_temp_dir().'/hawkbrush-test-backups-'.getmypid();
    config(['hawkbrush.data' => $data]);
    is_dir($data) || mkdir($data);
    copy(LiveServer::migrated(), $data.'/hawkbrush.sqlite');
    $made = $this->send('POST', '/backups')->assertCreated()->json();
    expect($made['id'])->toStartWith('by-hand-')->and($made['bytes'])->toBeGreaterThan(1000);
    $this->ask('/backups')->assertJsonPath('backups.0.id', $made['id']);
    $this->get("/api/v1/backups/{$made['id']}")->assertOk()->assertHeader('Content-Type', 'application/zip');
    $this->ask('/backups/'.rawurlencode('../hawkbrush.sqlite'))->assertStatus(404);
    unlink($data.'/hawkbrush.sqlite');
    $this->json(
        'POST',
        '/api/v1/backups',
        [],
        ['X-Hawkbrush' => '1'],
    )->assertStatus(507)->assertJsonPath('type', 'urn:hawkbrush:problem:not-backed-up');
    exec('rm -rf '.escapeshellarg($data));
});
