<?php

declare(strict_types=1);

// What the search of mixes leaves out, it leaves out by these: each is held to what it promises.

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Look;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Match\Gap;
use Hawkbrush\Core\Match\Lattice;
use Hawkbrush\Core\Match\Offer;
use Hawkbrush\Core\Match\Offers;
use Hawkbrush\Core\Match\Patch;
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

it('knows how far a triangle lies, over its face, beyond an edge and beyond a corner', function (array $a, array $b, array $c, float $far): void {
    expect(Gap::flat($a, $b, $c))->toEqualWithDelta($far, 1e-12)
        ->and(Gap::flat($c, $a, $b))->toEqualWithDelta($far, 1e-12)
        ->and(Gap::flat($b, $a, $c))->toEqualWithDelta($far, 1e-12);
})->with([
    'over its face' => [[-3.0, -3.0, 2.0], [4.0, -2.0, 2.0], [0.0, 5.0, 2.0], 2.0],
    'in it' => [[-3.0, -3.0, 0.0], [4.0, -2.0, 0.0], [0.0, 5.0, 0.0], 0.0],
    'beyond an edge' => [[-3.0, 3.0, 4.0], [3.0, 3.0, 4.0], [0.0, 9.0, 8.0], 5.0],
    'beyond a corner' => [[2.0, 3.0, 6.0], [9.0, 4.0, 7.0], [3.0, 9.0, 9.0], 7.0],
    'no more than a way' => [[3.0, -2.0, 4.0], [3.0, 2.0, 4.0], [3.0, 2.0, 4.0], 5.0],
    'no more than a point' => [[1.0, 2.0, 2.0], [1.0, 2.0, 2.0], [1.0, 2.0, 2.0], 3.0],
]);

it('is never further than the nearest of many points of the triangle', function (): void {
    mt_srand(5);
    for ($n = 0; $n < 60; $n++) {
        [$a, $b, $c] = [anyPlace(), anyPlace(), anyPlace()];
        $flat = Gap::flat($a, $b, $c);
        $least = nearestOf($a, $b, $c);
        expect($flat)->toBeLessThanOrEqual($least + 1e-9)
            // And not much nearer: the points lie less than two of sixty steps apart.
            ->and($least - $flat)->toBeLessThan(1.2);
    }
});

it('gives way by how far mixes bend, more the looser it is held, and never the other way', function (): void {
    mt_srand(6);
    for ($n = 0; $n < 100; $n++) {
        [$a, $b, $c] = [anyPlace(), anyPlace(), anyPlace()];
        $flat = Gap::flat($a, $b, $c);
        $close = Gap::from($a, $b, $c, INF, 3.0, 1.0);
        expect($close)->toBeLessThanOrEqual($flat)
            ->and(Gap::from($a, $b, $c, INF, 3.0, 4.0))->toBeLessThanOrEqual($close)
            // What is left out for lying too far is further than that.
            ->and(Gap::from($a, $b, $c, 2.0, 3.0, 1.0))->toBeLessThanOrEqual(max($close, 2.0) + max(0.0, $flat));
    }
    expect(Gap::bend(3.0, 4.0))->toEqualWithDelta(4 * Gap::bend(3.0, 1.0), 1e-12)->and(Gap::bend(0.0, 9.0))->toBe(0.0);
});

it('sees no bend in a straight way, and all of it in a bent one', function (): void {
    expect(Gap::curve([1, 2, 3], [2, 4, 6], [3, 6, 9]))->toBe(0.0)
        ->and(Gap::curve([0, 0, 0], [1, 2, 2], [0, 0, 0]))->toEqualWithDelta(6, 1e-12);
});

it('passes over places only where nothing flat between them is near', function (): void {
    mt_srand(7);
    $passed = 0;
    for ($n = 0; $n < 400; $n++) {
        $middle = anyPlace(30);
        $places = array_map(static fn(int $_): array => array_map(static fn(float $at, float $by): float => $at + $by, $middle, anyPlace(6)), range(0, 8));
        $places[] = $middle;
        $along = Gap::along($places, 9);
        expect($along[9])->toEqualWithDelta(off($middle), 1e-6);
        if (Gap::beyond($along, 4.0, 1.0)) {
            $passed++;
            expect(Gap::flat($places[$n % 10], $places[($n + 3) % 10], $places[($n + 7) % 10]))->toBeGreaterThan(4.0);
        }
        expect(Gap::beyond($along, 4.0, 50.0) && ! Gap::beyond($along, 4.0, 1.0))->toBeFalse();
    }
    expect($passed)->toBeGreaterThan(100);
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

it('foretells a quadratic to the last digit, and passes over only what cannot come near', function (): void {
    mt_srand(8);
    for ($n = 0; $n < 30; $n++) {
        $terms = [anyPlace(), anyPlace(), anyPlace(), anyPlace(4), anyPlace(4), anyPlace(4)];
        $at = static fn(float $v, float $w): array => array_map(
            static fn(float $c, float $x, float $y, float $xx, float $xy, float $yy): float => $c + $x * $v + $y * $w + $xx * $v * $v + $xy * $v * $w + $yy * $w * $w,
            ...$terms,
        );
        $patch = new Patch([$at(0, 0), $at(1, 0), $at(0, 1), $at(0.5, 0), $at(0.5, 0.5), $at(0, 0.5)], 1.0);
        $loose = new Patch([$at(0, 0), $at(1, 0), $at(0, 1), $at(0.5, 0), $at(0.5, 0.5), $at(0, 0.5)], 5.0);
        expect($loose->gap)->toBeLessThanOrEqual($patch->gap);
        foreach ([[0.0, 0.0], [1.0, 0.0], [0.2, 0.3], [0.6, 0.4], [0.1, 0.85]] as [$v, $w]) {
            expect($patch->at($v, $w))->toEqualWithDelta($at($v, $w), 1e-9)
                ->and($patch->away(INF, $v, $w))->toEqualWithDelta(off($at($v, $w)), 1e-9);
            $away = $patch->away(3.0, $v, $w);
            $away === null ? expect(off($at($v, $w)))->toBeGreaterThan(3.0) : expect($away)->toEqualWithDelta(off($at($v, $w)), 1e-9);
        }
    }
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
