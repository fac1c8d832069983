<?php

declare(strict_types=1);

use App\Models\Version;
use App\Stores\Bodies\Body;
use App\Stores\Rack\Paint;
use Illuminate\Support\Facades\DB;
use Tests\FullDocuments;
use Tests\StepDocuments;

// Every field that a document has, set to something other than its default: it comes back by file, by database, by answer and by
// copy. The documents are made from their declarations, so that a field that is new is among them.

/** @return array<string, mixed> a recipe with all there is */
function wholeRecipe(): array
{
    $steps = [];
    foreach (StepDocuments::full() as $kind => $step) {
        $steps[] = ['id' => $kind, 'title' => ucfirst($kind).' it'] + $step;
    }

    return [
        'format' => 'hawkbrush.recipe/1', 'name' => 'All of it', 'species' => 'ruffe', 'water' => 'stained', 'notes' => 'Every field.',
        'body' => FullDocuments::of('body'),
        'paints' => array_map(
            static fn(string $name): array => ['name' => $name] + FullDocuments::of('paint'),
            ['white' => 'White', 'moss' => 'Moss'],
        ),
        'steps' => $steps,
    ];
}

/**
 * With the names of paints in place of their ids, which each rack gives anew.
 *
 * @param list<array<string, mixed>> $steps
 * @param array<string, string> $names by id
 *
 * @return list<array<string, mixed>>
 */
function byName(array $steps, array $names): array
{
    array_walk_recursive($steps, static function (mixed &$value, mixed $key) use ($names): void {
        $value = $key === 'paint' ? strtolower($names[$value] ?? (string) $value) : $value;
    });

    return $steps;
}

/** @return array<string, string> of the rack, by id */
function paintNames(): array
{
    return Paint::query()->pluck('name', 'id')->all();
}

it('brings every field of a recipe back by file, by answer, by database and by copy', function (): void {
    $whole = wholeRecipe();
    $made = $this->send('POST', '/patterns/import', $whole)->assertCreated()->json();
    $version = $made['version'];

    // By answer.
    expect(byName(array_column($version['steps'], 'document'), paintNames()))->toEqual($whole['steps']);
    // By database: read anew.
    $kept = Version::query()->findOrFail($version['id']);
    expect(byName($kept->steps, paintNames()))->toEqual($whole['steps']);
    $body = Body::query()->findOrFail($version['body']['id']);
    expect($body->core()->document())->toEqual($whole['body']);
    foreach (Paint::query()->get() as $paint) {
        expect($paint->core()->document())->toEqual($whole['paints'][strtolower($paint->name)]);
    }
    // By file.
    $file = $this->ask("/patterns/{$made['pattern']['id']}/export")->assertOk()->json();
    $names = array_map(static fn(array $paint): string => $paint['name'], $file['paints']);
    expect(byName($file['steps'], $names))->toEqual($whole['steps'])
        ->and($file['body'])->toEqual($whole['body'])
        ->and(array_column($file['paints'], null, 'name'))->toEqual(array_column($whole['paints'], null, 'name'))
        ->and(array_intersect_key($file, array_flip(['name', 'species', 'water', 'notes'])))
        ->toEqual(array_intersect_key($whole, array_flip(['name', 'species', 'water', 'notes'])));
    // By copy: a version that goes on from it, and each step once more.
    $copy = $this->send('POST', "/versions/{$version['id']}/go-on")->assertCreated()->json('version');
    expect(byName(array_column($copy['steps'], 'document'), paintNames()))->toEqual($whole['steps']);
    foreach ($whole['steps'] as $step) {
        $change = ['op' => 'duplicate', 'step' => $step['id']];
        $edit = ['revision' => $copy['revision'], 'change' => $change];
        $copy = $this->send('POST', "/versions/{$copy['id']}/edits", $edit)->json('version');
    }
    $twice = byName(array_column($copy['steps'], 'document'), paintNames());
    foreach ($whole['steps'] as $i => $step) {
        expect(['id' => $step['id']] + $twice[2 * $i + 1])->toEqual($step);
    }
});

it('brings every field of a body back that its form takes', function (): void {
    $form = FullDocuments::of('body');
    $body = $this->send('POST', '/bodies', $form)->assertCreated()->json();
    expect($this->ask("/bodies/{$body['id']}")->json('form'))->toEqual(array_diff_key($form, ['name' => 1, 'material' => 1]));
});

