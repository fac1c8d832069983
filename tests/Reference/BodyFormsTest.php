<?php

declare(strict_types=1);

namespace Tests\Reference;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Marks;
use Hawkbrush\Core\Body\Measure;
use Hawkbrush\Core\Body\Station;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Colour\Spectrum;

/** A spheroid measured with calipers at $count + 1 places. */
function spheroid(float $half, float $radius, int $count = 10): Body
{
    $stations = [];
    for ($i = 0; $i <= $count; $i++) {
        $u = $i / $count;
        $r = 2 * $radius * sqrt($u * (1 - $u));
        $stations[] = new Station($u, $r, $r, $r);
    }

    return Body::of('spheroid', 'plastic', 2 * $half, 2.0, $stations, Spectrum::flat(0.8), new Marks());
}

it('measures a sphere: area 4 pi r^2, volume 4/3 pi r^3 (closed forms)', function (): void {
    $sphere = spheroid(12, 12);
    expect(Measure::areaMm2($sphere))->toEqualWithDelta(4 * M_PI * 144, 4 * M_PI * 144 * 1e-3)
        ->and(Measure::volumeMm3($sphere))->toEqualWithDelta(4 / 3 * M_PI * 1728, 4 / 3 * M_PI * 1728 * 1e-3)
        ->and(Measure::girthMm($sphere, 0.5))->toEqualWithDelta(2 * M_PI * 12, 2 * M_PI * 12 * 1e-3);
});

it('measures a prolate spheroid to 0.1 % (closed form, handbook)', function (int $stations): void {
    // A = 2 pi b^2 (1 + a / (b e) asin e), e^2 = 1 - b^2/a^2, for semi-axes 30, 10, 10 mm.
    $e = sqrt(1 - 100 / 900);
    $area = 2 * M_PI * 100 * (1 + 30 / (10 * $e) * asin($e));
    expect(Measure::areaMm2(spheroid(30, 10, $stations)))->toEqualWithDelta($area, $area * 1e-3)
        ->and(Measure::volumeMm3(spheroid(30, 10, $stations)))->toEqualWithDelta(4 / 3 * M_PI * 3000, 13);
})->with([6, 10, 24]);

it('measures an ellipsoid of three axes: volume 4/3 pi abc (closed form), area by integrating its parametric surface', function (): void {
    [$a, $b, $c] = [30.0, 12.0, 8.0];
    $stations = [];
    for ($i = 0; $i <= 16; $i++) {
        $u = $i / 16;
        $share = 2 * sqrt($u * (1 - $u));
        $stations[] = new Station($u, $b * $share, $b * $share, $c * $share);
    }
    $body = Body::of('ellipsoid', 'wood', 2 * $a, 2.0, $stations, Spectrum::flat(0.8), new Marks());
    // Midpoint rule over latitude and longitude: |r_t x r_p| = sin t sqrt(b2c2 cos2 t + a2 sin2 t (c2 cos2 p + b2 sin2 p)).
    $area = 0.0;
    for ($i = 0; $i < 400; $i++) {
        $t = ($i + 0.5) * M_PI / 400;
        for ($j = 0; $j < 400; $j++) {
            $p = ($j + 0.5) * 2 * M_PI / 400;
            $area += sin($t) * sqrt(
                ($b * $c * cos($t)) ** 2 + ($a * sin($t)) ** 2 * (($c * cos($p)) ** 2 + ($b * sin($p)) ** 2),
            ) * (M_PI / 400) * (2 * M_PI / 400);
        }
    }
    expect(Measure::areaMm2($body))->toEqualWithDelta($area, 0.005 * $area)
        ->and(Measure::volumeMm3($body))->toEqualWithDelta(4 / 3 * M_PI * $a * $b * $c, 0.005 * 4 / 3 * M_PI * $a * $b * $c);
});

it('measures a cylinder: side 2 pi r l, volume pi r^2 l; flat ends are not painted', function (): void {
    $cylinder = Body::of('cylinder', 'wood', 80, 2.0, [new Station(0, 9, 9, 9), new Station(1, 9, 9, 9)], Spectrum::flat(0.8), new Marks());
    expect(Measure::areaMm2($cylinder))->toEqualWithDelta(2 * M_PI * 9 * 80, 2 * M_PI * 9 * 80 * 1e-3)
        ->and(Measure::volumeMm3($cylinder))->toEqualWithDelta(M_PI * 81 * 80, M_PI * 81 * 80 * 1e-3);
});

it('measures an elliptic cylinder by Ramanujan’s perimeter', function (): void {
    // Ramanujan 1914: pi (3(a+b) - sqrt((3a+b)(a+3b))).
    $body = Body::of('plate', 'wood', 50, 2.0, [new Station(0, 12, 12, 4), new Station(1, 12, 12, 4)], Spectrum::flat(0.8), new Marks());
    $perimeter = M_PI * (3 * 16 - sqrt((3 * 12 + 4) * (12 + 3 * 4)));
    expect(Measure::girthMm($body, 0.3))->toEqualWithDelta($perimeter, $perimeter * 2e-3);
});

it('has the same area cell by cell', function (): void {
    $body = spheroid(30, 10);
    expect(2 * array_sum(Surface::of($body)->areaMm2))->toEqualWithDelta(Measure::areaMm2($body), Measure::areaMm2($body) * 5e-3);
});

it('points its normals outwards: up at the ridge, sideways at the flank, down at the belly', function (): void {
    $surface = Surface::of(spheroid(30, 10));
    $at = static fn(float $deg): array => [$surface->normalY[$surface->cellAt(0.5, $deg)], $surface->normalZ[$surface->cellAt(0.5, $deg)]];
    expect($at(1)[1])->toBeGreaterThan(0.99)
        ->and($at(90)[0])->toBeGreaterThan(0.99)
        ->and($at(179)[1])->toBeLessThan(-0.99);
});

it('measures the way around to a quarter of the girth at the flank', function (): void {
    $surface = Surface::of(spheroid(30, 10));
    $cell = $surface->cellAt(0.5, 90);
    expect($surface->arcMm[$cell])->toEqualWithDelta(M_PI * 10 / 2, M_PI * 10 / 2 * 0.03)
        ->and($surface->flankMm[128])->toEqualWithDelta(M_PI * 10 / 2, M_PI * 10 / 2 * 0.01);
});
