<?php

declare(strict_types=1);

use Hawkbrush\Core\Pattern\UsuallyNext;
use Hawkbrush\Core\Step\Steps;
use Hawkbrush\Core\Technique\Techniques;
use Tests\Build;

// Common practice, no published source: prepare, base, colours, marks, eyes, clear.
it('leads through a ladder in the usual order', function (array $steps, string $next): void {
    $first = UsuallyNext::after(Build::recipe(...$steps))[0];
    expect($first->technique ?? $first->kind)->toBe($next);
})->with([
    'nothing yet' => [[], 'prep'],
    'prepared' => [[['type' => 'prep', 'title' => 'Scuff', 'task' => 'Scuff it.']], 'spray'],
    'a base' => [[usualCoat()], 'spray'],
    'three coats' => [[usualCoat(), usualCoat(), usualCoat()], 'mesh'],
    'and a spot' => [[usualCoat(), usualCoat(), usualCoat(), usualCoat('spot')], 'eye'],
    'and its eyes' => [[usualCoat(), ['type' => 'eye', 'diameter_mm' => 5]], 'clear'],
    'cleared' => [[usualCoat(), ['type' => 'clear', 'clear' => 'two-part epoxy']], 'wait'],
]);

it('names only what can be added', function (): void {
    foreach ([[], [usualCoat()], [usualCoat(), usualCoat(), usualCoat()], [usualCoat(), ['type' => 'eye', 'diameter_mm' => 5]]] as $steps) {
        foreach (UsuallyNext::after(Build::recipe(...$steps)) as $next) {
            expect(Steps::names())->toContain($next->kind)->and([null, ...Techniques::names()])->toContain($next->technique);
        }
    }
});

/** @return array<string, mixed> */
function usualCoat(string $technique = 'spray'): array
{
    return ['type' => 'paint', 'mix' => [['paint' => 'white']], 'technique' => ['name' => $technique], 'where' => ['zone' => 'whole']];
}
