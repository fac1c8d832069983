<?php

declare(strict_types=1);

namespace Tests\Core\Body;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Index;
use Hawkbrush\Core\Body\Marks;
use Hawkbrush\Core\Body\Measure;
use Hawkbrush\Core\Body\Station;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Body\Trace;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Coat\Place;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Render\Symmetry;
use Hawkbrush\Core\Render\Texture;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Techniques;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Build;

function round20(): Body
{
    return Body::of(
        'round',
        'wood',
        100,
        2.0,
        [new Station(0, 10, 10, 10), new Station(1, 10, 10, 10)],
        Spectrum::flat(0.8),
        new Marks(gillU: 0.25, eyeU: 0.1, hooksU: [0.4, 0.9], jointsU: [0.6]),
    );
}

it('measures distances on the surface within 1 %: a quarter around is pi r / 2 (closed form)', function (float $deg): void {
    expect(Index::arcMm(round20(), 0.5, 90, $deg))->toEqualWithDelta(
        10 * deg2rad(abs($deg - 90)),
        10 * deg2rad(abs($deg - 90)) * 0.01 + 1e-9,
    );
})->with([0.0, 30.0, 45.0, 90.0, 135.0, 180.0]);

it('says where a place lies in words that can be found with calipers', function (float $u, float $deg, string $said): void {
    expect(Index::say(round20(), $u, $deg))->toBe($said)
        // The same on the other side.
        ->and(Index::say(round20(), $u, 360 - $deg))->toBe($said);
})->with([
    [0.0, 90.0, 'at the tip of the nose, on the midline'],
    [0.325, 90.0, '7.5 mm behind the gill edge, on the midline'],
    [0.25, 45.0, 'at the gill edge, 7.9 mm above the midline'],
    [0.85, 135.0, '5.0 mm in front of the second hook hanger, 7.9 mm below the midline'],
    [0.62, 0.0, '2.0 mm behind the joint, on the back ridge'],
    [0.62, 180.0, '2.0 mm behind the joint, on the keel'],
    [0.99, 270.0, '1.0 mm in front of the end of the tail, on the midline'],
]);

it('traces a spheroid from its outlines and gets its area back (closed form)', function (): void {
    // Semi-axes 30, 10, 10 mm, drawn at 7 units a millimetre, tilted by 10 degrees.
    $turn = static fn(float $x, float $y): array => [
        7 * ($x * cos(0.1745) - $y * sin(0.1745)) + 40,
        7 * ($x * sin(0.1745) + $y * cos(0.1745)) + 90,
    ];
    $outline = ['nose' => $turn(-30, 0), 'tail' => $turn(30, 0), 'upper' => [], 'lower' => []];
    for ($i = 1; $i < 24; $i++) {
        $x = -30 * cos(M_PI * $i / 24);
        $y = 10 * sin(M_PI * $i / 24);
        $outline['upper'][] = $turn($x, -$y);
        $outline['lower'][] = $turn($x, $y);
    }
    $body = Body::of('traced', 'wood', 60, 2.0, Trace::stations(60, $outline, $outline, 1), Spectrum::flat(0.8), new Marks());
    $e = sqrt(1 - 100 / 900);
    $area = 2 * M_PI * 100 * (1 + 30 / (10 * $e) * asin($e));
    expect(Measure::areaMm2($body))->toEqualWithDelta($area, 0.01 * $area)
        ->and(Measure::volumeMm3($body))->toEqualWithDelta(4 / 3 * M_PI * 3000, 0.01 * 4 / 3 * M_PI * 3000);
});

it('takes the width from the depth where no view from above is given', function (): void {
    $outline = ['nose' => [0.0, 0.0], 'tail' => [100.0, 0.0], 'upper' => [[50.0, -10.0]], 'lower' => [[50.0, 12.0]]];
    $middle = Trace::stations(100, $outline, null, 0.5)[1];
    expect([$middle->u, $middle->topMm, $middle->bottomMm, $middle->halfWidthMm])->toBe([0.5, 10.0, 12.0, 5.5]);
});

it('refuses an outline that makes no body, with what and where', function (array $change, string $pointer): void {
    $outline = $change + ['nose' => [0.0, 0.0], 'tail' => [100.0, 0.0], 'upper' => [[50.0, -10.0]], 'lower' => [[50.0, 10.0]]];
    try {
        Trace::stations(80, $outline, null, 0.6);
        expect(false)->toBeTrue();
    } catch (Refused $e) {
        expect($e->pointer)->toBe($pointer);
    }
})->with([
    'no length' => [['tail' => [0.0, 0.0]], '/side/tail'],
    'edges that cross' => [['upper' => [[30.0, -5.0], [60.0, 8.0]]], '/side/upper/1'],
    'a point beyond the tail' => [['lower' => [[140.0, 5.0]]], '/side/lower/0'],
    'an edge without points' => [['upper' => []], '/side/upper'],
]);

it('keeps zones that were set by hand, and writes them so that they read the same', function (): void {
    $document = Examples::body() + ['marks' => [
        'tie_u' => 0.02,
        'zones' => ['belly' => ['from_u' => 0.2, 'to_u' => 0.8, 'soft_u' => 0.02, 'from_deg' => 150, 'to_deg' => 180, 'soft_deg' => 4]],
    ]];
    $body = Body::read(Node::root($document));
    expect(Zone::Belly->weight($body, 0.5, 175))->toBe(1.0)
        ->and(Zone::Belly->weight($body, 0.1, 175))->toBe(0.0)
        ->and(Zone::Belly->weight($body, 0.5, 140))->toBe(0.0)
        ->and(Place::zone(Zone::Belly)->extent($body)->around(180))->toBe(1.0)
        ->and(Body::read(Node::root($body->document()))->document())->toEqual($body->document());
    expect(fn() => Body::read(Node::root(Examples::body() + ['marks' => ['zones' => ['hat' => []]]])))->toThrow(
        Refused::class,
        'not known here',
    );
});

