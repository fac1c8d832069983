<?php

declare(strict_types=1);

use Hawkbrush\Core\Change\Changes;
use Hawkbrush\Core\Change\MaskSpan;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Tests\StepDocuments;
use Tests\StillShop;

/** @param array<string, mixed> $change */
function changed(array $change, int $steps = 3): array
{
    $recipe = StillShop::recipe($steps);
    $done = Changes::read(Node::root($change))->applyTo($recipe, new StillShop($recipe));

    return [array_map(static fn($step): string => $step->id, $done->recipe->steps), $done];
}

it('knows the changes that the contract knows', function (): void {
    $contract = (string) file_get_contents(__DIR__.'/../../../contract/openapi/versions.yaml');
    preg_match('/mapping: \{(add: .*)\}/', $contract, $mapping);
    preg_match_all('/(\w+): \'/', $mapping[1], $ops);
    expect(array_map(static fn(string $kind): string => $kind::op(), Changes::ALL))->toEqualCanonicalizing($ops[1]);
});

it('adds, moves, copies, removes and orders steps, and says so', function (array $change, array $ids, string $label): void {
    [$now, $done] = changed($change);
    expect($now)->toBe($ids)->and($done->label)->toBe($label)->and($done->touched)->toBeNull();
})->with([
    'last' => [['op' => 'add', 'step' => ['type' => 'wait']], ['a', 'b', 'c', 'new'], 'add step 4'],
    'behind one' => [['op' => 'add', 'step' => ['type' => 'wait'], 'after' => 'a'], ['a', 'new', 'b', 'c'], 'add step 2'],
    'before all' => [['op' => 'add', 'step' => ['type' => 'wait'], 'first' => true], ['new', 'a', 'b', 'c'], 'add step 1'],
    'moved' => [['op' => 'move', 'step' => 'a', 'to' => 2], ['b', 'c', 'a'], 'move step 1'],
    'copied' => [['op' => 'duplicate', 'step' => 'b'], ['a', 'b', 'new', 'c'], 'duplicate step 2'],
    'removed' => [['op' => 'remove', 'step' => 'c'], ['a', 'b'], 'remove step 3'],
    'ordered' => [['op' => 'order', 'steps' => ['c', 'a', 'b']], ['c', 'a', 'b'], 'change the order'],
    'several' => [
        ['op' => 'several', 'changes' => [['op' => 'remove', 'step' => 'a'], ['op' => 'move', 'step' => 'b', 'to' => 1]]],
        ['c', 'b'],
        'change several steps',
    ],
]);

it('sets fields, holds them to their bounds, and says what it has hold of', function (): void {
    [, $done] = changed(['op' => 'change', 'step' => 'b', 'set' => ['psi' => 22, 'strokes' => 5]]);
    expect($done->recipe->steps[1]->coat()?->psi)->toBe(22.0)
        ->and($done->touched?->key())->toBe('b psi strokes')
        ->and(static fn() => changed(['op' => 'change', 'step' => 'b', 'set' => ['psi' => 500]]))
        ->toThrow(fn(Refused $e) => expect($e->pointer)->toBe('/set/psi'));
});

it('leaves a figure that was kept outside of today\'s bounds alone until it is set', function (): void {
    $document = ['psi' => 900, 'id' => 'a'] + StepDocuments::full()['paint'];
    $recipe = StillShop::of([StepDocuments::kept($document)]);
    $set = static fn(array $set) => Changes::read(Node::root(['op' => 'change', 'step' => 'a', 'set' => $set]))
        ->applyTo($recipe, new StillShop($recipe))->recipe->steps[0];
    expect($set(['strokes' => 3])->coat()?->psi)->toBe(900.0)
        ->and(array_keys($set(['strokes' => 3])->head->outside?->all() ?? []))->toBe(['psi'])
        ->and($set(['psi' => 30])->head->outside?->all())->toBe([]);
});

it('refuses a step id that is there already, and a change that is none', function (array $change, string $pointer): void {
    expect(static fn() => changed($change))->toThrow(fn(Refused $e) => expect($e->pointer)->toBe($pointer));
})->with([
    [['op' => 'add', 'step' => ['type' => 'wait', 'id' => 'a']], '/step/id'],
    [['op' => 'paint it black'], '/op'],
    [['op' => 'several', 'changes' => [['op' => 'prepare']]], '/changes/0/op'],
    [['op' => 'order', 'steps' => ['a', 'b', 'b']], '/steps'],
]);

it('takes two meshes for one where a document leaves a setting at its default', function (): void {
    $full = ['name' => 'mesh', 'pitch_mm' => 3.0, 'age' => 'new', 'patches' => 1.0];
    $steps = array_map(static fn(array $fields) => StepDocuments::read($fields + StepDocuments::full()['paint']), [
        ['technique' => ['pitch_mm' => 3, 'name' => 'mesh'], 'seed' => 1],
        ['technique' => $full, 'seed' => 1],
        ['technique' => ['patches' => 0.4] + $full, 'seed' => 1],
    ]);
    expect(MaskSpan::around($steps, 0))->toBe([0, 1])->and(MaskSpan::around($steps, 2))->toBe([2, 2]);
});
