<?php

declare(strict_types=1);

use Hawkbrush\Core\Pattern\Bounds;

// The recipe file's schema is read by other programs: what it allows is what is taken.

it('allows in the recipe file what the reader takes', function (string $figure, string $field, array $at): void {
    $schema = json_decode((string) file_get_contents(__DIR__.'/../../contract/recipe.schema.json'), true);
    $found = [];
    $look = function (mixed $value) use (&$look, &$found, $field, $at): void {
        foreach (is_array($value) ? $value : [] as $name => $inner) {
            if ($name === $field && is_array($inner) && isset($inner['minimum'])) {
                $found[] = [$inner['minimum'], $inner['maximum'] ?? null];
            }
            $look($inner);
        }
    };
    $look($schema);
    expect($found)->not->toBe([])->and(array_values(array_unique($found, SORT_REGULAR)))->toContain(Bounds::OF[$figure])
        ->and(array_diff(array_map(json_encode(...), $found), array_map(json_encode(...), array_map(static fn(string $one): array => Bounds::OF[$one], $at))))->toBe([]);
})->with([
    ['psi', 'psi', ['psi']], ['strokes', 'strokes', ['strokes']], ['coats', 'coats', ['coats', 'clear_coats']], ['clear_coats', 'coats', ['coats', 'clear_coats']],
    ['thinning_percent', 'thinning_percent', ['thinning_percent']], ['width_mm', 'width_mm', ['width_mm']], ['minutes', 'minutes', ['minutes']],
    ['diameter_mm', 'diameter_mm', ['diameter_mm']], ['drops', 'drops', ['drops']], ['aim_deg', 'aim_deg', ['aim_deg']],
]);
