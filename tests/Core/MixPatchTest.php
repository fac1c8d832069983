<?php

declare(strict_types=1);

// Mixes in whole drops, and the small pieces of a three on which they are foretold: each is held to what it promises.

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Metric;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\Look;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Match\Blend;
use Hawkbrush\Core\Match\Drops;
use Hawkbrush\Core\Match\Lattice;
use Hawkbrush\Core\Match\Patch;
use Hawkbrush\Core\Match\Sketch;
use Hawkbrush\Core\Match\Spots;
use Hawkbrush\Core\Match\Wanted;
use Hawkbrush\Core\Pattern\Paint;

it('has every mix in whole drops once, without a common divisor', function (int $drops): void {
    $all = new Drops($drops);
    $divisor = static fn(int ...$all): int => array_reduce($all, static fn(int $a, int $b): int => commonDivisor($a, $b), 0);
    $twos = $threes = 0;
    for ($a = 1; $a < $drops; $a++) {
        for ($b = 1; $b <= $drops - $a; $b++) {
            $twos += $divisor($a, $b) === 1 ? 1 : 0;
            for ($c = 1; $c <= $drops - $a - $b; $c++) {
                $one = $divisor($a, $b, $c) === 1;
                $threes += $one ? 1 : 0;
                expect(in_array($a << 8 | $b << 4 | $c, $all->threes, true))->toBe($one);
            }
        }
    }
    expect($all->twos)->toHaveCount($twos)->and($all->threes)->toHaveCount($threes);
})->with([3, 7, 12]);

/** Greatest common divisor. */
function commonDivisor(int $a, int $b): int
{
    return $b === 0 ? $a : commonDivisor($b, $a % $b);
}

it('finds every mix in one of the nine, where it lies', function (float $first, float $second, float $third): void {
    $lattice = new Lattice();
    $drops = new Drops(12);
    $found = [];
    foreach ($lattice->triangles as $number => $six) {
        $corners = array_map(static fn(int $at): array => $lattice->places[$at], array_slice($six, 0, 3));
        $spots = $drops->in($lattice->thirds[$number], $first, $second, $third);
        foreach ($spots->mixes as $i => $mix) {
            [$v, $w] = [$spots->v[$i], $spots->w[$i]];
            $found[$mix] = ($found[$mix] ?? 0) + 1;
            expect($v)->toBeBetween(-1e-5, 1 + 1e-5)->and($w)->toBeBetween(-1e-5, 1 + 1e-5)->and($v + $w)->toBeLessThan(1 + 1e-5);
            // The place it is said to lie at is that of its drops, by what each counts.
            $counts = array_map(static fn(int $of, float $each): float => $of * $each, Drops::of($mix), [$first, $second, $third]);
            $sixths = array_map(static fn(float $count): float => 6 * $count / array_sum($counts), $counts);
            expect(array_map(static fn(int $p, int $q, int $r): float => $p + ($q - $p) * $v + ($r - $p) * $w, ...$corners))->toEqualWithDelta($sixths, 1e-6);
        }
    }
    $all = $drops->threes;
    sort($all);
    ksort($found);
    expect(array_keys($found))->toBe($all)
        // Only what lies on an edge between two, or on a corner between more, is found more than once.
        ->and(count(array_filter($found, static fn(int $times): bool => $times > 1)))->toBeLessThan(60);
})->with([[1.0, 1.0, 1.0], [1.0, 3.7, 0.21], [0.013, 1.0, 40.0], [2.0, 1.0, 1.0], [0.33, 0.19, 1.7]]);

it('finds every mix of two in one of three parts of the way', function (float $first, float $second): void {
    $drops = new Drops(12);
    $found = [];
    for ($third = 0; $third < 3; $third++) {
        $spots = $drops->on($third, $first, $second);
        foreach ($spots->mixes as $i => $mix) {
            [$ofOne, $ofTwo, $ofThree] = Drops::of($mix);
            expect(($third + $spots->v[$i]) / 3)->toEqualWithDelta($ofTwo * $second / ($ofOne * $first + $ofTwo * $second), 1e-12)
                ->and($spots->w[$i])->toBe(0.0)->and($ofThree)->toBe(0);
            $found[] = $mix;
        }
    }
    sort($found);
    $all = $drops->twos;
    sort($all);
    expect($found)->toBe($all);
})->with([[1.0, 1.0], [1.0, 3.7], [40.0, 0.2]]);

/**
 * @param list<array{float, float}> $spots
 */
