<?php

declare(strict_types=1);

namespace Tests\Core\Body;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Measure;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Tests\Build;

function bodyRefusal(array $change): ?string
{
    try {
        Body::read(Node::root(['body' => array_replace(Examples::body(), $change)])->field('body'));
    } catch (Refused $e) {
        return $e->pointer;
    }

    return null;
}

it('reads what it wrote', function (): void {
    $body = Body::read(Node::root(Examples::body()));
    expect(Body::read(Node::root($body->document()))->document())->toBe($body->document());
});

it('refuses measures that make no body, saying where', function (array $change, string $pointer): void {
    expect(bodyRefusal($change))->toBe($pointer);
})->with([
    'crossing stations' => [['stations' => [[0, 1, 1, 1], [0.6, 5, 5, 3], [0.4, 5, 5, 3], [1, 1, 1, 1]]], '/body/stations/2/0'],
    'no nose' => [['stations' => [[0.1, 1, 1, 1], [1, 1, 1, 1]]], '/body/stations/0/0'],
    'no tail' => [['stations' => [[0, 1, 1, 1], [0.9, 1, 1, 1]]], '/body/stations/1/0'],
    'one station' => [['stations' => [[0, 1, 1, 1]]], '/body/stations'],
    'a station of three' => [['stations' => [[0, 1, 1], [1, 1, 1, 1]]], '/body/stations/0'],
    'no thickness' => [['stations' => [[0, 0, 0, 0], [1, 0, 0, 0]]], '/body/stations'],
    'zero length' => [['length_mm' => 0], '/body/length_mm'],
    'a negative measure' => [['stations' => [[0, 1, 1, 1], [0.5, -3, 4, 2], [1, 1, 1, 1]]], '/body/stations/1/1'],
    'text for a number' => [['length_mm' => '65'], '/body/length_mm'],
    'an unknown field' => [['colour' => 'red'], '/body/colour'],
]);

it('passes through every station as it was measured', function (): void {
    $body = Body::read(Node::root(Examples::body()));
    foreach ($body->stations as $station) {
        expect($body->topAt($station->u))->toEqualWithDelta($station->topMm, 1e-9)
            ->and($body->halfWidthAt($station->u))->toEqualWithDelta($station->halfWidthMm, 1e-9);
    }
});

it('keeps a positive size everywhere on two hundred random bodies', function (): void {
    mt_srand(5);
    for ($n = 0; $n < 200; $n++) {
        $stations = [[0, mt_rand(0, 30) / 10, mt_rand(0, 30) / 10, mt_rand(0, 30) / 10]];
        $u = 0.0;
        while (($u += mt_rand(5, 30) / 100) < 0.97) {
            $stations[] = [$u, mt_rand(10, 300) / 10, mt_rand(10, 300) / 10, mt_rand(10, 200) / 10];
        }
        $stations[] = [1, mt_rand(0, 30) / 10, mt_rand(0, 30) / 10, mt_rand(1, 30) / 10];
        $body = Body::read(Node::root([
            'length_mm' => mt_rand(30, 300),
            'exponent' => mt_rand(15, 40) / 10,
            'stations' => $stations,
        ]));
        for ($i = 0; $i <= 50; $i++) {
            expect($body->topAt($i / 50) >= 0 && is_finite($body->topAt($i / 50)))->toBeTrue();
        }
    }
    expect(Measure::areaMm2($body))->toBeGreaterThan(0);
});

it('finds each zone where painters look for it, the same on both sides', function (
    Zone $zone,
    float $u,
    float $deg,
    float $elsewhereU,
    float $elsewhereDeg,
): void {
    $body = Body::read(Node::root(Examples::body()));
    expect($zone->weight($body, $u, $deg))->toBeGreaterThan(0.9)
        ->and($zone->weight($body, $u, 360 - $deg))->toEqualWithDelta($zone->weight($body, $u, $deg), 1e-9)
        ->and($zone->weight($body, $elsewhereU, $elsewhereDeg))->toBeLessThan(0.1);
})->with([
    [Zone::Back, 0.5, 5, 0.5, 90],
    [Zone::Shoulder, 0.5, 45, 0.5, 170],
    [Zone::Flank, 0.5, 85, 0.5, 10],
    [Zone::LowerFlank, 0.5, 120, 0.5, 60],
    [Zone::Belly, 0.5, 178, 0.5, 90],
    [Zone::Head, 0.1, 90, 0.5, 90],
    [Zone::Muzzle, 0.02, 90, 0.3, 90],
    [Zone::GillPlate, 0.2, 90, 0.5, 90],
    [Zone::Throat, 0.2, 175, 0.2, 60],
    [Zone::Tail, 0.98, 90, 0.5, 90],
    [Zone::LateralLine, 0.6, 87, 0.6, 40],
]);

it('is round where it ends both ways, and the ring of an eye goes by the eye', function (Zone $zone): void {
    $surface = Surface::of(Build::body(['marks' => ['eye_socket_mm' => 6]]), 256, 128);
    $extent = $zone->extent($surface->body);
    // Half of the paint lies at every edge; a box with the same ends would lay a quarter in its corners.
    $corner = $extent->at($extent->fromU, $extent->fromDeg);
    expect($extent->at($extent->fromU, ($extent->fromDeg + $extent->toDeg) / 2))->toEqualWithDelta(0.5, 1e-6)
        ->and($corner)->toBeLessThan(0.05);
})->with([[Zone::EyeSurround], [Zone::GillPlate], [Zone::PelvicFin], [Zone::AnalFin]]);

it('rings an eye by its size', function (float $socket): void {
    $body = Build::body(['marks' => ['eye_socket_mm' => $socket]]);
    $extent = Zone::EyeSurround->extent($body);
    expect(($extent->toU - $extent->fromU) * $body->lengthMm)->toEqualWithDelta(2 * $socket, 1e-6);
    // As wide around as along, on the surface.
    $surface = Surface::of($body, 512, 512);
    $arc = static fn(float $deg): float => $surface->arcMm[$surface->cellAt($body->marks->eyeU, $deg)];
    expect($arc($extent->toDeg) - $arc($extent->fromDeg))->toEqualWithDelta(2 * $socket, 0.2 * $socket);
})->with([4.0, 7.0]);
