<?php

declare(strict_types=1);

use App\Models\Version;
use App\Stores\Bodies\Body;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

const CALIPERS = ['length_mm' => 70, 'exponent' => 2.1, 'stations' => [[0, 1, 1, 1], [0.3, 11, 10, 7], [0.7, 8, 8, 5], [1, 1, 1, 1]]];

it('shows a body while it is measured, and keeps nothing', function (): void {
    $look = $this->send('POST', '/bodies/look', CALIPERS + ['marks' => ['gill_u' => 0.3, 'hooks_u' => [0.4]]])->assertOk()->json();
    expect($look['shape']['area_mm2'])->toBeGreaterThan(1000)
        ->and(array_column($look['zones'], 'name'))->toContain('belly', 'eye surround', 'dorsal fin')
        ->and(collect($look['findable'])->keyBy('name')['the hook hanger']['mm'])->toEqual(28)
        ->and(Body::query()->count())->toBe(0);
    $longer = $this->send('POST', '/bodies/look', ['length_mm' => 140] + CALIPERS)->json();
    expect($longer['shape']['area_mm2'])->toBeGreaterThan($look['shape']['area_mm2']);
});

it('refuses measures that make no body, with what and where', function (array $change, string $pointer): void {
    $this->send('POST', '/bodies', $change + ['name' => 'X'] + CALIPERS)->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
    expect(Body::query()->count())->toBe(0);
})->with([
    [['length_mm' => 0], '/length_mm'],
    [['stations' => [[0, 1, 1, 1], [0.5, 9, 9, 5], [0.4, 9, 9, 5], [1, 1, 1, 1]]], '/stations/2/0'],
    [['stations' => []], '/stations'],
    [['condition' => 'sticky'], '/condition'],
    [['fittings' => ['wings']], '/fittings/0'],
    [['weight_g' => -1], '/weight_g'],
    [['marks' => ['gill_u' => 3]], '/marks/gill_u'],
]);

it('keeps what is told of a body and writes its preparation from it', function (): void {
    $body = $this->send(
        'POST',
        '/bodies',
        [
            'name' => 'Wooden',
            'material' => 'lime',
            'condition' => 'raw wood',
            'fittings' => ['fixed bill'],
            'weight_g' => 12.5,
            'stock' => 3,
        ] + CALIPERS,
    )->assertCreated()->json();
    $page = $this->ask("/bodies/{$body['id']}")->assertOk()->json();
    expect(array_column($page['preparation'], 'title'))->toBe(['Inspect', 'Seal', 'Sealer cures', 'Sand back', 'Mask', 'Wipe'])
        ->and($page['preparation'][1]['cautions'])->not->toBe([])
        ->and($page['body']['weight_g'])->toBe(12.5)
        ->and($page['form']['stations'][1])->toEqual([0.3, 11, 10, 7]);
    $sheet = $this->send('POST', '/patterns', ['name' => 'On wood', 'body_id' => $body['id']])->assertCreated()->json();
    expect(array_column(array_column($sheet['version']['steps'], 'shown'), 'name'))->toBe([
        'Inspect',
        'Seal',
        'Sealer cures',
        'Sand back',
        'Mask',
        'Wipe',
    ]);
});

it('takes up another body’s preparation with the body, and only once', function (): void {
    $wood = $this->send('POST', '/bodies', ['name' => 'Wooden', 'condition' => 'raw wood'] + CALIPERS)->json();
    $plain = $this->send('POST', '/bodies', ['name' => 'Plain', 'condition' => 'scuffed plastic', 'length_mm' => 90] + CALIPERS)->json();
    $sheet = $this->send('POST', '/patterns', ['name' => 'Carried', 'body_id' => $wood['id']])->json();
    $v = $this->edit($sheet['version'], ['op' => 'add', 'step' => $this->coat($this->paint()->id, ['title' => 'Base'])])->json('version');
    $v = $this->edit($v, ['op' => 'body', 'body_id' => $plain['id']])->assertOk()->json('version');
    expect(array_column(array_column($v['steps'], 'shown'), 'name'))->toBe(['Inspect', 'Wipe', 'Base']);
    $v = $this->edit($v, ['op' => 'prepare'])->assertOk()->json('version');
    expect($v['steps'])->toHaveCount(3);
    $bare = $this->send('POST', '/patterns', ['name' => 'Bare', 'body_id' => $plain['id'], 'prepare' => false])->json('version');
    expect($bare['steps'])->toBe([]);
    expect($this->edit($bare, ['op' => 'prepare'])->json('version.steps'))->toHaveCount(2);
});

