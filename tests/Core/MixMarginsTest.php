<?php

declare(strict_types=1);

// What the search of mixes leaves out, it leaves out by these: each is held to what it promises.

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Metric;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Look;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Match\Halo;
use Hawkbrush\Core\Match\Lattice;
use Hawkbrush\Core\Match\MixSearch;
use Hawkbrush\Core\Match\Offer;
use Hawkbrush\Core\Match\Offers;
use Hawkbrush\Core\Match\Patch;
use Hawkbrush\Core\Match\Rays;
use Hawkbrush\Core\Match\Three;
use Hawkbrush\Core\Match\Triangle;
use Hawkbrush\Core\Pattern\Paint;

/** @return array{float, float, float} */
function anyPlace(float $far = 20): array
{
    return [mt_rand(-1000, 1000) / 1000 * $far, mt_rand(-1000, 1000) / 1000 * $far, mt_rand(-1000, 1000) / 1000 * $far];
}

/** @param array{float, float, float} $place */
function off(array $place): float
{
    return sqrt($place[0] ** 2 + $place[1] ** 2 + $place[2] ** 2);
}

/** @param array{float, float, float} $place */
function inHalo(Halo $halo, array $place): bool
{
    foreach ($halo->facing as $cell => [$x, $y, $z]) {
        if ($x * $place[0] + $y * $place[1] + $z * $place[2] > $halo->reach[$cell]) {
            return false;
        }
    }

    return true;
}

/** Nearest of many points of a triangle to where the axes meet. */
function nearestOf(array $a, array $b, array $c, int $steps = 60): float
{
    $least = INF;
    for ($i = 0; $i <= $steps; $i++) {
        for ($j = 0; $j <= $steps - $i; $j++) {
            [$p, $q] = [$i / $steps, $j / $steps];
            $least = min($least, off(array_map(static fn(float $x, float $y, float $z): float => $x + ($y - $x) * $p + ($z - $x) * $q, $a, $b, $c)));
        }
    }

    return $least;
}

function aPaint(string $id, string $hex = '#808080'): Paint
{
    return new Paint($id, $id, Kind::Opaque, Optics::fromSwatch(Look::Clear->body(Colour::fromHex($hex)->reflectance()), Kind::Opaque), $hex, 0.35);
}

it('finds the nearest point of a triangle: over its face, beyond an edge and beyond a corner', function (array $a, array $b, array $c, float $far): void {
    expect(off(Triangle::nearest($a, $b, $c)))->toEqualWithDelta($far, 1e-12)
        ->and(off(Triangle::nearest($c, $a, $b)))->toEqualWithDelta($far, 1e-12)
        ->and(off(Triangle::nearest($b, $a, $c)))->toEqualWithDelta($far, 1e-12);
})->with([
    'over its face' => [[-3.0, -3.0, 2.0], [4.0, -2.0, 2.0], [0.0, 5.0, 2.0], 2.0],
    'in it' => [[-3.0, -3.0, 0.0], [4.0, -2.0, 0.0], [0.0, 5.0, 0.0], 0.0],
    'beyond an edge' => [[-3.0, 3.0, 4.0], [3.0, 3.0, 4.0], [0.0, 9.0, 8.0], 5.0],
    'beyond a corner' => [[2.0, 3.0, 6.0], [9.0, 4.0, 7.0], [3.0, 9.0, 9.0], 7.0],
    'no more than a way' => [[3.0, -2.0, 4.0], [3.0, 2.0, 4.0], [3.0, 2.0, 4.0], 5.0],
    'no more than a point' => [[1.0, 2.0, 2.0], [1.0, 2.0, 2.0], [1.0, 2.0, 2.0], 3.0],
]);