it('brings every field of a store back: eyes and clears', function (string $store, array $form): void {
    $one = $this->send('POST', "/{$store}", $form)->assertCreated()->json();
    expect(array_intersect_key($one, $form))->toEqual($form);
    $kept = $this->ask("/{$store}")->json($store === 'clears' ? 'clears' : 'eyes');
    expect(array_intersect_key(array_column($kept, null, 'id')[$one['id']], $form))->toEqual($form);
})->with([
    'eyes' => ['eyes', fn(): array => FullDocuments::made(App\Stores\Eyes\EyeCard::fields())],
    'clears' => ['clears', fn(): array => FullDocuments::made(App\Stores\Clears\ClearBottle::fields()) + FullDocuments::of('sheet of a clear')],
]);

it('shows, runs and exports a pattern whose figures lie outside of today\'s bounds, and lets the painter mend it', function (): void {
    ['version' => $v, 'pattern' => $pattern] = $this->pattern();
    $steps = array_map(
        static fn(array $step): array => ($step['type'] === 'paint' ? ['psi' => 900, 'strokes' => 500] : []) + $step,
        array_column($v['steps'], 'document'),
    );
    Version::query()->whereKey($v['id'])->update(['steps' => json_encode($steps)]);
    $at = array_search('paint', array_column($steps, 'type'), true);

    $version = $this->getJson("/api/v1/versions/{$v['id']}")->assertOk()->json();
    expect($version['steps'][$at]['document']['psi'])->toEqual(900)
        ->and(array_column($version['steps'][$at]['outside'], 'field'))->toBe(['psi', 'strokes'])
        ->and($version['steps'][$at]['outside'][0]['says'])->toBe('900 (today 0.5 to 120)');
    foreach (['texture', 'core?u=0.5&deg=90', 'advice', 'air'] as $what) {
        $this->getJson("/api/v1/versions/{$v['id']}/{$what}")->assertOk();
    }
    expect($this->getJson("/api/v1/patterns/{$pattern['id']}/export")->assertOk()->json("steps.{$at}.psi"))->toEqual(900);

    $edit = fn(array $set) => $this->json('POST', "/api/v1/versions/{$v['id']}/edits", [
        'revision' => Version::query()->findOrFail($v['id'])->revision,
        'change' => ['op' => 'change', 'step' => $steps[$at]['id'], 'set' => $set],
    ], ['X-Hawkbrush' => '1']);
    // What is set is held to the bounds; the rest stays until it is set.
    $edit(['strokes' => 900])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/change/set/strokes');
    $edited = $edit(['strokes' => 5])->assertOk()->json("version.steps.{$at}");
    expect($edited['document']['psi'])->toEqual(900)
        ->and($edited['outside'])->toBe([['field' => 'psi', 'says' => '900 (today 0.5 to 120)']]);

    $plan = ['version_id' => $v['id'], 'baits' => 1, 'air_c' => 21, 'humidity_percent' => 50];
    $run = $this->json('POST', '/api/v1/runs', $plan, ['X-Hawkbrush' => '1'])->assertCreated()->json();
    $this->json('POST', "/api/v1/runs/{$run['id']}/start", [], ['X-Hawkbrush' => '1'])->assertOk();
    $this->getJson("/api/v1/runs/{$run['id']}")->assertOk();
});

it('shows a body, a paint, eyes, a clear and a rig that lie outside of today\'s bounds', function (): void {
    ['version' => $v] = $this->pattern();
    $this->send('POST', '/eyes', ['name' => 'Glass', 'diameter_mm' => 5])->assertCreated();
    $this->send('POST', '/clears', ['name' => 'Clear', 'kind' => 'two-part epoxy'])->assertCreated();
    $this->send('POST', '/equipment', ['name' => 'Brush', 'kind' => 'airbrush'])->assertCreated();
    $body = Body::query()->findOrFail($v['body']['id']);
    $body->update(['form' => ['length_mm' => 4000, 'marks' => ['eye_socket_mm' => 90] + (array) $body->form['marks']] + $body->form]);
    DB::table('paints')->update(['drop_ml' => 3, 'drying' => 9]);
    DB::table('eyes')->update(['diameter_mm' => 70]);
    DB::table('clears')->update(['figures' => json_encode(['label_min' => 9000, 'parts_a' => 1, 'parts_b' => 1])]);
    DB::table('equipment')->update(['figures' => json_encode(['nozzle_mm' => 9, 'cup_ml' => 900, 'gauge' => true])]);
    foreach (["/bodies/{$body->id}", "/versions/{$v['id']}", '/paints', '/eyes', '/clears', '/equipment', "/versions/{$v['id']}/texture"] as $path) {
        $this->getJson('/api/v1'.$path)->assertOk();
    }
});
