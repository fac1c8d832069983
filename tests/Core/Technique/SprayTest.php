<?php

declare(strict_types=1);

namespace Tests\Core\Technique;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Extent;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Technique\OpenSpray;
use Tests\Build;

/** A round rod 100 mm long and 20 mm thick: its normal points where its angle says. */
function rod(): Surface
{
    $body = Body::read(Node::root(['length_mm' => 100, 'exponent' => 2, 'stations' => [[0, 10, 10, 10], [1, 10, 10, 10]]]));
    \assert($body instanceof Body);

    return Surface::of($body, 64, 128);
}

function allOver(): Extent
{
    return Extent::set(0, 1, 0, 0, 180, 0);
}

/**
 * @param array<int, float> $shares
 *
 * @return array<int, float> share by row, in the middle of the rod
 */
function downTheMiddle(Surface $rod, array $shares): array
{
    $down = [];
    for ($row = 0; $row < $rod->rows; $row++) {
        $down[$row] = $shares[$row * $rod->columns + 32] ?? 0.0;
    }

    return $down;
}

it('leaves what the cosine between aim and surface says', function (float $aim): void {
    // Lambert's cosine law (Photometria, 1760); the sweep of a painter's hand widens the square part by 6 %: our own.
    $rod = rod();
    foreach (downTheMiddle($rod, OpenSpray::on($rod, allOver(), $aim, null)->all()) as $row => $share) {
        $cos = 1.06 * cos(deg2rad($rod->theta[$row] - $aim));
        expect($share)->toEqualWithDelta($cos < OpenSpray::LEAST ? 0.0 : min(1.0, $cos), 0.003);
    }
})->with([0.0, 35.0, 90.0, 180.0]);

it('leaves the most in the middle of the stroke and half of it at half its width', function (float $width): void {
    // Aimed straight from the side, as wide as told, bell-shaped.
    $rod = rod();
    $down = downTheMiddle($rod, OpenSpray::on($rod, allOver(), 90.0, $width)->all());
    // The bell goes by quarter millimetres from the middle of a cell: half a millimetre where it is steepest.
    $near = 0.5 * sqrt(2 * M_LN2) * exp(-0.5) / ($width / 2);
    $plain = downTheMiddle($rod, OpenSpray::on($rod, allOver(), 90.0, null)->all());
    foreach ($down as $row => $share) {
        $away = 10 * deg2rad(abs($rod->theta[$row] - 90));
        $bell = exp(-M_LN2 * ($away / ($width / 2)) ** 2);
        if ($share > 0) {
            expect($share)->toEqualWithDelta($plain[$row] * $bell, $near);
        } else {
            expect($plain[$row] * $bell)->toBeLessThan(OpenSpray::LEAST + $near);
        }
    }
    expect(max($down))->toEqualWithDelta(1.0, 0.01);
})->with([6.0, 10.0, 18.0]);

it('keeps to its place and fades over its soft edge', function (): void {
    $rod = rod();
    $open = OpenSpray::on($rod, Extent::set(0.25, 0.75, 0.1, 60, 120, 20), null, null)->all();
    $at = static fn(float $u, float $deg): float => $open[$rod->cellAt($u, $deg)] ?? 0.0;
    expect($at(0.5, 90))->toBe(1.0)
        ->and($at(0.1, 90))->toBe(0.0)
        ->and($at(0.5, 20))->toBe(0.0)
        ->and($at(0.25, 90))->toEqualWithDelta(0.5, 0.15)
        ->and($at(0.5, 60))->toEqualWithDelta(0.5, 0.15)
        // Its corners are round.
        ->and($at(0.25, 60))->toBeLessThan($at(0.25, 90) * $at(0.5, 60) / 2);
});

it('does not fade towards nose, tail, ridge and keel', function (): void {
    $rod = rod();
    expect(OpenSpray::on($rod, Extent::set(0, 1, 0.3, 0, 180, 60), null, null)->all())->toBe(OpenSpray::everywhere($rod)->all());
});

it('says how far it reaches, and that nothing reaches nowhere', function (): void {
    $rod = rod();
    [$first, $last, $top, $low] = OpenSpray::on($rod, Extent::set(0.25, 0.5, 0, 90, 135, 0), null, null)->reach();
    // Where it is widest; its corners are round.
    expect([$first, $last])->toBe([16, 31])->and([$top, $low])->toBe([32, 47])
        ->and(OpenSpray::everywhere($rod)->reach())->toBe([0, 63, 0, 63]);
    $none = OpenSpray::on($rod, new Extent(2, 3, 0, 0, 180, 0), null, null);
    expect($none->all())->toBe([])->and($none->reach()[1])->toBe(-1)->and($none->over([5 => 1.0]))->toBe([]);
});

