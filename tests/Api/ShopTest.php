<?php

declare(strict_types=1);

use App\Models\Pattern;
use App\Models\Version;
use App\Stores\Bodies\Body;
use App\Stores\Clears\ClearBottle;
use App\Stores\Eyes\EyeCard;
use App\Stores\Masks\Mask;
use App\Stores\Rack\Paint;
use Hawkbrush\Core\Clear\Clear;

// How a new shop begins.

it('fills an empty shop with a starter shop, once', function (): void {
    $this->send('POST', '/shop/begin', ['with' => 'starter'])->assertCreated()->assertJsonPath('samples', 0);
    expect(Paint::query()->pluck('kind')->countBy()->all())->toEqualCanonicalizing(['opaque' => 3, 'pearl' => 1, 'transparent' => 6])
        ->and(Body::query()->where('stock', '>', 0)->count())->toBe(6)
        ->and(ClearBottle::query()->where('in_use', true)->pluck('kind')->all())->toEqualCanonicalizing(Clear::names())
        ->and(EyeCard::query()->count())->toBe(3)
        ->and(Mask::query()->count())->toBe(3);
    $this->send('POST', '/shop/begin', ['with' => 'starter'])->assertStatus(422);
    expect(Paint::query()->count())->toBe(10);
});

it('keeps all of a starter shop or nothing', function (): void {
    // Something is in the way of the last of it.
    Mask::creating(static fn(): bool => throw new RuntimeException('no mask today'));
    expect(fn() => $this->withoutExceptionHandling()->send('POST', '/shop/begin', ['with' => 'starter']))->toThrow(RuntimeException::class)
        ->and(Paint::query()->count())->toBe(0)
        ->and(Body::query()->count())->toBe(0);
});

it('refuses to begin with what it does not know', function (array $form, string $pointer): void {
    $this->send('POST', '/shop/begin', $form)->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
})->with([[['with' => 'everything'], '/with'], [[], '/with'], [['with' => 'starter', 'more' => 1], '/more']]);

it('puts samples in and throws them away, with all that came with them', function (): void {
    $this->send('POST', '/shop/begin', ['with' => 'samples'])->assertCreated()->assertJsonPath('samples', 6);
    expect($this->ask('/patterns')->json('patterns'))->toHaveCount(6)->and(Paint::query()->count())->toBeGreaterThan(10);
    $this->send('POST', '/shop/begin', ['with' => 'samples'])->assertStatus(422);
    $this->send('DELETE', '/shop/samples', [])->assertOk()->assertJsonPath('samples', 0);
    foreach ([Pattern::class, Version::class, Paint::class, Body::class] as $model) {
        expect($model::query()->count())->toBe(0, $model);
    }
    // And may be looked at again.
    $this->send('POST', '/shop/begin', ['with' => 'samples'])->assertCreated();
});

it('keeps of the samples what something was made of, and all that was there before', function (): void {
    $this->send('POST', '/shop/begin', ['with' => 'starter'])->assertCreated();
    $this->send('POST', '/shop/begin', ['with' => 'samples'])->assertCreated();
    $roach = Pattern::query()->where('species', 'roach')->sole();
    $run = ['version_id' => $roach->current_id, 'baits' => 1, 'air_c' => 20, 'humidity_percent' => 50];
    $this->send('POST', '/runs', $run)->assertCreated();
    // A pattern of the painter's own, on a body and with a paint that came with a sample.
    $zander = Pattern::query()->where('species', 'zander')->sole()->current;
    $own = $this->send('POST', '/patterns', ['name' => 'Mine', 'body_id' => $zander->body_id])->assertCreated()->json('version');
    $brass = Paint::query()->where('name', 'Brass')->sole();
    $mix = [['paint' => $brass->id, 'drops' => 1]];
    $step = ['type' => 'paint', 'title' => 'All', 'mix' => $mix, 'technique' => ['name' => 'spray'], 'where' => ['zone' => 'whole']];
    $edit = ['revision' => 1, 'change' => ['op' => 'add', 'step' => $step]];
    $added = $this->send('POST', "/versions/{$own['id']}/edits", $edit)->assertOk()->json();
    // Taken back, it could still be done again.
    $this->send('POST', "/versions/{$own['id']}/undo", ['revision' => $added['version']['revision']])->assertOk();
    $this->send('DELETE', '/shop/samples', [])->assertOk();
    expect(Pattern::query()->pluck('name')->sort()->values()->all())->toBe(['Mine', $roach->name])
        ->and(Body::query()->whereKey($zander->body_id)->exists())->toBeTrue()
        ->and(Paint::query()->whereKey($brass->id)->exists())->toBeTrue()
        ->and(Paint::query()->where('name', 'Transparent green')->exists())->toBeTrue()
        ->and(Paint::query()->where('name', 'Signal orange')->exists())->toBeFalse();
    $this->ask("/patterns/{$roach->id}")->assertOk();
    $this->ask('/runs')->assertOk();
});

it('keeps samples as patterns like any other', function (): void {
    $this->send('POST', '/shop/begin', ['with' => 'samples'])->assertCreated();
    $this->send('DELETE', '/shop/samples?keep=yes', [])->assertOk()->assertJsonPath('samples', 0);
    $this->send('DELETE', '/shop/samples', [])->assertOk();
    expect(Pattern::query()->count())->toBe(6);
});

it('offers usual shapes and makes a body of one, by its length alone', function (): void {
    $shapes = collect($this->ask('/bodies/shapes')->assertOk()->json('shapes'))->keyBy('name');
    expect($shapes)->toHaveCount(6)->and($shapes['minnow']['shape']['length_mm'])->toEqual(90);
    $at = collect($this->ask('/bodies/shapes?length_mm=110')->json('shapes'))->keyBy('name');
    $body = $this->send('POST', '/bodies/shaped', ['shape' => 'minnow', 'length_mm' => 110, 'stock' => 2])->assertCreated()->json();
    expect($body)->toMatchArray(['name' => 'Minnow 110', 'stock' => 2])
        ->and($body['area_mm2'])->toEqual($at['minnow']['shape']['area_mm2']);
    // What stands behind it is a body like any other.
    $this->send('POST', '/bodies', $at['minnow']['form'] + ['name' => 'Measured'])->assertCreated();
});

it('refuses a shape it does not know and a length nobody casts', function (array $form, string $pointer): void {
    $this->send('POST', '/bodies/shaped', $form + ['shape' => 'minnow', 'length_mm' => 90])->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', $pointer);
    expect(Body::query()->count())->toBe(0);
})->with([
    [['shape' => 'brick'], '/shape'],
    [['length_mm' => 0], '/length_mm'],
    [['length_mm' => 'long'], '/length_mm'],
    [['name' => ''], '/name'],
    [['stock' => -1], '/stock'],
]);