function spotsAt(array $spots): Spots
{
    return new Spots(array_keys($spots), array_column($spots, 0), array_column($spots, 1));
}

/** @param array<float> $one */
function farApart(array $one, array $two): float
{
    return sqrt(array_sum(array_map(static fn(float $x, float $y): float => ($x - $y) ** 2, $one, $two)));
}

/** A white, a strong blue and a transparent yellow: mixes bend sharply. */
function aStrongBlend(): Blend
{
    $paint = static fn(string $hex, Kind $kind): Paint => new Paint($hex, $hex, $kind, Optics::fromSwatch(Look::Clear->body(Colour::fromHex($hex)->reflectance()), $kind), $hex, 0.35);

    return new Blend(new Sketch(
        [$paint('#f4f4f0', Kind::Opaque), $paint('#101a80', Kind::Ink), $paint('#e8c020', Kind::Transparent)],
        $wanted = new Wanted(Colour::fromHex('#6f7a52')->lab, Spectrum::flat(0.85), 12.0, Look::Clear),
        Metric::at($wanted->lab),
    ), 0, 1, 2);
}

/** All of a blend, bent through its six places, the first paint counting for so many of each other. */
function wholeOf(Blend $blend, float $first = 1.0): Patch
{
    $corners = [[$first, 0.0, 0.0], [0.0, 1.0, 0.0], [0.0, 0.0, 1.0]];

    return new Patch(array_map($blend->at(...), [...$corners, [$first, 1.0, 0.0], [0.0, 1.0, 1.0], [$first, 0.0, 1.0]]), $corners);
}

/** @return list<array{float, float}> */
function spotsAllOver(int $steps): array
{
    $spots = [];
    for ($i = 0; $i <= $steps; $i++) {
        for ($j = 0; $j <= $steps - $i; $j++) {
            $spots[] = [$i / $steps, $j / $steps];
        }
    }

    return $spots;
}

it('foretells a quadratic to the last digit, and passes over only what lies beyond', function (): void {
    mt_srand(8);
    $any = static fn(float $far): array => array_map(static fn(): float => mt_rand(-1000, 1000) / 1000 * $far, range(0, 2));
    for ($n = 0; $n < 30; $n++) {
        $terms = [$any(20), $any(20), $any(20), $any(4), $any(4), $any(4)];
        $at = static fn(float $v, float $w): array => array_map(
            static fn(float $c, float $x, float $y, float $xx, float $xy, float $yy): float => $c + $x * $v + $y * $w + $xx * $v * $v + $xy * $v * $w + $yy * $w * $w,
            ...$terms,
        );
        $patch = new Patch([$at(0, 0), $at(1, 0), $at(0, 1), $at(0.5, 0), $at(0.5, 0.5), $at(0, 0.5)], null);
        $direction = $any(1);
        $along = static fn(array $place): float => $direction[0] * $place[0] + $direction[1] * $place[1] + $direction[2] * $place[2];
        $all = spotsAllOver(7);
        $limit = $along($at(2 / 7, 3 / 7)) + 1e-9;
        foreach ($all as [$v, $w]) {
            expect($patch->at($v, $w))->toEqualWithDelta($at($v, $w), 1e-9)
                ->and(min(array_map($along, $patch->net)))->toBeLessThanOrEqual($along($at($v, $w)) + 1e-9);
        }
        expect($patch->upTo($limit, spotsAt($all), $direction)->mixes)->toBe(array_keys(array_filter($all, static fn(array $spot): bool => $along($at(...$spot)) <= $limit)));
        // What spans a quarter is the quarter's own: through its corners, and no mix of it lies beyond.
        $nets = $patch->quarters();
        foreach (spotsAt($all)->quarters() as $quarter => $of) {
            $part = static fn(float $v, float $w): array => array_map(
                static fn(float $p, float $q, float $r, float $pq, float $qr, float $pr): float => (1 - $v - $w) ** 2 * $p + $v * $v * $q + $w * $w * $r + 2 * (1 - $v - $w) * $v * $pq + 2 * $v * $w * $qr + 2 * (1 - $v - $w) * $w * $pr,
                ...$nets[$quarter],
            );
            foreach ($of->mixes as $i => $spot) {
                expect($part($of->v[$i], $of->w[$i]))->toEqualWithDelta($at(...$all[$spot]), 1e-9);
            }
        }
    }
});

