<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Stores\Eyes\EyeCard;

it('keeps eyes, changes what is named, and refuses what no eye is', function (): void {
    $card = $this->send('POST', '/eyes', ['name' => 'Amber', 'diameter_mm' => 5, 'left' => 20])->assertCreated()
        ->assertJsonPath('kind', 'domed')->assertJsonPath('pupil', 'round')->json();
    $this->send('PATCH', "/eyes/{$card['id']}", ['revision' => 1, 'price' => 0.2, 'left' => 12])->assertOk()->assertJsonPath('left', 12);
    $this->send('PATCH', "/eyes/{$card['id']}", ['revision' => 2, 'price' => null])->assertJsonPath('price', null)->assertJsonPath('left', 12);
    $this->send('PATCH', "/eyes/{$card['id']}", ['revision' => 1, 'name' => 'x'])
        ->assertConflict()->assertJsonPath('current.name', 'Amber');
    $this->send('PATCH', "/eyes/{$card['id']}", ['revision' => 3, 'archived' => true])->assertJsonPath('archived', true);
    $wrong = [['diameter_mm' => 90], ['kind' => 'third'], ['iris' => 'amber'], ['pupil' => 'star'], ['left' => 1.5], ['left' => -1]];
    foreach ($wrong as $bad) {
        $this->send('POST', '/eyes', $bad + ['name' => 'x', 'diameter_mm' => 5])->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/'.array_key_first($bad));
    }
    expect($this->ask('/eyes')->assertOk()->json('eyes'))->toHaveCount(1);
});

it('says in which patterns such eyes are', function (): void {
    $card = $this->send('POST', '/eyes', ['name' => 'Amber', 'diameter_mm' => 5, 'left' => 20])->assertCreated()
        ->assertJsonPath('used_in', [])->json();
    ['version' => $version, 'pattern' => $pattern] = $this->pattern();
    $version = $this->edit($version, ['op' => 'add', 'step' => ['type' => 'eye', 'diameter_mm' => 5]])->json('version');
    expect($this->ask('/eyes')->json('eyes.0.used_in'))->toBe([['id' => $pattern['id'], 'name' => $pattern['name']]]);
    $eye = $version['steps'][3]['document']['id'];
    $this->edit($version, ['op' => 'change', 'step' => $eye, 'set' => ['diameter_mm' => 6]])->assertOk();
    expect($this->send('PATCH', "/eyes/{$card['id']}", ['revision' => 1, 'left' => 4])->json('used_in'))->toBe([]);
});

it('says which eyes fit a step, how proud one stands and whether it is seen, and takes them out of the store', function (): void {
    ['version' => $version] = $this->pattern();
    $eye = ['type' => 'eye', 'diameter_mm' => 5, 'iris' => '#e8e0c8', 'kind' => 'flat'];
    $version = $this->edit($version, ['op' => 'add', 'step' => $eye])->assertOk()->json('version');
    $step = $version['steps'][3]['document'];
    expect($step['kind'])->toBe('flat');
    $path = "/versions/{$version['id']}/steps/{$step['id']}/eye";
    $pale = $this->ask($path)->assertOk()->json();
    // A pale eye on a white head.
    expect($pale['contrast']['seen'])->toBeFalse()->and($pale['fits'][0]['diameter_mm'])->toEqual(5)
        ->and(implode(' ', $pale['says']))->toContain('pale eye needs a dark surround')->and($pale['left'])->toBeNull();
    $dark = ['op' => 'change', 'step' => $step['id'], 'set' => ['iris' => '#201810', 'diameter_mm' => 5.5]];
    $version = $this->edit($version, $dark)->json('version');
    expect($this->ask($path)->json('contrast.seen'))->toBeTrue()
        ->and(implode(' ', $this->ask($path)->json('says')))->toContain('matter of taste');
    $card = ['name' => 'Dark flats', 'diameter_mm' => 5.5, 'kind' => 'flat', 'iris' => '#201810', 'left' => 5];
    $this->send('POST', '/eyes', $card)->assertCreated();
    expect($this->ask($path)->json('left'))->toBe(5);
    $this->ask("/versions/{$version['id']}/steps/{$version['steps'][1]['document']['id']}/eye")->assertNotFound();
    $run = $this->startedRun($version, 3);
    expect($run['plan']['short_eyes'])->toBe([['name' => 'Dark flats', 'needs' => 6, 'left' => 5]]);
    $one = $this->startedRun($version, 1);
    expect($one['plan']['short_eyes'])->toBe([]);
    $this->send('POST', "/runs/{$one['id']}/events", ['events' => array_map(
        fn(array $done): array => $this->event('done', $done['document']['id']),
        $one['steps'],
    )])->assertOk();
    $this->send('POST', "/runs/{$one['id']}/finish")->assertOk();
    expect(EyeCard::query()->sole()->left)->toBe(3);
});
