<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Stores\Rack\Card;
use App\Stores\Rack\Paint;
use Hawkbrush\Core\Exchange\Cgats;

it('changes all that is known of a bottle, and guesses anew from another swatch', function (): void {
    $paint = $this->send(
        'POST',
        '/paints',
        [
            'name' => 'Moss',
            'kind' => 'transparent',
            'hex' => '#4d6340',
            'finish' => 'satin',
            'opened_on' => '2026-05-01',
            'drop_ml' => 0.04,
        ],
    )->assertCreated()->json();
    expect($paint['finish'])->toBe('satin')->and($paint['opened_on'])->toBe('2026-05-01')->and($paint['drop_ml'])->toBe(0.04);
    $renamed = $this->send(
        'PATCH',
        "/paints/{$paint['id']}",
        ['revision' => 1, 'name' => 'Dark moss', 'opened_on' => null, 'family' => 'acrylic ink', 'solids' => 0.2],
    )->assertOk()->json();
    $recoloured = $this->send('PATCH', "/paints/{$paint['id']}", ['revision' => 2, 'hex' => '#7d8360'])->assertOk()->json();
    expect($renamed['opened_on'])->toBeNull()
        ->and($renamed['chip'])->toBe($paint['chip'])
        ->and($recoloured['chip'])->not->toBe($paint['chip'])
        ->and($recoloured['solids'])->toBe(0.2)
        ->and($recoloured['revision'])->toBe(3);
    $this->send(
        'PATCH',
        "/paints/{$paint['id']}",
        ['revision' => 3, 'opened_on' => '2026-13-01'],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/opened_on');
});

it('keeps what a card taught when the swatch is changed', function (): void {
    $paint = $this->paint('Moss', 'transparent', '#4d6340');
    $this->send('POST', "/paints/{$paint->id}/drawdown", cardForm(['keep' => true, 'source' => 'colorimeter']))->assertOk();
    $optics = $paint->refresh()->optics;
    $this->send('PATCH', "/paints/{$paint->id}", ['revision' => 2, 'hex' => '#000000'])->assertOk()->assertJsonPath('from_card', true);
    expect($paint->refresh()->optics)->toEqual($optics)
        ->and(Card::query()->where('paint_id', $paint->id)->value('source'))->toBe('colorimeter');
});

/** @return array<string, mixed> */
function cardForm(array $more = []): array
{
    return $more + [
        'revision' => 1,
        'white' => ['hex' => '#f2f2f0'],
        'black' => ['hex' => '#3c3c3c'],
        'over_white' => ['hex' => '#7d8f6c'],
        'over_black' => ['hex' => '#3d4139'],
        'dry_um' => 6,
    ];
}

it('works out the film of a card from a gauge or from drops', function (): void {
    $paint = $this->paint('Moss', 'transparent', '#4d6340');
    $form = cardForm();
    unset($form['dry_um']);
    // 0.35 solids: 40 um wet, a quarter thinned; 12 drops of 0.05 ml over 100 x 50 mm.
    $this->send(
        'POST',
        "/paints/{$paint->id}/drawdown",
        $form + ['film' => ['wet_um' => 40, 'thinning_percent' => 25]],
    )->assertOk()->assertJsonPath('dry_um', 10.5);
    $this->send(
        'POST',
        "/paints/{$paint->id}/drawdown",
        $form + ['film' => ['drops' => 12, 'area_mm2' => 5000]],
    )->assertOk()->assertJsonPath('dry_um', 42);
    $this->send(
        'POST',
        "/paints/{$paint->id}/drawdown",
        $form + ['film' => ['drops' => 200, 'area_mm2' => 50]],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/film');
    $this->send('POST', "/paints/{$paint->id}/drawdown", $form)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/dry_um');
});

it('says in how many patterns a paint is used, and in which', function (): void {
    $sheet = $this->pattern();
    $rack = collect($this->ask('/paints')->assertOk()->json('paints'))->keyBy('name');
    expect($rack['Moss']['used_in'])->toBe(1)
        ->and($this->ask("/patterns?paint={$rack['Moss']['id']}")->assertOk()->json('patterns.*.id'))->toBe([$sheet['pattern']['id']]);
    $this->edit($sheet['version'], ['op' => 'remove', 'step' => $sheet['version']['steps'][2]['document']['id']])->assertOk();
    expect(collect($this->ask('/paints')->json('paints'))->keyBy('name')['Moss']['used_in'])->toBe(0)
        ->and($this->ask("/patterns?paint={$rack['Moss']['id']}")->json('patterns'))->toBe([]);
});

it('counts coats until hidden and until a colour, with the reason', function (): void {
    $white = $this->paint();
    $this->send('POST', "/paints/{$white->id}/coats", ['over' => 'black', 'weight' => 'medium', 'until' => ['hidden' => true]])
        ->assertOk()->assertJsonPath('wanted', null);
    $never = $this->send(
        'POST',
        "/paints/{$white->id}/coats",
        ['over' => 'white', 'until' => ['colour' => ['hex' => '#2040c0'], 'within' => 3]],
    )->assertOk()->json();
    expect($never['coats'])->toBeNull()
        ->and($never['reason'])->toContain('never gets there')
        ->and($never['wanted']['hex'])->toBe('#2040c0');
    $sheet = $this->pattern();
    $this->send(
        'POST',
        "/paints/{$white->id}/coats",
        ['over' => ['version' => $sheet['version']['id'], 'zone' => 'back'], 'until' => ['hidden' => true]],
    )->assertOk();
    $this->send(
        'POST',
        "/paints/{$white->id}/coats",
        ['over' => 'plaid', 'until' => ['hidden' => true]],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/over');
    $this->send('POST', "/paints/{$white->id}/coats", ['over' => 'black'])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/until');
});

it('takes the rack out as a table and in again, all of it or nothing', function (): void {
    $this->paint('White');
    $this->paint('Moss', 'transparent', '#4d6340');
    $csv = $this->get('/api/v1/rack.csv')->assertOk()->assertHeader('Content-Disposition', 'attachment; filename="rack.csv"')->getContent();
    expect($csv)->toStartWith('Name,Kind,Swatch (hex)')->toContain('Moss,transparent,#4d6340');
    $this->send(
        'POST',
        '/rack/import',
        ['csv' => str_replace('Moss', 'Fen', $csv)],
    )->assertOk()->assertJson(['added' => 1, 'changed' => 0]);
    expect(Paint::query()->count())->toBe(3);
    $this->send('POST', '/rack/import', ['csv' => $csv."New one,opaque,#ffffff\nBad,sticky,#ffffff\n"])->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', '/csv')->assertJsonFragment(['title' => 'This cannot be worked with']);
    expect(Paint::query()->count())->toBe(3);
});

it('keeps what was learnt of drying where a table says nothing of it', function (): void {
    $paint = $this->paint('White');
    $this->send(
        'PATCH',
        "/paints/{$paint->id}",
        ['revision' => 1, 'drying' => 1.4],
    )->assertOk()->assertJsonPath('drying', 1.4)->assertJsonPath('drying_runs', 0);
    $this->send(
        'PATCH',
        "/paints/{$paint->id}",
        ['revision' => 2, 'drying' => 9],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/drying');
    $this->send('POST', '/rack/import', ['csv' => "Name,Kind,Swatch (hex)\nWhite,opaque,#f4f4f0\n"])->assertOk();
    expect($paint->refresh()->drying)->toBe(1.4);
    $this->send(
        'POST',
        '/rack/import',
        ['csv' => "Name,Kind,Swatch (hex),Drying (times the model)\nWhite,opaque,#f4f4f0,0.8\n"],
    )->assertOk();
    expect($paint->refresh()->drying)->toBe(0.8);
});

it('writes a palette and reads one', function (): void {
    $this->paint('Moss', 'transparent', '#4d6340');
    $gpl = $this->get('/api/v1/rack.gpl')->assertOk()->getContent();
    $this->send('POST', '/palettes/read', ['text' => $gpl])->assertOk()->assertJsonPath(
        'colours.0',
        ['name' => 'Moss', 'hex' => '#4d6340'],
    );
    $this->send('POST', '/palettes/read', ['text' => 'nothing'])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/text');
});

it('writes the measured cards as CGATS and reads them', function (): void {
    $paint = $this->paint('Moss', 'transparent', '#4d6340');
    $this->send('POST', "/paints/{$paint->id}/drawdown", cardForm(['keep' => true]))->assertOk();
    $text = (string) $this->get('/api/v1/cards.cgats')->assertOk()->getContent();
    expect(array_column(Cgats::read($text), 'name'))->toBe(['Moss, on white', 'Moss, on black']);
    $read = $this->send('POST', '/readings/read', ['text' => $text])->assertOk()->json('readings');
    expect($read[0]['spectral'])->toBeTrue()->and($read[0]['as']['reflectance']['values'])->toHaveCount(31)
        ->and($read[0]['colour']['hex'])->toBe('#7d8f6c');
    $this->send('POST', '/readings/read', ['text' => 7])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/text');
});

it('takes back what a table brought in, as one', function (): void {
    $moss = $this->paint('Moss', 'transparent', '#4d6340');
    $rack = fn(): array => collect($this->ask('/paints')->json('paints'))->map(fn(array $p): array => [
        $p['name'],
        $p['hex'],
        $p['left_ml'],
    ])->all();
    $before = $rack();
    $table = "Name,Kind,Swatch (hex),Left (ml)\nMoss,opaque,#111111,3\nFen,opaque,#222222,4\nFen,opaque,#333333,5\n";
    $import = $this->send('POST', '/rack/import', ['csv' => $table])->assertOk()->assertJson(['added' => 1, 'changed' => 1])->json();
    expect($rack())->toHaveCount(2);
    $this->send('POST', "/rack/imports/{$import['id']}/undo")->assertOk()->assertJsonPath('undone', true);
    $this->send('POST', "/rack/imports/{$import['id']}/undo")->assertOk();
    expect($rack())->toBe($before);
    // A page that was opened before does not overwrite it unseen.
    $this->send('PATCH', "/paints/{$moss->id}", ['revision' => 1, 'left_ml' => 1])->assertStatus(409);

    $import = $this->send('POST', '/rack/import', ['csv' => $table])->json();
    $this->send(
        'PATCH',
        "/paints/{$moss->id}",
        ['revision' => Paint::query()->findOrFail($moss->id)->revision, 'left_ml' => 9],
    )->assertOk();
    $this->send('POST', "/rack/imports/{$import['id']}/undo")
        ->assertStatus(409)
        ->assertJsonPath('detail', 'Changed or used since the table was brought in: Moss. Nothing was undone; put these right by hand.');
    expect($rack())->toHaveCount(2);
});

it('counts only the lines of a table that say something new', function (): void {
    $this->paint('Moss', 'transparent', '#4d6340');
    $this->paint('White');
    $csv = (string) $this->ask('/rack.csv')->getContent();
    $this->send('POST', '/rack/import', ['csv' => $csv])->assertOk()->assertJson(['added' => 0, 'changed' => 0]);
    $changed = str_replace('#4d6340', '#4d6341', $csv);
    $this->send('POST', '/rack/import', ['csv' => $changed])->assertOk()->assertJson(['added' => 0, 'changed' => 1]);
});
