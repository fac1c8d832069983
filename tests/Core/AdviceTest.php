<?php

declare(strict_types=1);

use Hawkbrush\Core\Advice\Advisor;
use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Node;

/** @param list<array<string, mixed>> $steps */
function adviceOn(array $steps, array $marks = []): array
{
    $document = Examples::recipe();
    $document['paints'] += [
        'orange' => ['hex' => '#e06a10', 'kind' => 'semi-opaque'], 'black' => ['hex' => '#050505', 'kind' => 'opaque'],
        'red' => ['hex' => '#c8102e', 'kind' => 'transparent'], 'blue' => ['hex' => '#1040a0', 'kind' => 'transparent'],
    ];
    $document['body']['marks'] = $marks;
    $document['steps'] = $steps;

    return Advisor::advise(RecipeReader::read(Node::root($document)), Climate::ordinary());
}

/** @return array<string, mixed> */
function coatOf(string $id, string $paint, array $more = []): array
{
    return $more + [
        'id' => $id,
        'type' => 'paint',
        'mix' => [['paint' => $paint]],
        'technique' => ['name' => 'spray'],
        'where' => ['zone' => 'whole'],
        'weight' => 'medium',
        'set' => ['by' => 'heat'],
    ];
}

/** @param list<Finding> $findings */
function findingOf(array $findings, string $rule): ?Finding
{
    foreach ($findings as $finding) {
        if ($finding->rule === $rule) {
            return $finding;
        }
    }

    return null;
}

/** Puts the fix of a finding into the steps, as the button does. */
function mended(array $steps, Finding $finding): array
{
    $fix = $finding->fix;
    if ($fix?->insert !== null) {
        $at = array_search($fix->stepId, array_column($steps, 'id'), true);
        array_splice($steps, (int) $at, 0, [['id' => 'put-in'] + $fix->insert]);

        return $steps;
    }

    return array_map(static fn(array $s): array => $s['id'] === $fix?->stepId ? array_replace($s, $fix->set) : $s, $steps);
}

dataset('faults', [
    'mesh on a coat that was only heat set' => [
        'too-soon-to-clamp',
        'mesh',
        [coatOf('base', 'white', ['coats' => 3, 'weight' => 'heavy']), coatOf('mesh', 'moss', ['technique' => ['name' => 'mesh']])],
    ],
    'red over wet white' => [
        'runs-together',
        'red',
        [coatOf('base', 'white', ['coats' => 3, 'set' => ['by' => 'wet']]), coatOf('red', 'red')],
    ],
    'air without enough minutes' => [
        'runs-together',
        'red',
        [coatOf('base', 'white', ['coats' => 3, 'weight' => 'heavy', 'set' => ['by' => 'air', 'minutes' => 1]]), coatOf('red', 'red')],
    ],
    'a heavy thinned coat' => [
        'too-thick-for-one-go',
        'red',
        [
            coatOf('base', 'white', ['coats' => 3, 'weight' => 'heavy']),
            coatOf('red', 'red', ['weight' => 'heavy', 'thinning_percent' => 50]),
        ],
    ],
    'blue over black' => [
        'hardly-shows',
        'blue',
        [coatOf('base', 'black', ['weight' => 'heavy']), coatOf('blue', 'blue', ['weight' => 'mist'])],
    ],
    'orange over black' => [
        'colour-turns',
        'orange',
        [coatOf('base', 'black', ['weight' => 'heavy']), coatOf('orange', 'orange', ['weight' => 'medium'])],
    ],
    'a thin base' => ['base-not-hidden', 'base', [coatOf('base', 'white', ['weight' => 'mist'])]],
    'an eye too large' => [
        'eye-and-socket',
        'eye',
        [coatOf('base', 'white', ['coats' => 3, 'weight' => 'heavy']), ['id' => 'eye', 'type' => 'eye', 'diameter_mm' => 8]],
    ],
]);

it('speaks of a fault, at its step, with figures', function (string $rule, string $step, array $steps): void {
    $finding = findingOf(adviceOn($steps, ['eye_socket_mm' => 5]), $rule);
    expect($finding)->not->toBeNull()->and($finding->stepId)->toBe($step)
        ->and($rule === 'eye-and-socket' ? $finding->headline : $finding->reason)->toMatch('/\d/');
})->with('faults');

it('is content once its own mend is made', function (string $rule, string $step, array $steps): void {
    $finding = findingOf(adviceOn($steps, ['eye_socket_mm' => 5]), $rule);
    assert($finding !== null);
    expect($finding->fix)->not->toBeNull();
    expect(findingOf(adviceOn(mended($steps, $finding), ['eye_socket_mm' => 5]), $rule))->toBeNull();
})->with('faults');

it('says nothing against a sound recipe', function (): void {
    expect(adviceOn([
        coatOf('base', 'white', ['coats' => 2, 'weight' => 'heavy', 'set' => ['by' => 'heat', 'minutes' => 22]]),
        coatOf('mesh', 'moss', ['technique' => ['name' => 'mesh'], 'coats' => 2]),
        ['id' => 'eye', 'type' => 'eye', 'diameter_mm' => 5],
    ], ['eye_socket_mm' => 5]))->toBe([]);
});

it('counts a wait step before the mesh', function (): void {
    $steps = [
        coatOf('base', 'white', ['coats' => 3, 'weight' => 'heavy']),
        ['id' => 'w', 'type' => 'wait', 'minutes' => 25],
        coatOf('mesh', 'moss', ['technique' => ['name' => 'mesh']]),
    ];
    expect(findingOf(adviceOn($steps), 'too-soon-to-clamp'))->toBeNull();
});

it('calls a meant wet blend a hint, an unmeant one a caution', function (): void {
    $wet = static fn(array $set): array => [
        coatOf('base', 'white', ['coats' => 3, 'weight' => 'heavy', 'set' => $set]),
        coatOf('red', 'red'),
    ];
    expect(findingOf(adviceOn($wet(['by' => 'wet'])), 'runs-together')?->severity)->toBe(Severity::Hint)
        ->and(findingOf(adviceOn($wet(['by' => 'air', 'minutes' => 1])), 'runs-together')?->severity)->toBe(Severity::Caution);
});

it('asks for white under a bright colour over dark, and for nothing over white', function (): void {
    $over = static fn(string $ground): array => adviceOn([
        coatOf('base', $ground, ['coats' => 3, 'weight' => 'heavy']),
        coatOf('red', 'orange', ['weight' => 'light']),
    ]);
    expect(findingOf($over('black'), 'brighter-over-white')?->stepId)->toBe('red')
        ->and(findingOf($over('white'), 'brighter-over-white'))->toBeNull();
});

it('says when nothing lands at all', function (): void {
    $steps = [
        coatOf('base', 'white', ['coats' => 3, 'weight' => 'heavy']),
        coatOf('red', 'red', ['where' => ['zone' => 'belly'], 'aim_deg' => 0]),
    ];
    expect(findingOf(adviceOn($steps), 'hardly-shows')?->headline)->toBe('Nothing lands');
});

it('puts the gravest first', function (): void {
    $order = array_map(static fn(Finding $f): int => ['stop' => 0, 'caution' => 1, 'hint' => 2][$f->severity->value], adviceOn([
        coatOf('base', 'black', ['weight' => 'heavy']), coatOf('orange', 'orange'), coatOf(
            'mesh',
            'moss',
            ['technique' => ['name' => 'mesh']],
        ),
    ]));
    $sorted = $order;
    sort($sorted);
    expect($order)->toBe($sorted)->and(count($order))->toBeGreaterThan(1);
});
