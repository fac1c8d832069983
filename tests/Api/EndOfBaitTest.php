<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Stores\Rack\Paint;

it('keeps a clear that has yellowed, shows it on white, and tells a plan that counts on another', function (): void {
    $clear = ['kind' => 'two-part epoxy', 'name' => 'Old', 'yellow_percent' => 60];
    $old = $this->send('POST', '/clears', $clear)->assertCreated()->assertJsonPath('yellow_percent', 60)->json();
    $new = $this->send('POST', '/clears', ['name' => 'New'] + $clear)->json();
    $water = $this->send('PATCH', "/clears/{$new['id']}", ['revision' => 1, 'yellow_percent' => 0])->assertOk()->json();
    expect($old['chip']['white'])->not->toBe($water['chip']['white'])->and($water['chip']['white'])->toMatch('/^#e/');
    ['version' => $version] = $this->pattern();
    $add = fn(array $step): array => $this->edit($version, ['op' => 'add', 'step' => $step])->assertOk()->json('version');
    $version = $add(['type' => 'clear', 'clear' => 'two-part epoxy']);
    $form = ['version_id' => $version['id'], 'baits' => 2, 'air_c' => 21, 'humidity_percent' => 50];
    $says = fn(): string => implode(' ', $this->send('POST', '/runs/plan', $form)->json('plan.steps.3.batch.says'));
    expect($says())->toContain('yellowed by 60 %');
    $set = ['op' => 'change', 'step' => $version['steps'][3]['document']['id'], 'set' => ['yellow_percent' => 60]];
    $version = $this->edit($version, $set)->json('version');
    expect($says())->toBe('')->and($version['steps'][3]['shown']['chip']['white'])->toBe($old['chip']['white']);
});

it('takes the dose of a resin and the light of its lamp into account', function (): void {
    $resin = ['kind' => 'UV resin', 'name' => 'Lamp', 'dose_j_cm2' => 6, 'lamp_mw_cm2' => 10];
    // 6 J/cm2 at 10 mW/cm2 are 600 s.
    $this->send('POST', '/clears', $resin)->assertCreated()->assertJsonPath('here.hard_min', 10);
    foreach ([['dose_j_cm2' => 0], ['lamp_mw_cm2' => 9999], ['yellow_percent' => -1]] as $bad) {
        $this->send('POST', '/clears', $bad + $resin)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/'.array_key_first($bad));
    }
});

it('lays what is stirred into a clear where it is said, and plans it like paint', function (): void {
    ['version' => $version] = $this->pattern();
    $flakes = $this->paint('Flakes', 'metallic', '#c9a045', 5);
    $stirred = [['paint' => $flakes->id, 'percent' => 2, 'flake_mm' => 0.5, 'where' => ['zone' => 'belly']]];
    $clear = ['type' => 'clear', 'clear' => 'two-part epoxy', 'stirred' => $stirred];
    $version = $this->edit($version, ['op' => 'add', 'step' => $clear])->assertOk()->json('version');
    $shown = $version['steps'][3]['shown'];
    $rows = str_split($shown['cover'], 48);
    expect(max(array_map(hexdec(...), str_split($rows[23]))))->toBeGreaterThan(0)->and(trim($rows[0], '0'))->toBe('')
        ->and($shown['chip']['white'])->toBe('#c9a045');
    $form = ['version_id' => $version['id'], 'baits' => 3, 'air_c' => 21, 'humidity_percent' => 50];
    $plan = $this->send('POST', '/runs/plan', $form)->assertOk()->json('plan');
    expect($plan['steps'][3]['stirs'][0]['name'])->toBe('Flakes')->and($plan['steps'][3]['stirs'][0]['ml'])->toBeGreaterThan(0.0);
    // It goes out with the recipe, and comes in again with its paint.
    $document = $this->ask("/patterns/{$version['pattern_id']}/export")->assertOk()->json();
    expect($document['paints'])->toHaveKey($flakes->id);
    Paint::query()->whereKey($flakes->id)->update(['hex' => '#123456']);
    $in = $this->send('POST', '/patterns/import', $document)->assertCreated()->json('version.steps.3.document.stirred.0');
    expect($in['percent'])->toEqual(2)->and($in['paint'])->not->toBe('');
    $none = ['stirred' => [['paint' => 'none'] + $stirred[0]]];
    $this->edit($version, ['op' => 'change', 'step' => $version['steps'][3]['document']['id'], 'set' => $none])->assertStatus(422);
});

