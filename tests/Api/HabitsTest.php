<?php

declare(strict_types=1);

namespace Tests\Api;

it('shows for every school what it makes of an example, the usual one first', function (): void {
    $habits = $this->ask('/habits')->assertOk()->json('habits');
    expect($habits)->toHaveCount(8);
    foreach ($habits as $habit) {
        $shown = array_column($habit['schools'], 'shown');
        expect($habit['school'])->toBe($habit['schools'][0]['name'])->and($shown)->each->not->toBeEmpty()
            // Each school changes something that can be seen.
            ->and(array_unique($shown))->toBe($shown);
    }
});

it('changes what is named, and keeps the rest', function (): void {
    $this->send('PUT', '/habits', ['habits' => ['judge' => 'spray-out', 'eye_held' => 'epoxy']])->assertOk();
    $all = $this->send('PUT', '/habits', ['habits' => ['thinner' => 'reducer'], 'clean' => [
        'rinse' => ['left' => 0.01, 'minutes' => 3, 'cleaner_ml' => 5],
    ]])->assertOk()->json();
    expect(array_column($all['habits'], 'school', 'name'))
        ->toMatchArray(['judge' => 'spray-out', 'thinner' => 'reducer', 'eye_held' => 'epoxy', 'sides' => 'one side of all'])
        ->and($all['clean']['rinse']['minutes'])->toEqual(3)
        ->and($all['clean']['strip'])->toEqual($all['usual_clean']['strip']);
});

it('refuses a habit or a figure that there is not, and changes nothing', function (array $change, string $pointer, string $says): void {
    $this->send('PUT', '/habits', $change)->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
    expect($this->send('PUT', '/habits', $change)->json('errors.0.detail'))->toContain($says)
        ->and($this->ask('/habits')->json('habits.0.school'))->toBe('gauge');
})->with([
    'another school' => [['habits' => ['judge' => 'the moon']], '/habits/judge', 'spray-out'],
    'another habit' => [['habits' => ['coffee' => 'black']], '/habits/coffee', 'not known here'],
    'a better clean that leaves more' => [
        ['habits' => ['judge' => 'spray-out'], 'clean' => ['strip' => ['left' => 0.05, 'minutes' => 6, 'cleaner_ml' => 15]]],
        '/clean/strip/left', 'no more than',
    ],
    'minutes below nothing' => [['clean' => ['blow' => ['left' => 0.08, 'minutes' => -1, 'cleaner_ml' => 0]]], '/clean/blow/minutes', '0'],
]);

it('keeps the habits of each who paints here, and says who follows what', function (): void {
    $this->send('PUT', '/habits', ['painter' => 'Marit', 'habits' => ['judge' => 'spray-out']])->assertJsonPath('painters', ['Marit']);
    // Who is new begins with the habits of now.
    $both = $this->send('PUT', '/habits', ['painter' => 'Osk'])->assertJsonPath('habits.0.school', 'spray-out')->json();
    expect($both['painters'])->toBe(['Marit', 'Osk']);
    $this->send('PUT', '/habits', ['habits' => ['judge' => 'gauge']])
        ->assertJsonPath('painter', 'Osk')
        ->assertJsonPath('habits.0.schools.0.followers', ['Osk'])
        ->assertJsonPath('habits.0.schools.1.followers', ['Marit']);
    $this->send('PUT', '/habits', ['painter' => 'Marit'])->assertJsonPath('habits.0.school', 'spray-out');
    $this->send('PUT', '/habits', ['forget' => 'Marit'])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/forget');
    $this->send('PUT', '/habits', ['forget' => 'Nobody'])->assertStatus(422);
    $this->send('PUT', '/habits', ['forget' => 'Osk'])->assertJsonPath('painters', ['Marit']);
    foreach (['', '12', str_repeat('x', 41)] as $name) {
        $this->send('PUT', '/habits', ['painter' => $name])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/painter');
    }
    foreach (range('a', 'k') as $letter) {
        $this->send('PUT', '/habits', ['painter' => "Painter {$letter}"])->assertOk();
    }
    $this->send('PUT', '/habits', ['painter' => 'One more'])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/painter');
});

it('follows the shop where a step is added, said and planned', function (): void {
    ['version' => $version] = $this->pattern();
    $eye = static fn(array $version): array => $version['steps'][\count($version['steps']) - 1]['document'];
    $step = ['type' => 'eye', 'diameter_mm' => 5, 'iris' => '#d8a52a'];
    $version = $this->edit($version, ['op' => 'add', 'step' => $step])->json('version');
    expect($eye($version)['set_with'])->toBe('tacky glue');
    $this->send('PUT', '/habits', ['habits' => [
        'eye_held' => 'epoxy', 'thinner' => 'reducer', 'clear_turned' => 'standing', 'spot' => 'freehand',
    ]]);
    $version = $this->edit($version, ['op' => 'add', 'step' => $step])->json('version');
    expect($eye($version)['set_with'])->toBe('epoxy');
    $version = $this->edit($version, ['op' => 'add', 'step' => ['set_with' => 'pitch'] + $step])->json('version');
    expect($eye($version)['set_with'])->toBe('pitch');
    $clear = ['type' => 'clear', 'clear' => 'two-part epoxy', 'coats' => 1];
    $version = $this->edit($version, ['op' => 'add', 'step' => $clear])->json('version');
    $clear = $version['steps'][\count($version['steps']) - 1]['shown']['how'];
    expect($clear)->not->toContain('wheel')->toContain('Hang them');
    $names = array_column($this->ask('/vocabulary')->json('techniques'), 'name');
    expect(array_search('spot', $names, true))->toBeLessThan(array_search('punch', $names, true));
    $run = $this->startedRun($version);
    expect($run['plan']['thinner'])->toBe('reducer')->and($run['one_side_of_all'])->toBeTrue();
    // A run keeps the habits that it was planned with.
    $this->send('PUT', '/habits', ['habits' => ['thinner' => 'water', 'sides' => 'bait by bait']]);
    expect($this->ask("/runs/{$run['id']}")->json())
        ->toMatchArray(['one_side_of_all' => true])->and($this->ask("/runs/{$run['id']}")->json('plan.thinner'))->toBe('reducer');
    expect($this->startedRun($version)['one_side_of_all'])->toBeFalse();
});

it('writes its habits into a recipe, and says where those of another shop differ', function (): void {
    ['pattern' => $pattern] = $this->pattern();
    $document = $this->ask("/patterns/{$pattern['id']}/export")->assertOk()->json();
    expect($document['habits']['judge'])->toBe('gauge');
    $this->send('POST', '/patterns/import', $document)->assertCreated()->assertJsonPath('differs', []);
    $this->send('PUT', '/habits', ['habits' => ['judge' => 'spray-out']]);
    $this->send('POST', '/patterns/import', $document)->assertCreated()
        ->assertJsonPath('differs', [['question' => 'How is the air found?', 'there' => 'The gauge', 'here' => 'The spray-out']]);
    // One from before there were habits says nothing of them.
    $this->send('POST', '/patterns/import', array_diff_key($document, ['habits' => 0]))->assertCreated()->assertJsonPath('differs', []);
    $this->send('POST', '/patterns/import', ['habits' => ['judge' => 'stars']] + $document)
        ->assertStatus(422)->assertJsonPath('errors.0.pointer', '/habits/judge');
});
