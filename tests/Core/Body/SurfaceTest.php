<?php

declare(strict_types=1);

namespace Tests\Core\Body;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Measure;
use Hawkbrush\Core\Body\Section;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Refused;
use Tests\Build;

/** A body of any length, form and section. */
function anyForm(int $seed): Body
{
    mt_srand($seed);
    $stations = [[0, mt_rand(2, 30) / 10, mt_rand(2, 30) / 10, mt_rand(2, 30) / 10]];
    foreach ([0.2, 0.45, 0.7] as $u) {
        $stations[] = [$u, mt_rand(40, 200) / 10, mt_rand(40, 200) / 10, mt_rand(30, 150) / 10];
    }
    $stations[] = [1, mt_rand(2, 30) / 10, mt_rand(2, 30) / 10, mt_rand(2, 30) / 10];

    return Build::body(['length_mm' => mt_rand(40, 200), 'exponent' => mt_rand(16, 32) / 10, 'stations' => $stations]);
}

dataset('forms', [
    'round' => [fn(): Body => Build::body()],
    'boxy' => [fn(): Body => Build::body(['exponent' => 3.2])],
    'sharp-edged' => [fn(): Body => Build::body(['exponent' => 1.6])],
    'one of any' => [fn(): Body => anyForm(3)],
    'another' => [fn(): Body => anyForm(4)],
]);

/**
 * A cell from its four corners in space, x towards the tail: the cross product of the lines between the middles of its
 * opposite edges.
 *
 * @return array{float, float, float, float} area and outward normal
 */
function cellOf(Body $body, Surface $surface, int $column, int $row): array
{
    $section = Section::half($surface->rows, $body->exponent);
    [$y0, $z0] = $section->rib($body, $column / $surface->columns);
    [$y1, $z1] = $section->rib($body, ($column + 1) / $surface->columns);
    [$j, $k] = [$row, $row + 1];
    $around = [0.0, ($y0[$k] + $y1[$k] - $y0[$j] - $y1[$j]) / 2, ($z0[$k] + $z1[$k] - $z0[$j] - $z1[$j]) / 2];
    $along = [
        $body->lengthMm / $surface->columns,
        ($y1[$j] + $y1[$k] - $y0[$j] - $y0[$k]) / 2,
        ($z1[$j] + $z1[$k] - $z0[$j] - $z0[$k]) / 2,
    ];
    $cross = [
        $around[1] * $along[2] - $around[2] * $along[1],
        $around[2] * $along[0] - $around[0] * $along[2],
        $around[0] * $along[1] - $around[1] * $along[0],
    ];
    $size = sqrt($cross[0] ** 2 + $cross[1] ** 2 + $cross[2] ** 2);

    // From the ridge over the left flank, the cross product points inwards.
    return [$size, -$cross[0] / $size, -$cross[1] / $size, -$cross[2] / $size];
}

it('is made of the flat pieces between its ribs', function (Body $body): void {
    // Even and odd numbers of rows: in an odd one, a cell lies across the widest line.
    foreach ([Surface::of($body, 48, 32), Surface::of($body, 40, 26)] as $surface) {
        for ($cell = 0; $cell < $surface->rows * $surface->columns; $cell += 17) {
            [$area, $nx, $ny, $nz] = cellOf($body, $surface, $cell % $surface->columns, intdiv($cell, $surface->columns));
            expect($surface->areaMm2[$cell])->toEqualWithDelta($area, 1e-9)
                ->and(abs($surface->normalY[$cell]))->toEqualWithDelta(abs($ny), 1e-9)
                ->and(abs($surface->normalZ[$cell]))->toEqualWithDelta(abs($nz), 1e-9)
                ->and($nx ** 2 + $surface->normalY[$cell] ** 2 + $surface->normalZ[$cell] ** 2)->toEqualWithDelta(1.0, 1e-9);
        }
    }
})->with('forms');

