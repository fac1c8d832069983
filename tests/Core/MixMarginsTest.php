<?php

declare(strict_types=1);

// What the search of mixes leaves out, it leaves out by these: each is held to what it promises.

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Metric;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Look;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Match\Greys;
use Hawkbrush\Core\Match\Halo;
use Hawkbrush\Core\Match\Hull;
use Hawkbrush\Core\Match\Lattice;
use Hawkbrush\Core\Match\Offer;
use Hawkbrush\Core\Match\Offers;
use Hawkbrush\Core\Match\Patch;
use Hawkbrush\Core\Match\Rays;
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
    foreach ($halo->hulls as $hull) {
        $in = true;
        foreach ($hull->facing as $cell => [$x, $y, $z]) {
            $in = $in && $x * $place[0] + $y * $place[1] + $z * $place[2] <= $hull->reach[$cell];
        }
        if ($in) {
            return true;
        }
    }

    return false;
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
    $rays = new Rays($metric, new Greys($metric));
    foreach ($rays->directions as $cell => $direction) {
        expect(off($direction))->toEqualWithDelta(1, 1e-12)
            ->and(Rays::cell(...array_map(static fn(float $x): float => 7 * $x, $direction)))->toBe($cell);
    }
    expect(Rays::cell(0.0, 0.0, 0.0))->toBe(0)
        ->and(count($rays->directions))->toBe(216);
});

it('has in the halo all colours so far off, and hardly more', function (Lab $lab, float $deltaE): void {
    $metric = Metric::at($lab);
    $rays = new Rays($metric, new Greys($metric));
    $halo = new Halo($rays, $deltaE);
    mt_srand(9);
    foreach (array_slice($halo->edges[0], 0, count($rays->directions)) as $place) {
        // The difference may jump there: it is no more a little inside, and no less a little outside.
        [$in, $out] = array_map(static fn(float $part): float => $metric->off(...array_map(static fn(float $x): float => $part * $x, $place)), [0.98, 1.001]);
        expect($in)->toBeLessThanOrEqual($deltaE)->and($out)->toBeGreaterThan($deltaE);
    }
    $inside = 0;
    for ($n = 0; $n < 4000; $n++) {
        $place = anyPlace(2.5 * $deltaE);
        if ($metric->off(...$place) > $deltaE) {
            continue;
        }
        $inside++;
        if (! inHalo($halo, $place)) {
            throw new RuntimeException('beyond it: '.json_encode($place));
        }
    }
    expect($inside)->toBeGreaterThan(100);
})->with([
    'near' => [new Lab(50, 10, 20), 0.3], 'far' => [new Lab(50, 10, 20), 14.0], 'a grey' => [new Lab(60, 0, 0), 9.0],
    'a deep blue, where the difference folds' => [new Lab(32, 30, -70), 16.0], 'nearly white' => [new Lab(96, -1, 2), 20.0],
]);

it('knows the greys that lie half as far from a strong pink as those beside them', function (): void {
    $metric = Metric::at(new Lab(63, 61, 9));
    $near = $metric->place(63, -2.1, -0.5);
    $beside = $metric->place(63, -2.1, -0.2);
    expect($metric->off(...$near))->toBeLessThan(17)->and($metric->off(...$beside))->toBeGreaterThan(25);
    // Though no ray passes there, they are in the halo, apart from the rest.
    $greys = new Greys($metric);
    $halo = new Halo(new Rays($metric, $greys), 17.0);
    expect(inHalo($halo, $near))->toBeTrue()
        ->and($halo->hulls)->toHaveCount(2)
        ->and($halo->hulls[0]->beyond(...$near))->toBeGreaterThan(1)
        ->and($halo->hulls[1]->beyond(...$near))->toBeLessThan(0)
        // And nothing foretold beside them is taken for far.
        ->and($greys->mayBeWithin(17.0, $metric->off(...$beside), ...[...$beside, 0.3]))->toBeTrue()
        ->and($greys->mayBeWithin(17.0, 40.0, ...[...$metric->place(63, 20, 20), 0.3]))->toBeFalse()
        ->and($greys->mayBeWithin(17.0, 31.0, ...[...$metric->place(63, 4, 8), 0.1]))->toBeFalse();
});