it('changes what is kept, sets zones by hand, and refuses a stale hand', function (): void {
    $body = $this->send('POST', '/bodies', ['name' => 'Plain'] + CALIPERS)->json();
    $zone = ['from_u' => 0.1, 'to_u' => 0.5, 'soft_u' => 0.02, 'from_deg' => 140, 'to_deg' => 180, 'soft_deg' => 5];
    $page = $this->send(
        'PATCH',
        "/bodies/{$body['id']}",
        ['revision' => 1, 'stock' => 7, 'marks' => ['zones' => ['belly' => $zone]]],
    )->assertOk()->json();
    $belly = collect($page['zones'])->keyBy('name')['belly'];
    expect($page['body']['stock'])->toBe(7)->and($belly['own'])->toBeTrue()->and($belly['extent'])->toEqual($zone)
        ->and($page['body']['revision'])->toBe(2);
    $this->send('PATCH', "/bodies/{$body['id']}", ['revision' => 1, 'stock' => 9])->assertStatus(409)->assertJsonPath('current.stock', 7);
    $this->send('PATCH', "/bodies/{$body['id']}", ['revision' => 2, 'colour' => 'red'])->assertStatus(422);
});

it('keeps the measures of a body that baits were painted on', function (): void {
    ['version' => $v] = $this->pattern();
    $body = Body::query()->firstOrFail();
    Version::query()->whereKey($v['id'])->update(['painted_at' => now()]);
    $this->send('PATCH', "/bodies/{$body->id}", ['revision' => 1, 'length_mm' => 99])->assertStatus(422);
    $this->send('PATCH', "/bodies/{$body->id}", ['revision' => 1, 'weight_g' => 8])->assertOk();
    expect($body->refresh()->core()->lengthMm)->toBe(60.0);
});

it('takes lots in, looks them over bait by bait, and keeps the share of rejects', function (): void {
    $body = $this->send('POST', '/bodies', ['name' => 'Plain'] + CALIPERS)->json();
    $page = $this->send(
        'POST',
        "/bodies/{$body['id']}/lots",
        ['supplier' => 'Two Sheds', 'count' => 5, 'price' => 1.2, 'bought_on' => '2026-11-01'],
    )->assertCreated()->json();
    $lot = $page['lots'][0]['id'];
    expect($page['body']['stock'])->toBe(5)->and($page['body']['price'])->toBe(1.2)->and($page['lots'][0]['reject_share'])->toBeNull();
    $this->send('POST', "/lots/{$lot}/inspections", ['number' => 1, 'rejected' => false])->assertCreated();
    $this->send('POST', "/lots/{$lot}/inspections", ['number' => 2, 'rejected' => true, 'fault' => 'leaks'])->assertCreated();
    $page = $this->send('POST', "/lots/{$lot}/inspections", ['number' => 3, 'rejected' => true, 'fault' => 'bent hook hanger'])->json();
    expect($page['body']['stock'])->toBe(3)
        ->and($page['lots'][0])->toMatchArray(['inspected' => 3, 'rejected' => 2, 'reject_share' => 0.667]);
    // Looked over again, the later word holds and the body comes back.
    $page = $this->send('POST', "/lots/{$lot}/inspections", ['number' => 3, 'rejected' => false])->json();
    expect($page['body']['stock'])->toBe(4)->and($page['lots'][0]['rejected'])->toBe(1)
        ->and(DB::table('inspections')->count())->toBe(4);
    expect(fn() => DB::table('inspections')->update(['rejected' => 0]))->toThrow(Exception::class, 'only added');
});