it('finds none that is further than the nearest of many points of the triangle', function (): void {
    mt_srand(5);
    for ($n = 0; $n < 60; $n++) {
        [$a, $b, $c] = [anyPlace(), anyPlace(), anyPlace()];
        $flat = off(Triangle::nearest($a, $b, $c));
        $least = nearestOf($a, $b, $c);
        expect($flat)->toBeLessThanOrEqual($least + 1e-9)
            // And not much nearer: the points lie less than two of sixty steps apart.
            ->and($least - $flat)->toBeLessThan(1.2)
            ->and(Triangle::longest($a, $b, $c))->toBe(Triangle::longest($c, $a, $b));
    }
});

it('sees no bend in a straight way, and all of it in a bent one', function (): void {
    expect(Triangle::curve([1, 2, 3], [2, 4, 6], [3, 6, 9]))->toBe(0.0)
        ->and(Triangle::curve([0, 0, 0], [1, 2, 2], [0, 0, 0]))->toEqualWithDelta(6, 1e-12)
        ->and(Triangle::longest([0, 0, 0], [3, 4, 0], [1, 1, 0]))->toEqualWithDelta(25, 1e-12);
});

it('draws a ray through the middle of every cell', function (): void {
    $metric = Metric::at(new Lab(50, 10, 20));
    $rays = new Rays($metric);
    foreach ($rays->directions as $cell => $direction) {
        expect(off($direction))->toEqualWithDelta(1, 1e-12)
            ->and(Rays::cell(...array_map(static fn(float $x): float => 7 * $x, $direction)))->toBe($cell);
    }
    expect(Rays::cell(0.0, 0.0, 0.0))->toBe(0)
        ->and(count($rays->directions))->toBe(216);
});

it('has in the halo all colours so far off, and hardly more', function (Metric $metric, float $off): void {
    $rays = new Rays($metric);
    $halo = new Halo($rays, $off);
    mt_srand(9);
    foreach ($rays->directions as $cell => $direction) {
        $far = $rays->leaves($cell, $off);
        $place = array_map(static fn(float $x): float => $far * $x, $direction);
        // The difference may jump there: it is no more a little inside, and no less a little outside.
        [$in, $out] = array_map(static fn(float $part): float => $metric->off(...array_map(static fn(float $x): float => $part * $x, $place)), [0.98, 1.001]);
        expect($in)->toBeLessThanOrEqual($off)->and($out)->toBeGreaterThan($off);
    }
    $inside = 0;
    for ($n = 0; $n < 4000; $n++) {
        $place = anyPlace(2.5 * $off);
        if ($metric->off(...$place) > $off) {
            continue;
        }
        $inside++;
        if (! inHalo($halo, $place)) {
            throw new RuntimeException('beyond it: '.json_encode($place));
        }
    }
    expect($inside)->toBeGreaterThan(100);
})->with([
    'near' => [Metric::at(new Lab(50, 10, 20)), 0.3], 'at most' => [Metric::at(new Lab(50, 10, 20)), 8.0], 'a grey' => [Metric::at(new Lab(60, 0, 0)), 8.0],
    'a deep blue, where the difference folds' => [Metric::at(new Lab(32, 30, -70)), 8.0], 'nearly white' => [Metric::at(new Lab(96, -1, 2)), 8.0],
    'plainly, far off' => [Metric::plain(new Lab(32, 30, -70)), 60.0],
]);

it('has no grey within what is looked for around a strong colour, though there are some not much further off', function (): void {
    // Where hues lie opposite, and where the formula turns its axes, the difference jumps, and greys stand out of the halo
    // of what lies 10 and more off. So that is not looked for by DeltaE00.
    mt_srand(14);
    $least = INF;
    for ($n = 0; $n < 60; $n++) {
        $rgb = [mt_rand(0, 80), mt_rand(150, 255), mt_rand(0, 255)];
        shuffle($rgb);
        $lab = Colour::fromHex(vsprintf('#%02x%02x%02x', $rgb))->lab;
        $metric = Metric::at($lab);
        for ($k = 0; $k < 400; $k++) {
            [$hue, $chroma] = [deg2rad($lab->hue() + 180 + mt_rand(-100, 100)), mt_rand(0, 180) / 10];
            $least = min($least, $metric->from(new Lab($lab->l + mt_rand(-120, 120) / 10, $chroma * cos($hue), $chroma * sin($hue))));
        }
    }
    expect($least)->toBeGreaterThan(MixSearch::NEAR + 1)->and($least)->toBeLessThan(15);
});