it('lets fall on marks what would have fallen there', function (): void {
    $rod = rod();
    $place = Extent::set(0.1, 0.9, 0.2, 20, 150, 40);
    $all = OpenSpray::on($rod, $place, 50.0, 12.0)->all();
    $marks = [];
    foreach (range(0, $rod->rows * $rod->columns - 1, 7) as $cell) {
        $marks[$cell] = 0.25 + ($cell % 4) / 4;
    }
    $wanted = [];
    foreach ($marks as $cell => $share) {
        if (isset($all[$cell])) {
            $wanted[$cell] = $all[$cell] * $share;
        }
    }
    // Worked out for the marks alone, and from what was worked out for all.
    $asked = OpenSpray::on($rod, $place, 50.0, 12.0);
    expect($asked->over($marks))->toEqual($wanted);
    $asked->all();
    expect($asked->over($marks))->toEqual($wanted)
        ->and(OpenSpray::everywhere($rod)->over($marks))->toBe($marks);
});

it('counts nothing that the eye would not see', function (): void {
    $rod = rod();
    foreach ([
        OpenSpray::on($rod, Extent::set(0.3, 0.6, 0.3, 40, 90, 60), 20.0, 8.0),
        OpenSpray::on($rod, allOver(), 90.0, null),
    ] as $open) {
        expect(min($open->all()))->toBeGreaterThanOrEqual(OpenSpray::LEAST);
    }
});

it('lands on both sides alike, or on one', function (): void {
    $surface = Build::surface();
    $both = Coverage::land(Build::coat(['where' => ['zone' => 'flank']]), $surface);
    $left = Coverage::land(
        Build::coat(['where' => ['from_u' => 0.2, 'to_u' => 0.8, 'from_deg' => 40, 'to_deg' => 120, 'side' => 'left']]),
        $surface,
    );
    $right = Coverage::land(
        Build::coat(['where' => ['from_u' => 0.2, 'to_u' => 0.8, 'from_deg' => 40, 'to_deg' => 120, 'side' => 'right']]),
        $surface,
    );
    expect($both->mirrored)->toBeTrue()->and($both->left)->toBe($both->right)
        ->and($left->mirrored)->toBeFalse()->and($left->right)->toBe([])
        ->and($right->left)->toBe([])->and($right->right)->toBe($left->left);
});

it('is even only where nothing keeps it from any part', function (array $step, bool $even): void {
    expect(Coverage::land(Build::coat($step), Build::surface())->even)->toBe($even);
})->with([
    [[], true],
    [['aim_deg' => 40], false],
    [['width_mm' => 20], false],
    [['where' => ['zone' => 'flank']], false],
    [['technique' => ['name' => 'mesh']], false],
    // A brush is not aimed: the figures of another technique left in the step change nothing.
    [['technique' => ['name' => 'spot'], 'aim_deg' => 40, 'width_mm' => 9], false],
]);

it('works films out in twelfths of a coat', function (): void {
    expect(Coverage::stepped(0.0))->toBe(0.0)->and(Coverage::stepped(1.0))->toBe(1.0)
        ->and(Coverage::stepped(0.5))->toBe(0.5)->and(Coverage::stepped(0.04))->toBe(0.0)
        ->and(Coverage::stepped(0.05))->toEqualWithDelta(1 / 12, 1e-12);
});

it('fades a row of places as it fades each of them', function (Extent $place): void {
    foreach (range(0, 20) as $row) {
        $around = $place->power($row / 12);
        $along = array_map(static fn(int $i): float => $place->power($i / 40), range(0, 60));
        $fades = $place->fades($along, $around);
        foreach ($along as $column => $power) {
            expect($fades[$column] ?? 0.0)->toEqualWithDelta($place->fade($power, $around), 1e-12);
        }
    }
})->with([
    'an oval' => [Extent::set(0.3, 0.6, 0.1, 60, 120, 25, true)],
    'a field' => [Extent::set(0.2, 0.8, 0.2, 40, 130, 30)],
    'with a hard edge one way' => [Extent::set(0.2, 0.8, 0, 40, 130, 30)],
    'with a hard edge' => [Extent::set(0.2, 0.8, 0, 40, 130, 0)],
    'softer than it is long' => [Extent::set(0.4, 0.5, 0.3, 80, 100, 60)],
]);