it('refuses a bad lot or inspection with what and where', function (string $path, array $form, string $pointer): void {
    $body = $this->send('POST', '/bodies', ['name' => 'Plain'] + CALIPERS)->json();
    $lot = $this->send('POST', "/bodies/{$body['id']}/lots", ['count' => 5])->json('lots.0.id');
    $this->send(
        'POST',
        strtr($path, ['B' => $body['id'], 'L' => $lot]),
        $form,
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
})->with([
    ['/bodies/B/lots', ['count' => 0], '/count'],
    ['/bodies/B/lots', ['count' => 3, 'price' => -2], '/price'],
    ['/bodies/B/lots', ['count' => 3, 'bought_on' => '2026-02-31'], '/bought_on'],
    ['/lots/L/inspections', ['number' => 6, 'rejected' => false], '/number'],
    ['/lots/L/inspections', ['number' => 1, 'rejected' => true], '/fault'],
]);

it('traces a body from a photograph and from an SVG outline', function (): void {
    $image = imagecreatetruecolor(600, 300);
    imagefill($image, 0, 0, (int) imagecolorallocate($image, 40, 70, 110));
    imagefilledellipse($image, 300, 150, 480, 160, (int) imagecolorallocate($image, 230, 225, 210));
    $path = tempnam(sys_get_temp_dir(), 'hb').'.png';
    imagepng($image, $path);
    $picture = $this->upload(
        '/pictures',
        ['photo' => new UploadedFile($path, 'side.png', 'image/png', null, true)],
    )->assertCreated()->json();
    $outline = $this->send('POST', "/pictures/{$picture['id']}/silhouette")->assertOk()->json();
    expect($outline['nose'][0])->toEqualWithDelta(0.1, 0.02)->and($outline['tail'][0])->toEqualWithDelta(0.9, 0.02);
    $stations = $this->send('POST', '/bodies/trace', ['length_mm' => 96, 'side' => $outline])->assertOk()->json('stations');
    // An ellipse of 480 by 160 pixels, 96 mm long: 32 mm deep.
    expect(max(array_column($stations, 1)) + max(array_column($stations, 2)))->toEqualWithDelta(32.0, 1.2);
    $read = $this->send(
        'POST',
        '/bodies/outline',
        ['svg' => '<svg xmlns="http://www.w3.org/2000/svg"><script/><ellipse cx="50" cy="20" rx="48" ry="16"/></svg>'],
    )->assertOk()->json();
    expect($read['dropped'])->toBe(['<script>']);
    $stations = $this->send(
        'POST',
        '/bodies/trace',
        ['length_mm' => 96, 'side' => $read['outline'], 'above' => $read['outline']],
    )->json('stations');
    expect(max(array_column($stations, 1)))->toEqualWithDelta(16.0, 0.4)->and(max(array_column($stations, 3)))->toEqualWithDelta(16.0, 0.4);
});

it('refuses what cannot be traced, with the reason', function (): void {
    $image = imagecreatetruecolor(300, 200);
    $path = tempnam(sys_get_temp_dir(), 'hb').'.png';
    imagepng($image, $path);
    $picture = $this->upload('/pictures', ['photo' => new UploadedFile($path, 'dark.png', 'image/png', null, true)])->json();
    $this->send('POST', "/pictures/{$picture['id']}/silhouette")->assertStatus(422)->assertJsonPath(
        'detail',
        'No bait stands out in this photograph: lay it on a plain ground of another colour, or set the points by hand.',
    );
    $this->upload('/pictures', ['photo' => UploadedFile::fake()->create('huge.jpg', 40 * 1024, 'image/jpeg')])->assertStatus(422);
    $crossing = ['nose' => [0, 0], 'tail' => [10, 0], 'upper' => [[5, 4]], 'lower' => [[5, 2]]];
    $this->send(
        'POST',
        '/bodies/trace',
        ['length_mm' => 96, 'side' => $crossing],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/side/upper/0');
    $this->send(
        'POST',
        '/bodies/trace',
        ['length_mm' => 0, 'side' => $crossing],
    )->assertStatus(422)->assertJsonPath('errors.0.pointer', '/length_mm');
    $this->send(
        'POST',
        '/bodies/outline',
        ['svg' => '<!DOCTYPE a [<!ENTITY x SYSTEM "file:///etc/passwd">]><svg>&x;</svg>'],
    )->assertStatus(422);
});

it('takes a weight back, and leaves what is not spoken of', function (): void {
    $body = $this->send(
        'POST',
        '/bodies',
        ['name' => 'Plain', 'weight_g' => 9, 'fittings' => ['jointed'], 'stock' => 4] + CALIPERS,
    )->json();
    $page = $this->send('PATCH', "/bodies/{$body['id']}", ['revision' => 1, 'weight_g' => null])->assertOk()->json();
    expect($page['body']['weight_g'])->toBeNull()->and($page['body']['fittings'])->toBe(['jointed'])->and($page['body']['stock'])->toBe(4);
});

it('puts a body away and brings it back; patterns on it stay', function (): void {
    ['pattern' => $pattern] = $this->pattern();
    $body = Body::query()->firstOrFail();
    $this->send('PATCH', "/bodies/{$body->id}", ['revision' => 1, 'archived' => true])->assertOk()->assertJsonPath('body.archived', true);
    $this->ask("/patterns/{$pattern['id']}")->assertOk()->assertJsonPath('version.body.id', $body->id);
    $this->send('PATCH', "/bodies/{$body->id}", ['revision' => 2, 'archived' => false])->assertOk()->assertJsonPath('body.archived', false);
});

it('tells apart bodies that differ in nothing but a zone', function (): void {
    $zone = ['throat' => ['from_u' => 0.1, 'to_u' => 0.4, 'from_deg' => 140, 'to_deg' => 180]];
    $plain = $this->send('POST', '/bodies', ['name' => 'Twin'] + CALIPERS)->json('id');
    expect($this->send('POST', '/bodies', ['name' => 'Twin'] + CALIPERS)->json('id'))->toBe($plain)
        ->and($this->send('POST', '/bodies', ['name' => 'Twin', 'marks' => ['zones' => $zone]] + CALIPERS)->json('id'))->not->toBe($plain);
});

it('says of a form larger than the server takes what may be sent', function (): void {
    $answer = $this->call(
        'POST',
        '/api/v1/pictures',
        server: ['CONTENT_LENGTH' => 40 * 1024 * 1024 * 1024, 'HTTP_X_HAWKBRUSH' => '1', 'HTTP_ACCEPT' => 'application/json'],
    );
    $answer->assertStatus(413)->assertJsonPath('title', 'Too large');
    expect($answer->json('detail'))->toContain('up to 12 MB');
});

it('shows each zone within the body, the areas of fins small and of the belly large', function (): void {
    $zones = collect($this->send('POST', '/bodies/look', CALIPERS)->json('zones'))->keyBy('name');
    $whole = $this->send('POST', '/bodies/look', CALIPERS)->json('shape.area_mm2');
    foreach ($zones as $zone) {
        expect($zone['area_mm2'])->toBeGreaterThan(0)->toBeLessThan($whole)->and($zone['cover'])->toMatch('/[1-9a-f]/');
    }
    expect($zones['anal fin']['area_mm2'])->toBeLessThan($zones['belly']['area_mm2'])
        ->and($zones['muzzle']['area_mm2'])->toBeLessThan($zones['head']['area_mm2']);
});

it('lets mirror plastic shine unless it is said otherwise', function (): void {
    $shine = fn(array $body): mixed => $this->ask('/bodies/'.$this->send('POST', '/bodies', $body + CALIPERS)->json('id'))
        ->json('form.shine');
    expect($shine(['name' => 'Chrome', 'condition' => 'mirror plastic']))->toBe('mirror')
        ->and($shine(['name' => 'Dulled', 'condition' => 'mirror plastic', 'shine' => 'none']))->toBeNull()
        ->and($shine(['name' => 'Foiled', 'condition' => 'sealed wood', 'shine' => 'mirror']))->toBe('mirror');
    $this->send('POST', '/bodies', ['name' => 'Wet', 'shine' => 'wet'] + CALIPERS)->assertStatus(422);
});