it('tells the cell towards what is nearest', function (): void {
    expect(Halo::toward([8.0, 5.0, 0.1], [9.0, 5.0, 4.0], [8.0, 5.0, -4.0]))->toBe(Rays::cell(8, 5, 0))
        ->and(Halo::toward([-3.0, -3.0, 2.0], [4.0, -2.0, 2.0], [0.0, 5.0, 2.0]))->toBe(Rays::cell(0, 0, 2));
});

it('cuts the triangle into nine that cover all of it, their middles halfway', function (): void {
    $lattice = new Lattice();
    expect($lattice->triangles)->toHaveCount(9)->and($lattice->places)->toHaveCount(28);
    foreach ($lattice->triangles as $number => $six) {
        [$p, $q, $r, $pq, $qr, $pr] = array_map(static fn(int $at): array => $lattice->places[$at], $six);
        foreach ([[$p, $q, $pq], [$q, $r, $qr], [$p, $r, $pr]] as [$from, $to, $between]) {
            expect($between)->toBe(array_map(static fn(int $x, int $y): int => intdiv($x + $y, 2), $from, $to))
                ->and(array_sum($between))->toBe(6);
        }
        // The same corners among the ten.
        expect($lattice->coarse[$number])->toHaveCount(3)->and(array_unique($lattice->coarse[$number]))->toHaveCount(3);
    }
});

/**
 * A bent three, and how far the sides of each small triangle are pulled: as told, and truly.
 *
 * @param callable(float, float): float $height by the parts of the first and the second paint
 *
 * @return list<array{float, float, float}> told with the edges' strays, without them, and truly
 */
function pulledBy(callable $height): array
{
    $lattice = new Lattice();
    $node = static fn(int $place): array => [$height($lattice->places[$place][0] / 6, $lattice->places[$place][1] / 6), 0.0, 0.0];
    $ten = [];
    foreach ($lattice->coarse as $number => $corners) {
        foreach ($corners as $i => $one) {
            $ten[$one] = $node($lattice->triangles[$number][$i]);
        }
    }
    ksort($ten);
    $pulls = $strays = [];
    foreach ($lattice->sides as $along) {
        foreach ([0, 1, 2] as $third) {
            $pulls[] = Patch::pull(...array_map($node, array_slice($along, 2 * $third, 3)));
            $strays[] = [$node($along[2 * $third + 1])[0] - array_sum(array_map(static fn(float $part, int $sixths): float => $part * $node($along[$sixths])[0], Lattice::HALFWAY[$third], [0, 2, 4, 6])), 0.0, 0.0];
        }
    }
    $told = static fn(array $strays, int $side): float => $lattice->pulled($side, new Three($ten, $pulls, $strays, 0.0), array_column($ten, 0), [1.0, 0.0, 0.0]);
    $flat = array_fill(0, 9, [0.0, 0.0, 0.0]);
    $sides = [];
    foreach ($lattice->triangles as $number => $six) {
        foreach ([[0, 3, 1], [1, 4, 2], [0, 5, 2]] as $i => $side) {
            $sides[] = [
                $told($strays, $lattice->around[$number][$i]),
                $told($flat, $lattice->around[$number][$i]),
                Patch::pull(...array_map(static fn(int $place): array => $node($six[$place]), $side))[0],
            ];
        }
    }

    return $sides;
}