it('dips a bait, is taken hold of where that ends, and asks for caution before the first heat', function (): void {
    ['version' => $version] = $this->pattern();
    $dip = ['type' => 'dip', 'mix' => [['paint' => $this->paint('Pearl', 'pearl', '#e6e6e4')->id, 'drops' => 1]]];
    $version = $this->edit($version, ['op' => 'add', 'step' => $dip])->assertOk()->json('version');
    ['document' => $document, 'shown' => $shown] = $version['steps'][3];
    expect($document['to_u'])->toEqual(0.88)->and($shown['hazards'])->toContain('molten vinyl')->and($shown['name'])->toBe('Dip, Pearl');
    $handles = $this->ask("/versions/{$version['id']}/steps/{$document['id']}")->assertOk()->json('handles');
    expect(array_column($handles, 'id'))->toBe(['depth']);
    $pull = ['op' => 'handle', 'step' => $document['id'], 'handle' => 'depth', 'to' => ['u' => 0.6, 'deg' => 90], 'free' => true];
    $version = $this->edit($version, $pull)->assertOk()->json('version');
    expect($version['steps'][3]['document']['to_u'])->toEqualWithDelta(0.6, 0.01);
    $this->edit($version, ['op' => 'place', 'step' => $document['id'], 'where' => ['zone' => 'back']])->assertStatus(422);
    $form = ['version_id' => $version['id'], 'baits' => 3, 'air_c' => 21, 'humidity_percent' => 50];
    $plan = $this->send('POST', '/runs/plan', $form)->assertOk()->json('plan');
    expect($plan['cost']['not_known'])->toContain('the vinyl')
        ->and($plan['steps'][3]['melt']['heats'][0])->toBe(60)->and(implode(' ', $plan['cautions']))->toContain('Molten vinyl burns')
        ->and($plan['steps'][0]['melt'])->toBeNull();
});

it('begins a new eye with what fits this body, draws it as it is, and paints one of its own paints', function (): void {
    ['version' => $version] = $this->pattern();
    $version = $this->edit($version, ['op' => 'add', 'step' => ['type' => 'eye']])->assertOk()->json('version');
    ['document' => $document, 'shown' => $shown] = $version['steps'][3];
    // The body of this test has a socket of 5 mm.
    expect($document['diameter_mm'])->toEqual(5)->and($shown['eye']['kind'])->toBe('domed')
        ->and($shown['eye']['dome_mm'])->toBeGreaterThan(0);
    $white = $version['steps'][0]['document']['mix'][0]['paint'] ?? $version['steps'][1]['document']['mix'][0]['paint'];
    $rings = [['paint' => $white, 'percent' => 100], ['paint' => $white, 'percent' => 40, 'by' => 'pen']];
    $set = ['op' => 'change', 'step' => $document['id'], 'set' => ['kind' => 'painted', 'rings' => $rings, 'spark' => true]];
    $version = $this->edit($version, $set)->assertOk()->json('version');
    $eye = $version['steps'][3]['shown']['eye'];
    expect($eye['dome_mm'])->toEqual(0)->and($eye['discs'])->toHaveCount(1)->and($eye['pupil']['percent'])->toEqual(40)
        ->and($eye['glint']['percent'])->toBeGreaterThan(0);
    // Every picture of the bait has the eye that its step shows, on what lies below it.
    $texture = fn(string $upto): array => $this->ask("/versions/{$version['id']}/texture?upto={$upto}&v={$version['revision']}")
        ->assertOk()->json();
    expect($texture($document['id'])['eye'])->toEqual($eye)->and($texture($version['steps'][2]['document']['id']))->not->toHaveKey('eye');
});

it('adds up what a bait costs, and says what it does not know the price of', function (): void {
    ['version' => $version] = $this->pattern();
    $version = $this->edit($version, ['op' => 'add', 'step' => ['type' => 'eye', 'diameter_mm' => 5, 'kind' => 'flat']])->json('version');
    $version = $this->edit($version, ['op' => 'add', 'step' => ['type' => 'clear', 'clear' => 'two-part epoxy']])->json('version');
    $this->send('POST', '/eyes', ['name' => 'Flats', 'diameter_mm' => 5, 'kind' => 'flat', 'left' => 40, 'price' => 0.25]);
    $this->send('POST', '/clears', ['kind' => 'two-part epoxy', 'name' => 'Half hour', 'bottle_ml' => 100, 'price' => 20]);
    $form = ['version_id' => $version['id'], 'baits' => 4, 'air_c' => 21, 'humidity_percent' => 50];
    $plan = fn(): array => $this->send('POST', '/runs/plan', $form)->assertOk()->json('plan');
    $before = $plan();
    $by = array_column($before['cost']['by'], 'cost', 'what');
    // Eight eyes at 0.25, and the clear by what it takes of a bottle of 100 ml for 20.
    expect($by['eyes'])->toEqualWithDelta(2.0, 1e-9)
        ->and($by['clear'])->toEqualWithDelta(0.2 * $before['steps'][4]['batch']['takes_ml'], 0.02)
        ->and($before['cost']['each'])->toEqualWithDelta($before['cost']['total'] / 4, 0.01);
    $paint = Paint::query()->whereIn('name', $before['cost']['not_known'])->firstOrFail();
    $this->send('PATCH', "/paints/{$paint->id}", ['revision' => $paint->revision, 'price' => 6])->assertOk()->assertJsonPath('price', 6);
    $after = $plan()['cost'];
    expect($after['not_known'])->not->toContain($paint->name)->and($after['total'])->toBeGreaterThan($before['cost']['total']);
    $this->send('PATCH', "/paints/{$paint->id}", ['revision' => $paint->revision + 1, 'price' => null])->assertJsonPath('price', null);
});
