<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Hawkbrush\Core\Advice\Advisor;
use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Advice\Severity;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Node;
use Tests\Build;

/** @param list<array<string, mixed>> $steps */
function adviceOn(array $steps, array $marks = []): array
{
    $document = Examples::recipe();
    $document['paints'] += [
        'orange' => ['hex' => '#e06a10', 'kind' => 'semi-opaque'], 'black' => ['hex' => '#050505', 'kind' => 'opaque'],
        'yellow' => ['hex' => '#f0c828', 'kind' => 'transparent'], 'green' => ['hex' => '#3c7a3a', 'kind' => 'opaque'],
        'red' => ['hex' => '#c8102e', 'kind' => 'transparent'], 'blue' => ['hex' => '#1040a0', 'kind' => 'transparent'],
    ];
    $document['body']['marks'] = $marks;
    $document['steps'] = $steps;

    return Advisor::advise(RecipeReader::read(Node::root($document)), Climate::ordinary());
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
        [
            Build::paintStep(['coats' => 3, 'weight' => 'heavy'], 'base', 'white'),
            Build::paintStep(['technique' => ['name' => 'mesh']], 'mesh', 'moss'),
        ],
    ],
    'red over wet white' => [
        'runs-together',
        'red',
        [Build::paintStep(['coats' => 3, 'set' => ['by' => 'wet']], 'base', 'white'), Build::paintStep([], 'red', 'red')],
    ],
    'air without enough minutes' => [
        'runs-together',
        'red',
        [
            Build::paintStep(['coats' => 3, 'weight' => 'heavy', 'set' => ['by' => 'air', 'minutes' => 1]], 'base', 'white'),
            Build::paintStep([], 'red', 'red'),
        ],
    ],
    'a heavy thinned coat' => [
        'too-thick-for-one-go',
        'red',
        [
            Build::paintStep(['coats' => 3, 'weight' => 'heavy'], 'base', 'white'),
            Build::paintStep(['weight' => 'heavy', 'thinning_percent' => 50], 'red', 'red'),
        ],
    ],
    'moss over black' => [
        'hardly-shows',
        'moss',
        [Build::paintStep(['weight' => 'heavy'], 'base', 'black'), Build::paintStep(['weight' => 'mist'], 'moss', 'moss')],
    ],
    'yellow over green' => [
        'colour-turns',
        'yellow',
        [
            Build::paintStep(['weight' => 'heavy'], 'base', 'green'),
            Build::paintStep(['weight' => 'light'], 'yellow', 'yellow'),
        ],
    ],
    'orange over black' => [
        'brighter-over-white',
        'orange',
        [Build::paintStep(['weight' => 'heavy'], 'base', 'black'), Build::paintStep(['weight' => 'light'], 'orange', 'orange')],
    ],
    'a thin base' => ['base-not-hidden', 'base', [Build::paintStep(['weight' => 'mist'], 'base', 'white')]],
    'an eye too large' => [
        'eye-and-socket',
        'eye',
        [Build::paintStep(['coats' => 3, 'weight' => 'heavy'], 'base', 'white'), ['id' => 'eye', 'type' => 'eye', 'diameter_mm' => 8]],
    ],
]);

it('speaks of a fault, at its step, with figures', function (string $rule, string $step, array $steps): void {
    $finding = findingOf(adviceOn($steps, ['eye_socket_mm' => 5]), $rule);
    expect($finding)->not->toBeNull()->and($finding->stepId)->toBe($step)
        ->and($rule === 'eye-and-socket' ? $finding->headline : $finding->reason)->toMatch('/\d/');
})->with('faults');

it('is content once its own mend is made', function (string $rule, string $step, array $steps): void {
    $finding = findingOf(adviceOn($steps, ['eye_socket_mm' => 5]), $rule);
    \assert($finding !== null);
    expect($finding->fix)->not->toBeNull();
    expect(findingOf(adviceOn(mended($steps, $finding), ['eye_socket_mm' => 5]), $rule))->toBeNull();
})->with('faults');

it('says nothing against a sound recipe', function (): void {
    expect(adviceOn([
        Build::paintStep(['coats' => 2, 'weight' => 'heavy', 'set' => ['by' => 'heat', 'minutes' => 22]], 'base', 'white'),
        Build::paintStep(['technique' => ['name' => 'mesh'], 'coats' => 2], 'mesh', 'moss'),
        ['id' => 'eye', 'type' => 'eye', 'diameter_mm' => 5],
    ], ['eye_socket_mm' => 5]))->toBe([]);
});

it('counts a wait step before the mesh', function (): void {
    $steps = [
        Build::paintStep(['coats' => 3, 'weight' => 'heavy'], 'base', 'white'),
        ['id' => 'w', 'type' => 'wait', 'minutes' => 25],
        Build::paintStep(['technique' => ['name' => 'mesh']], 'mesh', 'moss'),
    ];
    expect(findingOf(adviceOn($steps), 'too-soon-to-clamp'))->toBeNull();
});

it('calls a meant wet blend a hint, an unmeant one a caution', function (): void {
    $wet = static fn(array $set): array => [
        Build::paintStep(['coats' => 3, 'weight' => 'heavy', 'set' => $set], 'base', 'white'),
        Build::paintStep([], 'red', 'red'),
    ];
    expect(findingOf(adviceOn($wet(['by' => 'wet'])), 'runs-together')?->severity)->toBe(Severity::Hint)
        ->and(findingOf(adviceOn($wet(['by' => 'air', 'minutes' => 1])), 'runs-together')?->severity)->toBe(Severity::Caution);
});

it('asks for white under a bright colour over dark, and for nothing over white', function (): void {
    $over = static fn(string $ground): array => adviceOn([
        Build::paintStep(['coats' => 3, 'weight' => 'heavy'], 'base', $ground),
        Build::paintStep(['weight' => 'light'], 'red', 'orange'),
    ]);
    expect(findingOf($over('black'), 'brighter-over-white')?->stepId)->toBe('red')
        ->and(findingOf($over('white'), 'brighter-over-white'))->toBeNull();
});

it('says when nothing lands at all', function (): void {
    $steps = [
        Build::paintStep(['coats' => 3, 'weight' => 'heavy'], 'base', 'white'),
        Build::paintStep(['where' => ['zone' => 'belly'], 'aim_deg' => 0], 'red', 'red'),
    ];
    expect(findingOf(adviceOn($steps), 'hardly-shows')?->headline)->toBe('Nothing lands');
});

it('puts the gravest first', function (): void {
    $order = array_map(static fn(Finding $f): int => ['stop' => 0, 'caution' => 1, 'hint' => 2][$f->severity->value], adviceOn([
        Build::paintStep(['weight' => 'heavy'], 'base', 'black'), Build::paintStep([], 'orange', 'orange'), Build::paintStep(
            ['technique' => ['name' => 'mesh']],
            'mesh',
            'moss',
        ),
    ]));
    $sorted = $order;
    sort($sorted);
    expect($order)->toBe($sorted)->and(\count($order))->toBeGreaterThan(1);
});