it('is pulled, at a side between two of ten places, as the cubic through them is', function (): void {
    mt_srand(10);
    $terms = array_map(static fn(int $_): float => mt_rand(-100, 100) / 10, range(0, 9));
    $cubic = static fn(float $u, float $v): float => array_sum(array_map(static fn(float $term, float $power): float => $term * $power, $terms, [1, $u, $v, $u * $u, $u * $v, $v * $v, $u ** 3, $u * $u * $v, $u * $v * $v, $v ** 3]));
    foreach (pulledBy($cubic) as [$told, $without, $true]) {
        expect($told)->toEqualWithDelta($true, 1e-9)->and($without)->toEqualWithDelta($true, 1e-9);
    }
});

it('follows what is more bent than a cubic more closely for knowing how its edges stray', function (): void {
    mt_srand(12);
    $with = $without = 0.0;
    for ($n = 0; $n < 40; $n++) {
        [$a, $b, $c] = [mt_rand(1, 40) / 10, mt_rand(1, 40) / 10, mt_rand(1, 40) / 10];
        // As films do: steep where little of a strong paint is in, flat where much is.
        foreach (pulledBy(static fn(float $u, float $v): float => 40 * exp(-$a * $u - $b * $v) + 30 * exp(-$c * (1 - $u - $v))) as [$told, $plain, $true]) {
            $with += abs($told - $true);
            $without += abs($plain - $true);
        }
    }
    expect($with)->toBeLessThan(0.9 * $without);
});

it('takes nothing that lies further off than is asked for', function (): void {
    $offers = new Offers(2, 5.0);
    $offers->aim([aPaint('a')]);
    expect($offers->goal)->toBe(5.0);
    $offers->add(new Offer([[aPaint('a'), 1]], Colour::fromHex('#808080'), 5.5, 5.5));
    expect($offers->all())->toBe([])->and($offers->worst)->toBe(5.0);
});

it('keeps paints apart whose names are numbers', function (): void {
    $offers = new Offers(3);
    foreach (['7' => 5.0, '9' => 3.0, '0' => 4.0, '1' => 2.0] as $id => $off) {
        $paint = aPaint((string) $id);
        $offers->aim([$paint]);
        $offers->add(new Offer([[$paint, 1]], Colour::fromHex('#808080'), $off, $off));
    }
    expect(array_map(static fn(Offer $o): float => $o->deltaE, $offers->all()))->toBe([2.0, 3.0, 4.0]);
});

it('keeps the best offers, one of each set of paints', function (): void {
    [$a, $b, $c] = [aPaint('a'), aPaint('b'), aPaint('c')];
    $grey = Colour::fromHex('#808080');
    $offers = new Offers(2);
    $put = static function (array $paints, float $off) use ($offers, $grey): void {
        $offers->aim($paints);
        $offers->add(new Offer(array_map(static fn(Paint $p): array => [$p, 1], $paints), $grey, $off, $off));
    };
    $put([$a], 9.0);
    expect($offers->worst)->toBe(INF);
    $put([$b], 7.0);
    expect($offers->worst)->toBe(9.0);
    // Not better than the worst of two, and not better than the same paints before.
    $put([$c], 9.5);
    $put([$b], 8.0);
    expect(array_map(static fn(Offer $o): float => $o->deltaE, $offers->all()))->toBe([7.0, 9.0]);
    $put([$b], 6.0);
    $put([$a, $c], 6.5);
    expect(array_map(static fn(Offer $o): float => $o->deltaE, $offers->all()))->toBe([6.0, 6.5])->and($offers->worst)->toBe(6.5);
    // What has been pushed out may come back, if it is better now.
    $put([$a], 1.0);
    expect(array_map(static fn(Offer $o): string => $o->parts[0][0]->id, $offers->all()))->toBe(['a', 'b']);
    $offers->aim([$b]);
    expect($offers->goal)->toBe(6.0);
    $offers->aim([$c]);
    expect($offers->goal)->toBe($offers->worst);
});
