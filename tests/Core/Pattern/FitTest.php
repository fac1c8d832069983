<?php

declare(strict_types=1);

namespace Tests\Core\Pattern;

// A pattern carried to another body.

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Pattern\Scaling;
use Hawkbrush\Core\Run\Change;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Techniques;
use Tests\Build;

/** @param array<string, mixed> $step */
function fitted(array $step, float $by, bool $marks = true): Coat
{
    return Scaling::fit(
        Build::recipe($step + ['type' => 'paint', 'mix' => [['paint' => 'white']], 'where' => ['zone' => 'flank']]),
        Build::grownBody($by),
        $marks,
    )->coats()[0];
}

it('grows lengths on the bait with it, and nothing else of a technique', function (Technique $technique): void {
    $before = fitted(['technique' => ['name' => $technique->name()]], 1.0)->choices;
    $after = fitted(['technique' => ['name' => $technique->name()]], 1.5)->choices;
    foreach ($technique->settings() as $setting) {
        if ($setting->choices !== [] || $setting->outline !== '') {
            expect($after->word($setting->name))->toBe($before->word($setting->name));

            continue;
        }
        $was = $before->number($setting->name);
        $wanted = $setting->scales ? max($setting->min, min($setting->max, $was * 1.5)) : $was;
        expect($after->number($setting->name))->toEqualWithDelta($wanted, 0.02 * max(1.0, $wanted));
    }
})->with(array_map(static fn(Technique $t): array => [$t], array_filter(
    Techniques::all(),
    static fn(Technique $t): bool => $t->settings() !== [],
)));

it('widens strokes and asks for more of them; with marks that stay, only for more', function (): void {
    $step = ['technique' => ['name' => 'punch', 'long_mm' => 6], 'width_mm' => 10, 'strokes' => 4, 'psi' => 12, 'coats' => 3];
    $grown = fitted($step, 2.0);
    expect($grown->widthMm)->toBe(20.0)->and($grown->strokes)->toBe(8)->and($grown->choices->number('long_mm'))->toBe(12.0)
        ->and($grown->psi)->toBe(12.0)->and($grown->coats)->toBe(3);
    $stays = fitted($step, 2.0, false);
    expect($stays->widthMm)->toBe(10.0)->and($stays->strokes)->toBe(8)->and($stays->choices->number('long_mm'))->toBe(6.0);
    expect(fitted($step, 0.1)->strokes)->toBe(1)
        ->and(fitted(['technique' => ['name' => 'spray'], 'strokes' => 150], 2.0)->strokes)->toBe(200);
});

it('takes the eye from the socket, else it grows in half millimetres', function (array $marks, float $diameter): void {
    $eye = Scaling::fit(Build::recipe(['type' => 'eye', 'diameter_mm' => 5]), Build::grownBody(1.5, $marks))->steps[0]->eye();
    expect($eye?->diameterMm)->toBe($diameter);
})->with([
    'a socket' => [['eye_socket_mm' => 6.2], 6.0],
    'none' => [[], 7.5],
]);

it('places zones by the marks of the other body, and tells what changed by its name', function (): void {
    $recipe = Build::recipe([
        'type' => 'paint',
        'mix' => [['paint' => 'white']],
        'where' => ['zone' => 'head'],
        'technique' => ['name' => 'punch', 'long_mm' => 5],
        'strokes' => 4,
    ]);
    $to = Build::grownBody(1.5, ['gill_u' => 0.4]);
    $fitted = Scaling::fit($recipe, $to);
    $step = $fitted->coats()[0];
    expect($step->place->extent($to)->along(0.35))->toBeGreaterThan(0.9)
        ->and($step->place->extent($recipe->body)->along(0.35))->toBe(0.0);
    $said = array_map(static fn(Change $d): string => "{$d->what}: {$d->from} to {$d->to}", Change::between($recipe, $fitted));
    expect($said)->toBe(['length, mm: 5 to 7.5', 'strokes a side: 4 to 6']);
});