it('looks outwards: to the left everywhere, up on the back, down on the belly', function (Body $body): void {
    $surface = Surface::of($body, 64, 32);
    foreach (range(8, 55) as $column) {
        expect($surface->normalZ[$column])->toBeGreaterThan(0)
            ->and($surface->normalZ[15 * 64 + $column])->toBeLessThan(0);
        foreach (range(0, 15) as $row) {
            expect($surface->normalY[$row * 64 + $column])->toBeGreaterThanOrEqual(0);
        }
    }
})->with('forms');

it('adds up to the area that is measured', function (Body $body): void {
    expect(2 * array_sum(Surface::of($body)->areaMm2))->toEqualWithDelta(Measure::areaMm2($body), 0.01 * Measure::areaMm2($body));
})->with('forms');

it('goes around in growing steps that make half the girth', function (Body $body): void {
    $surface = Surface::of($body, 40, 128);
    foreach ([4, 19, 33] as $column) {
        $way = [];
        foreach (range(0, 63) as $row) {
            $way[] = $surface->arcMm[$row * 40 + $column];
        }
        $sorted = $way;
        sort($sorted);
        // The last middle lies half a cell before the keel, the first half a cell behind the ridge.
        expect($way)->toBe($sorted)
            ->and($way[63] + $way[0])->toEqualWithDelta(Measure::girthMm($body, $surface->u[$column]) / 2, 0.02 * $way[63])
            ->and($surface->flankMm[$column])->toBeBetween($way[31], $way[32]);
    }
    expect($surface->deepestMm())->toBeGreaterThanOrEqual($surface->arcMm[63 * 40 + 19]);
})->with('forms');

it('finds the cell of a place, on either side the same', function (): void {
    $surface = Surface::of(Build::body(), 64, 32);
    foreach ([
        [0.0, 0.0, 0],
        [0.999, 0.0, 63],
        [1.0, 0.0, 63],
        [0.5, 90.0, 8 * 64 + 32],
        [0.5, 180.0, 15 * 64 + 32],
        [0.25, 45.0, 4 * 64 + 16],
    ] as [$u, $deg, $cell]) {
        expect($surface->cellAt($u, $deg))->toBe($cell)
            ->and($surface->cellAt($u, 360 - $deg))->toBe($cell);
    }
    foreach ([0, 700, 1023] as $cell) {
        expect($surface->cellAt($surface->u[$cell % 64], $surface->theta[intdiv($cell, 64)]))->toBe($cell);
    }
});

it('does not change with how fine it is', function (): void {
    $body = anyForm(9);
    $sum = static fn(Surface $s): float => array_sum($s->areaMm2);
    $fine = $sum(Surface::of($body, 512, 256));
    expect($sum(Surface::of($body, 128, 64)))->toEqualWithDelta($fine, 0.01 * $fine)
        ->and($sum(Surface::of($body, 256, 128)))->toEqualWithDelta($fine, 0.003 * $fine);
});

it('grows with the square of the size', function (): void {
    $small = Surface::of(Build::body(), 64, 32);
    $twice = Surface::of(
        Build::body([
            'length_mm' => 130,
            'stations' => array_map(static fn(array $s): array => [$s[0], 2 * $s[1], 2 * $s[2], 2 * $s[3]], Examples::body()['stations']),
        ]),
        64,
        32,
    );
    foreach ([100, 500, 900] as $cell) {
        expect($twice->areaMm2[$cell])->toEqualWithDelta(4 * $small->areaMm2[$cell], 1e-9)
            ->and($twice->arcMm[$cell])->toEqualWithDelta(2 * $small->arcMm[$cell], 1e-9)
            ->and($twice->normalZ[$cell])->toEqualWithDelta($small->normalZ[$cell], 1e-9);
    }
});

it('refuses a grid too coarse, too fine or odd', function (int $columns, int $around): void {
    Surface::of(Build::body(), $columns, $around);
})->with([[7, 64], [1025, 64], [64, 6], [64, 514], [64, 33], [0, 0], [-8, 64]])->throws(Refused::class, '8 to 1024 cells along');
