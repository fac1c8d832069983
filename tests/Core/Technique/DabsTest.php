<?php

declare(strict_types=1);

namespace Tests\Core\Technique;

use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Technique\Dabs;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Streaks;
use Tests\Build;

/** @param array<int, float> $marks */
function dabbedMm2(array $marks): float
{
    $area = Build::surface()->areaMm2;

    return array_sum(array_map(
        static fn(int $cell, float $share): float => $area[$cell] * $share,
        array_keys($marks),
        array_values($marks),
    ));
}

function dabsEverywhere(): Dabs
{
    return new Dabs(Build::surface(), OpenSpray::everywhere(Build::surface()));
}

it('covers about the area of the mark, large or smaller than a cell is tall', function (float $radius, float $soft, float $within): void {
    $sum = 0.0;
    // Wherever between the cells it falls.
    for ($i = 0; $i < 12; $i++) {
        $dabs = dabsEverywhere();
        $dabs->dab(30 + $i * 0.07, -1.5 + $i * 0.11, $radius, $soft);
        $sum += dabbedMm2($dabs->through());
    }
    expect($sum / 12)->toEqualWithDelta(M_PI * $radius ** 2, $within * M_PI * $radius ** 2);
})->with([[5.0, 0.3, 0.08], [2.0, 0.3, 0.12], [0.8, 0.1, 0.25], [0.5, 0.1, 0.35], [0.2, 0.12, 0.35]]);

it('covers a streak’s length by its width, thinner towards its end', function (): void {
    $sum = 0.0;
    for ($i = 0; $i < 12; $i++) {
        $dabs = new Streaks(Build::surface(), OpenSpray::everywhere(Build::surface()));
        $dabs->streak(20, $i * 0.17, 16, 0.02, 1.0, 0.4, 0.2);
        $marks = $dabs->through();
        $sum += dabbedMm2($marks);
    }
    // And half a disc at each end.
    expect($sum / 12)->toEqualWithDelta(16 * 2 * 0.7 + M_PI / 2 * (1 + 0.4 ** 2), 2.5);
    $surface = Build::surface();
    $heights = [];
    foreach (array_keys($marks) as $cell) {
        $x = $surface->u[$cell % $surface->columns] * $surface->body->lengthMm;
        $heights[$x < 25 ? 'begin' : ($x > 32 ? 'end' : 'middle')] = ($heights[$x < 25 ? 'begin' : ($x > 32 ? 'end' : 'middle')] ?? 0) + 1;
        expect($x)->toBeBetween(18.4, 37.4);
    }
    expect($heights['begin'])->toBeGreaterThan($heights['end'] ?? 0);
});

it('counts marks that overlap once, and takes others out', function (): void {
    $twice = dabsEverywhere();
    $twice->dab(30, 0, 3, 0.2);
    $once = $twice->through();
    $twice->dab(30, 0, 3, 0.2);
    $twice->dab(30, 0, 2, 0.2);
    expect($twice->through())->toBe($once);
    $core = dabsEverywhere();
    $core->dab(30, 0, 1.5, 0.2);
    $twice->without($core);
    expect(dabbedMm2($twice->through()))->toEqualWithDelta(M_PI * (9 - 2.25), 3.0);
});

it('lays nothing where the coat cannot land, and the same as everywhere where it can', function (string $zone): void {
    $surface = Build::surface();
    $open = OpenSpray::on($surface, Zone::from($zone)->extent($surface->body), null, null);
    $everywhere = OpenSpray::everywhere($surface);
    [$here, $all] = [new Dabs($surface, $open), new Dabs($surface, $everywhere)];
    [$streaks, $allStreaks] = [new Streaks($surface, $open), new Streaks($surface, $everywhere)];
    mt_srand(3);
    for ($i = 0; $i < 60; $i++) {
        $at = [mt_rand(-20, 800) / 10, mt_rand(-200, 200) / 10, mt_rand(2, 30) / 10, mt_rand(1, 8) / 10];
        $here->dab(...$at);
        $all->dab(...$at);
        $streaks->streak($at[0], $at[1], 9, -0.03, 0.3, 0.4, 0.1);
        $allStreaks->streak($at[0], $at[1], 9, -0.03, 0.3, 0.4, 0.1);
    }
    foreach ([[$here, $all], [$streaks, $allStreaks]] as [$part, $whole]) {
        $expected = $open->over($whole->through());
        $laid = $part->through();
        ksort($expected);
        ksort($laid);
        expect($laid)->toBe($expected)->and($laid)->not->toBe([]);
    }
})->with(['whole', 'back', 'belly', 'head', 'tail', 'gill plate']);
