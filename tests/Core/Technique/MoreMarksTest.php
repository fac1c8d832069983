<?php

declare(strict_types=1);

namespace Tests\Core\Technique;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Render\Coverage;
use Tests\Build;
use Tests\Marked;

// Rows and fields, pens, free lines, moved stencils and masks of one's own: where each falls.

/**
 * Runs of paint along a row of cells.
 *
 * @return list<array{float, float, float}> where each begins and ends, as shares of the length, and its heaviest share
 */
function runsAlong(string $technique, array $settings, float $deg): array
{
    [$surface, $through] = Marked::by($technique, $settings);
    $row = intdiv($surface->cellAt(0.5, $deg), $surface->columns);
    $runs = [];
    $open = null;
    foreach ($surface->u as $column => $u) {
        $share = $through[$row * $surface->columns + $column] ?? 0.0;
        if ($share < 0.15) {
            $open = null;

            continue;
        }
        if ($open === null) {
            $open = \count($runs);
            $runs[] = [$u, $u, 0.0];
        }
        $runs[$open] = [$runs[$open][0], $u, max($runs[$open][2], $share)];
    }

    return $runs;
}

it('sets circles and dots in a field, each row below the last', function (string $technique): void {
    $row = ['count' => 5, 'diameter_mm' => 2, 'deg' => 60];
    $one = Marked::extent(Marked::by($technique, $row));
    $three = Marked::extent(Marked::by($technique, ['rows' => 3, 'rows_mm' => 5] + $row));
    // Two rows of five, and one less in the row between that is shifted.
    expect($three['share'])->toEqualWithDelta($one['share'] * 14 / 5, 0.25 * $one['share'])
        ->and($three['deg'][1])->toBeGreaterThan($one['deg'][1] + 25);
    $straight = Marked::extent(Marked::by($technique, ['rows' => 3, 'rows_mm' => 5, 'lie' => 'below each other'] + $row));
    expect($straight['share'])->toEqualWithDelta($one['share'] * 3, 0.25 * $one['share']);
})->with(['circles', 'soft dots']);

it('sets as many soft dots as asked for, smaller towards the tail', function (): void {
    $runs = runsAlong('soft dots', ['count' => 6, 'diameter_mm' => 3.5, 'smaller' => 0.6, 'deg' => 90], 90);
    expect($runs)->toHaveCount(6)
        ->and($runs[0][1] - $runs[0][0])->toBeGreaterThan(1.6 * ($runs[5][1] - $runs[5][0]));
});

it('draws as many bars as asked for, upright or leaning', function (): void {
    $settings = ['count' => 8, 'width_mm' => 1.2, 'top_deg' => 30, 'bottom_deg' => 120];
    $upright = runsAlong('pen bars', $settings, 75);
    $leaning = runsAlong('pen bars', ['lean_mm' => 6] + $settings, 110);
    expect($upright)->toHaveCount(8)
        ->and(runsAlong('pen bars', $settings, 140))->toBe([])
        ->and($leaning[0][0])->toBeGreaterThan($upright[0][0] + 0.04);
});

it('traces rays with light between them', function (): void {
    [$surface, $through] = Marked::by('rays', [
        'u' => 0.5, 'deg' => 90, 'length_mm' => 14, 'rays' => 5, 'turn_deg' => 0, 'spread_deg' => 80, 'width_mm' => 0.6,
    ]);
    // Counted across the fin, two thirds out.
    $column = $surface->cellAt(0.5 + 9 / 65, 0);
    $rays = 0;
    $inside = false;
    for ($row = 0; $row < $surface->rows; $row++) {
        $on = ($through[$row * $surface->columns + $column] ?? 0.0) > 0.2;
        $rays += $on && ! $inside ? 1 : 0;
        $inside = $on;
    }
    expect($rays)->toBe(5);
});

it('follows the gill edge, and the mouth from the nose to its corner', function (): void {
    $gill = Marked::extent(Marked::by('edge line', ['width_mm' => 1]));
    $mouth = Marked::extent(Marked::by('edge line', ['along' => 'mouth', 'top_deg' => 95, 'bottom_deg' => 115]));
    expect($gill['u'][1])->toBeBetween(0.24, 0.28)->and($gill['deg'])->toEqualWithDelta([50, 140], 8)
        ->and($mouth['u'][0])->toBeLessThan(0.02)->and($mouth['u'][1])->toBeBetween(0.1, 0.2)
        ->and($mouth['deg'][0])->toBeGreaterThan(70)->and($mouth['deg'][1])->toBeLessThan(130);
});