it('is cut in four that foretell more closely, each mix in one of them, where it lay', function (): void {
    $blend = aStrongBlend();
    $patch = wholeOf($blend);
    $all = spotsAllOver(9);
    $true = array_map(static fn(array $spot): array => $blend->at([1 - $spot[0] - $spot[1], ...$spot]), $all);
    $found = $closer = [];
    foreach ($patch->cut([0, 1, 2, 3], $blend) as $quarter => $part) {
        $of = spotsAt($all)->quarters()[$quarter];
        expect($part->bulge)->toBeLessThan($patch->bulge);
        foreach ($of->mixes as $i => $spot) {
            $found[] = $spot;
            $closer[] = farApart($patch->at(...$all[$spot]), $true[$spot]) - farApart($part->at($of->v[$i], $of->w[$i]), $true[$spot]);
        }
    }
    sort($found);
    expect($found)->toBe(array_keys($all))
        ->and(array_sum($closer) / count($closer))->toBeGreaterThan(2)
        ->and(array_keys($patch->cut([3, 1], $blend)))->toBe([3, 1])
        // The same alone as with the others.
        ->and($patch->cut([2], $blend)[2]->net)->toBe($patch->cut([0, 1, 2, 3], $blend)[2]->net);
});

it('is evened out: it bulges less, and foretells more closely', function (): void {
    $blend = aStrongBlend();
    $patch = wholeOf($blend, 8.0);
    [$even, $weights] = $patch->evened($blend);
    $all = spotsAllOver(9);
    $moved = spotsAt($all)->weighed(...$weights);
    $before = $after = 0.0;
    foreach ($all as $i => [$v, $w]) {
        $true = $blend->at([8 * (1 - $v - $w), $v, $w]);
        $before += farApart($patch->at($v, $w), $true);
        $after += farApart($even->at($moved->v[$i], $moved->w[$i]), $true);
    }
    expect($even->bulge)->toBeLessThan($patch->bulge)
        ->and($after)->toBeLessThan(0.65 * $before)
        // Corners stay where they are, and mixes at corners too.
        ->and(array_slice($even->net, 0, 3))->toBe(array_slice($patch->net, 0, 3))
        ->and([$moved->v[0], $moved->w[0]])->toBe([0.0, 0.0]);
    // Quarters of it are of the same mixes.
    foreach ($even->cut([0, 1, 2, 3], $blend) as $quarter => $part) {
        $of = $moved->quarters()[$quarter];
        foreach ($of->mixes as $i => $spot) {
            $true = $blend->at([8 * (1 - array_sum($all[$spot])), ...$all[$spot]]);
            expect(farApart($part->at($of->v[$i], $of->w[$i]), $true))->toBeLessThan(1 + farApart($even->at($moved->v[$spot], $moved->w[$spot]), $true));
        }
    }
});

it('is left as it is where its middles lie near halfway, and on a way', function (): void {
    $flat = new Patch([[0.0, 0.0, 0.0], [10.0, 0.0, 0.0], [0.0, 10.0, 0.0], [5.0, 0.0, 0.0], [5.4, 5.0, 0.0], [0.0, 5.5, 0.0]], [[6.0, 0.0, 0.0], [0.0, 6.0, 0.0], [0.0, 0.0, 6.0]]);
    expect($flat->evened(aStrongBlend()))->toBeNull()
        ->and(Patch::way([0.0, 0.0, 0.0], [9.0, 0.0, 0.0], [10.0, 0.0, 0.0])->evened(aStrongBlend()))->toBeNull();
});

it('bulges by how far the middles of its sides lie from straight ones', function (): void {
    $flat = new Patch([[0.0, 0.0, 0.0], [10.0, 0.0, 0.0], [0.0, 10.0, 0.0], [5.0, 0.0, 0.0], [5.0, 5.0, 0.0], [0.0, 5.0, 0.0]], null);
    $bent = new Patch([[0.0, 0.0, 0.0], [10.0, 0.0, 0.0], [0.0, 10.0, 0.0], [5.0, 0.0, 3.0], [5.0, 5.0, 0.0], [0.0, 5.0, -1.0]], null);
    expect($bent->bulge - $flat->bulge)->toEqualWithDelta(3, 1e-12)
        ->and($flat->bulge)->toBeLessThan(0.2)
        ->and(Patch::way([0.0, 0.0, 0.0], [4.0, 2.0, 0.0], [10.0, 0.0, 0.0])->at(0.5, 0.0))->toEqualWithDelta([4.0, 2.0, 0.0], 1e-12);
});