it('puts a coat on one side only when it is told so', function (string $side): void {
    $cover = Coverage::land(Build::coat(['where' => ['zone' => 'flank', 'side' => $side]]), Build::surface());
    expect($cover->mirrored)->toBeFalse()
        ->and($side === 'left' ? $cover->right : $cover->left)->toBe([])
        ->and($side === 'left' ? $cover->left : $cover->right)->not->toBe([]);
})->with(['left', 'right']);

it('finds the sides alike where every step is, and tells them apart where one is not', function (): void {
    $recipe = static fn(array $change): Field => Field::painted(
        Build::recipe($change + [
            'type' => 'paint',
            'mix' => [['paint' => 'white']],
            'where' => ['zone' => 'flank'],
            'technique' => ['name' => 'spray'],
            'coats' => 3,
        ]),
        Build::surface(),
        Climate::ordinary(),
    );
    $alike = Symmetry::compare($recipe([]), SurfaceFinish::Clear);
    expect($alike->mean)->toBe(0.0)->and($alike->shares[0])->toEqualWithDelta(1.0, 1e-9);
    $apart = Symmetry::compare($recipe(['where' => ['zone' => 'flank', 'side' => 'left']]), SurfaceFinish::Clear);
    expect($apart->most)->toBeGreaterThan(5.0)
        ->and(array_sum($apart->shares))->toEqualWithDelta(1.0, 1e-9)
        ->and($apart->shares[0])->toBeBetween(0.2, 0.9);
});

it('stands two hundred random bodies and seeds: areas positive, zones within the body, both sides mirror', function (): void {
    $random = new Randomizer(new Mt19937(1912));
    $between = static fn(float $from, float $to): float => $from + ($to - $from) * $random->getInt(0, 1_000_000) / 1_000_000;
    $techniques = Techniques::all();
    for ($n = 0; $n < 200; $n++) {
        $length = $between(20, 300);
        $count = $random->getInt(2, 9);
        $u = [0.0, ...array_map(static fn(): float => $between(0.01, 0.99), range(1, $count)), 1.0];
        sort($u);
        $u = array_values(array_unique($u, SORT_NUMERIC));
        $thick = $length / $between(3, 9);
        $stations = array_map(
            static fn(float $at): Station => new Station(
                $at,
                $thick * $between(0.02, 1),
                $thick * $between(0.02, 1),
                $thick * $between(0.02, 0.8),
            ),
            $u,
        );
        $marks = new Marks(
            $between(0.1, 0.5),
            $between(0.03, 0.3),
            $between(20, 120),
            $between(1, 12),
            $between(0.2, 4),
            jointsU: [$between(0.3, 0.8)],
            hooksU: [$between(0.2, 0.6)],
        );
        $body = Body::of("random {$n}", 'wood', $length, $between(1.2, 4.5), $stations, Spectrum::flat(0.8), $marks);
        $surface = Surface::of($body, 24, 16);
        $whole = 2 * array_sum($surface->areaMm2);
        expect($whole)->toBeGreaterThan(0.0)->and(min($surface->areaMm2))->toBeGreaterThanOrEqual(0.0)->and(is_finite($whole))->toBeTrue()
            ->and(Measure::volumeMm3($body))->toBeGreaterThan(0.0);
        foreach (Zone::cases() as $zone) {
            $area = 0.0;
            foreach ($surface->areaMm2 as $cell => $mm2) {
                $area += 2 * $mm2 * $zone->weight($body, $surface->u[$cell % 24], $surface->theta[intdiv($cell, 24)]);
            }
            expect($area)->toBeBetween(0.0, $whole * 1.0001);
        }
        $technique = $techniques[$n % \count($techniques)];
        $open = OpenSpray::everywhere($surface);
        $through = $technique->through($surface, Choices::read($technique, Node::root([])), $random->getInt(0, 2_000_000_000), $open);
        foreach ($through as $cell => $share) {
            expect($share >= 0 && $share <= 1.0001 && $cell < 2 * $surface->rows * $surface->columns)->toBeTrue();
        }
        if ($technique->mirrored()) {
            $texture = Texture::draw(
                Field::painted(
                    Build::recipe([
                        'type' => 'paint',
                        'mix' => [['paint' => 'white']],
                        'where' => ['zone' => 'whole'],
                        'technique' => ['name' => $technique->name()],
                    ]),
                    $surface,
                    Climate::ordinary(),
                ),
                SurfaceFinish::Clear,
            );
            $rows = str_split($texture->cells, 2 * $texture->width);
            expect(array_reverse($rows))->toBe($rows);
        }
    }
});

it('refuses bodies that are none: crossing stations, no length, no thickness', function (array $change, string $pointer): void {
    try {
        Body::read(Node::root($change + Examples::body()));
        expect(false)->toBeTrue();
    } catch (Refused $e) {
        expect($e->pointer)->toBe($pointer);
    }
})->with([
    [['stations' => [[0, 1, 1, 1], [0.6, 5, 5, 3], [0.4, 5, 5, 3], [1, 1, 1, 1]]], '/stations/2/0'],
    [['length_mm' => 0], '/length_mm'],
    [['stations' => [[0, 0, 0, 0], [1, 0, 0, 0]]], '/stations'],
    [['stations' => [[0, 1, 1, -3], [1, 1, 1, 1]]], '/stations/0/3'],
]);