it('draws an outline and leaves its middle free', function (): void {
    $square = ['outline' => 'M0 0L10 0L10 10L0 10Z', 'long_mm' => 12];
    $runs = runsAlong('drawn outline', $square + ['width_mm' => 1], 90);
    expect($runs)->toHaveCount(2)
        ->and(($runs[1][1] - $runs[0][0]) * 65)->toEqualWithDelta(13, 1)
        ->and(runsAlong('outline', $square, 90))->toHaveCount(1);
});

it('moves a stencil along with less and less paint', function (): void {
    $runs = runsAlong('outline', [
        'outline' => 'M0 0L10 0L10 10L0 10Z', 'long_mm' => 4, 'u' => 0.2, 'times' => 5, 'step_mm' => 8, 'less' => 0.3,
    ], 90);
    expect($runs)->toHaveCount(5);
    foreach ($runs as $time => $run) {
        expect($run[2])->toEqualWithDelta(0.7 ** $time, 0.06)
            ->and($run[0])->toEqualWithDelta(0.2 + ($time * 8 - 2) / 65, 0.02);
    }
});

it('keeps clear what its mask covers, and nothing else', function (): void {
    [$surface, $through] = Marked::by('keep clear', ['outline' => 'M0 0L10 0L10 10L0 10Z', 'long_mm' => 8, 'u' => 0.5]);
    expect($through[$surface->cellAt(0.5, 90)])->toBeLessThan(0.01)
        ->and($through[$surface->cellAt(0.3, 90)])->toBe(1.0)
        ->and($through[$surface->cellAt(0.5, 170)])->toBe(1.0)
        ->and(Marked::extent([$surface, $through])['share'])->toBeBetween(0.9, 0.98);
});

it('sprays through a mesh in patches', function (): void {
    $all = Marked::extent(Marked::by('mesh', []))['share'];
    $third = Marked::extent(Marked::by('mesh', ['patches' => 0.3]))['share'];
    expect($third)->toBeBetween(0.12 * $all, 0.55 * $all);
});

it('shifts the windows of a mesh away from the brush, and gives light and dark edges', function (): void {
    $mesh = static fn(array $more): array => $more + [
        'technique' => ['name' => 'mesh', 'pitch_mm' => 4.0],
        'where' => ['zone' => 'whole'],
    ];
    $surface = Surface::of(Body::read(Node::root(Examples::body())), 256, 96);
    $middle = static function (array $more) use ($mesh, $surface): float {
        // Of one window, half way along the ridge.
        $cover = Coverage::land(Build::coat($mesh($more)), $surface);
        $sum = $x = 0.0;
        foreach ($surface->u as $column => $u) {
            $mm = $u * $surface->body->lengthMm;
            if ($mm > 30 && $mm < 34) {
                $sum += $cover->left[$column] ?? 0.0;
                $x += $mm * ($cover->left[$column] ?? 0.0);
            }
        }

        return $x / $sum;
    };
    $square = $middle(['aim_deg' => 0.0]);
    expect($middle(['aim_deg' => 0.0, 'slant_deg' => 40.0]))->toEqualWithDelta($square + 0.14 * 4 * tan(deg2rad(40)), 0.15)
        ->and($middle(['aim_deg' => 0.0, 'slant_deg' => -40.0]))->toEqualWithDelta($square - 0.14 * 4 * tan(deg2rad(40)), 0.15)
        ->and($middle(['slant_deg' => 0.0]))->toEqualWithDelta($square, 0.02);
    // From above, the window on the flank falls lower; from below, higher; square on, it stays.
    $height = static function (float $aim) use ($surface): float {
        $cover = Coverage::land(Build::coat([
            'technique' => ['name' => 'mesh', 'pitch_mm' => 12.0, 'lie' => 'square'],
            'where' => ['zone' => 'whole'],
            'aim_deg' => $aim,
        ]), $surface);
        $column = $surface->cellAt(36 / $surface->body->lengthMm, 0);
        $inside = [];
        for ($cell = $column; $cell < $surface->rows * $surface->columns; $cell += $surface->columns) {
            if (abs($surface->arcMm[$cell] - 12) < 6 && ($cover->left[$cell] ?? 0.0) > 0.1) {
                $inside[] = $surface->arcMm[$cell];
            }
        }

        return array_sum($inside) / \count($inside);
    };
    expect($height(45))->toBeGreaterThan($height(90) + 0.5)->and($height(135))->toBeLessThan($height(90) - 0.5);
});