it('has none to look out for around a grey', function (): void {
    $metric = Metric::at(new Lab(63, 6, 9));
    $greys = new Greys($metric);
    expect($greys->places())->toBe([])
        ->and($greys->mayBeWithin(5.0, 6.0, ...[...$metric->place(60, 0, 0), 0.5]))->toBeFalse()
        ->and((new Halo(new Rays($metric, $greys), 14.0))->hulls)->toHaveCount(1);
});

it('tells how far a hull reaches, and the cell towards what is nearest, from where its middle is', function (): void {
    $metric = Metric::at(new Lab(50, 10, 20));
    $rays = new Rays($metric, new Greys($metric));
    $cube = [];
    foreach ([7.0, 9.0] as $x) {
        foreach ([-1.0, 1.0] as $y) {
            array_push($cube, [$x, $y, -1.0], [$x, $y, 1.0]);
        }
    }
    $hull = Hull::around($rays, $cube);
    expect($hull->beyond(12, 0.1, 0.1))->toBeBetween(2.5, 3.1)
        ->and($hull->beyond(8.2, 0.1, 0.1))->toBeLessThan(0)
        ->and($hull->beyond(8, -4, 0.2))->toBeBetween(2.5, 3.1)
        ->and($hull->cell(8, 5, 0.1))->toBe(Rays::cell(0, 5, 0.1))
        ->and($hull->toward([8.0, 5.0, 0.1], [9.0, 9.0, 4.0], [6.0, 9.0, -4.0]))->toBe(Rays::cell(0, 5, 0.1));
});

it('has every mix in whole drops once, without a common divisor', function (int $drops): void {
    $lattice = new Lattice($drops);
    $divisor = static fn(int ...$all): int => array_reduce($all, static fn(int $a, int $b): int => commonDivisor($a, $b), 0);
    $twos = $threes = 0;
    for ($a = 1; $a < $drops; $a++) {
        for ($b = 1; $b <= $drops - $a; $b++) {
            $twos += $divisor($a, $b) === 1 ? 1 : 0;
            for ($c = 1; $c <= $drops - $a - $b; $c++) {
                $one = $divisor($a, $b, $c) === 1;
                $threes += $one ? 1 : 0;
                expect(isset($lattice->threes[$a << 8 | $b << 4 | $c]))->toBe($one);
            }
        }
    }
    expect($lattice->twos)->toHaveCount($twos)->and($lattice->threes)->toHaveCount($threes);
})->with([3, 7, 12]);

/** Greatest common divisor. */
function commonDivisor(int $a, int $b): int
{
    return $b === 0 ? $a : commonDivisor($b, $a % $b);
}

it('cuts the triangle into nine that cover all of it, their middles halfway', function (): void {
    $lattice = new Lattice(12);
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

it('finds every mix in one of the nine, where it lies', function (float $first, float $second, float $third): void {
    $lattice = new Lattice(12);
    $found = [];
    foreach ($lattice->triangles as $number => $six) {
        $corners = array_map(static fn(int $at): array => $lattice->places[$at], array_slice($six, 0, 3));
        foreach ($lattice->mixesIn($number, $first, $second, $third) as $mix => [$v, $w]) {
            $found[$mix] = ($found[$mix] ?? 0) + 1;
            expect($v)->toBeBetween(-1e-5, 1 + 1e-5)->and($w)->toBeBetween(-1e-5, 1 + 1e-5)->and($v + $w)->toBeLessThan(1 + 1e-5);
            // The place it is said to lie at is that of its drops, by what each counts.
            $counts = [($mix >> 8) * $first, ($mix >> 4 & 15) * $second, ($mix & 15) * $third];
            $sixths = array_map(static fn(float $count): float => 6 * $count / array_sum($counts), $counts);
            expect(array_map(static fn(int $p, int $q, int $r): float => $p + ($q - $p) * $v + ($r - $p) * $w, ...$corners))->toEqualWithDelta($sixths, 1e-6);
        }
    }
    $all = array_keys($lattice->threes);
    sort($all);
    ksort($found);
    expect(array_keys($found))->toBe($all)
        // Only what lies on an edge between two, or on a corner between more, is found more than once.
        ->and(count(array_filter($found, static fn(int $times): bool => $times > 1)))->toBeLessThan(60);
})->with([[1.0, 1.0, 1.0], [1.0, 3.7, 0.21], [0.013, 1.0, 40.0], [2.0, 1.0, 1.0], [0.33, 0.19, 1.7]]);

it('finds every mix of two in one of three parts of the way', function (float $first, float $second): void {
    $lattice = new Lattice(12);
    $found = [];
    for ($third = 0; $third < 3; $third++) {
        foreach ($lattice->mixesOn($third, $first, $second) as $mix => [$v, $w]) {
            [$one, $two] = [($mix >> 8) * $first, ($mix >> 4 & 15) * $second];
            expect(($third + $v) / 3)->toEqualWithDelta($two / ($one + $two), 1e-12)->and($w)->toBe(0.0)->and($mix & 15)->toBe(0);
            $found[] = $mix;
        }
    }
    sort($found);
    $all = array_map(static fn(array $drops): int => $drops[0] << 8 | $drops[1] << 4, $lattice->twos);
    sort($all);
    expect($found)->toBe($all);
})->with([[1.0, 1.0], [1.0, 3.7], [40.0, 0.2]]);

it('foretells a quadratic to the last digit, and passes over only what lies beyond', function (): void {
    mt_srand(8);
    for ($n = 0; $n < 30; $n++) {
        $terms = [anyPlace(), anyPlace(), anyPlace(), anyPlace(4), anyPlace(4), anyPlace(4)];
        $at = static fn(float $v, float $w): array => array_map(
            static fn(float $c, float $x, float $y, float $xx, float $xy, float $yy): float => $c + $x * $v + $y * $w + $xx * $v * $v + $xy * $v * $w + $yy * $w * $w,
            ...$terms,
        );
        $patch = new Patch([$at(0, 0), $at(1, 0), $at(0, 1), $at(0.5, 0), $at(0.5, 0.5), $at(0, 0.5)]);
        $direction = anyPlace(1);
        $along = static fn(array $place): float => $direction[0] * $place[0] + $direction[1] * $place[1] + $direction[2] * $place[2];
        $spots = [[0.0, 0.0], [1.0, 0.0], [0.2, 0.3], [0.6, 0.4], [0.1, 0.85]];
        $limit = $along($at(0.2, 0.3)) + 1e-9;
        foreach ($spots as [$v, $w]) {
            expect($patch->at($v, $w))->toEqualWithDelta($at($v, $w), 1e-9)
                ->and($patch->along($direction))->toBeLessThanOrEqual($along($at($v, $w)) + 1e-9);
        }
        expect($patch->upTo($limit, $spots, $direction))->toBe(array_filter($spots, static fn(array $spot): bool => $along($at(...$spot)) <= $limit));
    }
});

it('is cut in four that foretell more closely, each mix in one of them, where it lay', function (): void {
    // Half a sphere, by shares of three paints.
    $at = static fn(array $shares): array => [10 * $shares[0], 10 * $shares[1], 40 * sqrt(max(0.0, 3 - $shares[0] ** 2 - $shares[1] ** 2))];
    $corners = [[1.0, 0.0, 0.0], [0.0, 1.0, 0.0], [0.0, 0.0, 1.0]];
    $halfway = static fn(int $i, int $j): array => array_map(static fn(float $x, float $y): float => ($x + $y) / 2, $corners[$i], $corners[$j]);
    $patch = new Patch(array_map($at, [...$corners, $halfway(0, 1), $halfway(1, 2), $halfway(0, 2)]), $corners);
    $spots = [[0.1, 0.2], [0.7, 0.1], [0.05, 0.9], [0.3, 0.3], [0.25, 0.25], [0.5, 0.5], [0.0, 0.5]];
    $off = static fn(array $one, array $two): float => off(array_map(static fn(float $x, float $y): float => $x - $y, $one, $two));
    $found = [];
    foreach ($patch->four($at, $spots) as [$part, $mine]) {
        expect($part->bulge)->toBeLessThan(0.5 * $patch->bulge);
        foreach ($mine as $mix => [$v, $w]) {
            $found[] = $mix;
            $true = $at([1 - array_sum($spots[$mix]), ...$spots[$mix]]);
            expect($off($part->at($v, $w), $true))->toBeLessThanOrEqual(0.3 * $off($patch->at(...$spots[$mix]), $true) + 1e-9);
        }
    }
    sort($found);
    expect($found)->toBe(array_keys($spots))
        ->and($patch->four($at, [3 => [0.3, 0.3]]))->toHaveCount(1);
});

/**
 * A polynomial over a three, and how far its sides are pulled in each small triangle: as told, and truly.
 *
 * @param callable(float, float): float $height by the parts of the first and the second paint
 *
 * @return list<array{float, float, float}> told with the edges' strays, without them, and truly
 */
function pulledBy(callable $height): array
{
    $lattice = new Lattice(12);
    $node = static fn(int $place): array => [$height($lattice->places[$place][0] / 6, $lattice->places[$place][1] / 6), 0.0, 0.0];
    $ten = [];
    foreach ($lattice->coarse as $number => $corners) {
        foreach ($corners as $i => $one) {
            $ten[$one] = $node($lattice->triangles[$number][$i]);
        }
    }
    ksort($ten);
    $pulls = array_map(static fn(array $along): array => array_map(static fn(int $from): array => Patch::pull($node($along[$from]), $node($along[$from + 1]), $node($along[$from + 2])), [0, 2, 4]), $lattice->sides);
    $strays = array_map(static fn(array $along): array => array_map(static fn(int $third): array => [
        $node($along[2 * $third + 1])[0] - array_sum(array_map(static fn(float $part, int $sixths): float => $part * $node($along[$sixths])[0], Lattice::HALFWAY[$third], [0, 2, 4, 6])), 0.0, 0.0,
    ], [0, 1, 2]), $lattice->sides);
    $flat = array_fill(0, 3, array_fill(0, 3, [0.0, 0.0, 0.0]));

    return array_map(static fn(array $six, int $number): array => [
        $lattice->pulled($number, $ten, $pulls, $strays, 1.0, 0.0, 0.0),
        $lattice->pulled($number, $ten, $pulls, $flat, 1.0, 0.0, 0.0),
        min(array_map(static fn(array $side): float => Patch::pull($node($six[$side[0]]), $node($six[$side[1]]), $node($six[$side[2]]))[0], [[0, 3, 1], [1, 4, 2], [0, 5, 2]])),
    ], $lattice->triangles, array_keys($lattice->triangles));
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

it('bulges by how far the middles of its sides lie from straight ones', function (): void {
    $flat = new Patch([[0.0, 0.0, 0.0], [10.0, 0.0, 0.0], [0.0, 10.0, 0.0], [5.0, 0.0, 0.0], [5.0, 5.0, 0.0], [0.0, 5.0, 0.0]]);
    $bent = new Patch([[0.0, 0.0, 0.0], [10.0, 0.0, 0.0], [0.0, 10.0, 0.0], [5.0, 0.0, 3.0], [5.0, 5.0, 0.0], [0.0, 5.0, -1.0]]);
    expect($bent->bulge - $flat->bulge)->toEqualWithDelta(3, 1e-12)
        ->and($flat->bulge)->toBeLessThan(0.2)
        ->and(Patch::way([0.0, 0.0, 0.0], [4.0, 2.0, 0.0], [10.0, 0.0, 0.0])->at(0.5, 0.0))->toEqualWithDelta([4.0, 2.0, 0.0], 1e-12);
});

it('keeps the best offers, one of each set of paints', function (): void {
    [$a, $b, $c] = [aPaint('a'), aPaint('b'), aPaint('c')];
    $grey = Colour::fromHex('#808080');
    $offers = new Offers(2);
    $put = static function (array $paints, float $off) use ($offers, $grey): void {
        $offers->aim($paints);
        $offers->add(new Offer(array_map(static fn(Paint $p): array => [$p, 1], $paints), $grey, $off));
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
