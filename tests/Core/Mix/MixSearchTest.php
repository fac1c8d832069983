<?php

declare(strict_types=1);

namespace Tests\Core\Mix;

use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Metric;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\DuncanMixing;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Film\Unmeasured;
use Hawkbrush\Core\Mix\MixSearch;
use Hawkbrush\Core\Mix\NearestMixes;
use Hawkbrush\Core\Mix\Offer;
use Hawkbrush\Core\Mix\Sketch;
use Hawkbrush\Core\Mix\Wanted;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Tests\AnyRack;

/**
 * Every mix of one, two and three paints in up to 12 whole drops, tried one by one: the best by DeltaE00 as far as that
 * comes near, then the nearest in L*a*b* of other paints.
 *
 * @param list<Paint> $rack
 *
 * @return array<string, float> how far off by set of paints, the six best
 */
function everyMix(array $rack, Wanted $wanted): array
{
    $near = $plain = [];
    $try = static function (array $parts) use (&$near, &$plain, $wanted): void {
        $set = implode(' ', array_map(static fn(array $p): string => $p[0]->id, $parts));
        $lab = $wanted->shows(DuncanMixing::mix(array_map(
            static fn(array $p): array => [$p[0]->optics, $p[1] * $p[0]->dropMl * $p[0]->solids],
            $parts,
        )))->lab;
        $off = DeltaE2000::between($wanted->lab, $lab);
        if ($off < MixSearch::NEAR) {
            $near[$set] = min($near[$set] ?? INF, $off);
        }
        $plain[$set] = min(
            $plain[$set] ?? INF,
            sqrt(($lab->l - $wanted->lab->l) ** 2 + ($lab->a - $wanted->lab->a) ** 2 + ($lab->b - $wanted->lab->b) ** 2),
        );
    };
    foreach ($rack as $i => $one) {
        $try([[$one, 1]]);
        foreach (\array_slice($rack, $i + 1, null, true) as $j => $two) {
            for ($a = 1; $a < 12; $a++) {
                for ($b = 1; $b <= 12 - $a; $b++) {
                    $try([[$one, $a], [$two, $b]]);
                    foreach (\array_slice($rack, $j + 1) as $three) {
                        for ($c = 1; $c <= 12 - $a - $b; $c++) {
                            $try([[$one, $a], [$two, $b], [$three, $c]]);
                        }
                    }
                }
            }
        }
    }
    asort($near);
    // Of the plain nearest the first six are looked at, whether near or not.
    asort($plain);
    $plain = \array_slice($plain, 0, 6, true);

    return array_map(static fn(float $off): float => round($off, 6), \array_slice($near + $plain, 0, 6, true));
}

/**
 * @param list<Paint> $rack
 *
 * @return array<string, float> the same, as the search finds them
 */
function bestOf(array $rack, Wanted $wanted): array
{
    $found = [];
    foreach (MixSearch::best($rack, $wanted) as $offer) {
        $found[$offer->set()] = round($offer->off, 6);
        expect($offer->near())->toBe($offer->deltaE < MixSearch::NEAR);
    }

    return $found;
}

/** How much may be missed, DeltaE00: far less than one film sprayed by hand differs from the next. */
const MISSED = 0.3;

it('comes as near as trying every mix does', function (int $seed, array $lab, float $ground, float $um, SurfaceFinish $finish): void {
    $rack = AnyRack::of(7, $seed);
    $wanted = new Wanted(new Lab(...$lab), Spectrum::flat($ground), $um, $finish);
    [$found, $every] = [array_values(bestOf($rack, $wanted)), array_values(everyMix($rack, $wanted))];
    expect($found)->toHaveCount(\count($every))->and($found)->toEqualWithDelta($every, MISSED);
})->with([
    'olive over white' => [11, [52, -8, 30], 0.9, 12.0, SurfaceFinish::Clear],
    'a deep blue over white, where hue and chroma pull at each other' => [12, [32, 20, -48], 0.9, 12.0, SurfaceFinish::Clear],
    'a brown over black, matte' => [13, [38, 18, 24], 0.03, 18.0, SurfaceFinish::Matte],
    'a grey, in a film that hides' => [14, [60, 0, 0], 0.5, 400.0, SurfaceFinish::None],
]);

/**
 * Strong colours only: no white, no black, no grey.
 *
 * @return list<Paint>
 */
function strongRack(int $seed): array
{
    mt_srand($seed);
    $kinds = [Kind::Opaque, Kind::Opaque, Kind::SemiOpaque, Kind::Transparent, Kind::Pearl, Kind::Ink];

    return array_map(static function (int $i) use ($kinds): Paint {
        $rgb = [mt_rand(0, 40), mt_rand(0, 250), mt_rand(120, 250)];
        shuffle($rgb);
        $hex = vsprintf('#%02x%02x%02x', $rgb);

        return new Paint(
            "s{$i}",
            "Strong {$i}",
            $kinds[$i],
            Unmeasured::optics(SurfaceFinish::Clear->body(Colour::fromHex($hex)->reflectance()), $kinds[$i]),
            $hex,
            0.35,
            0.05,
        );
    }, range(0, 5));
}

it('finds them as well where the rack comes nowhere near', function (int $seed, string $hex, float $least): void {
    $rack = strongRack($seed);
    $wanted = new Wanted(Colour::fromHex($hex)->lab, Spectrum::flat(0.85), 5.7, SurfaceFinish::Clear);
    [$found, $every] = [array_values(bestOf($rack, $wanted)), array_values(everyMix($rack, $wanted))];
    expect($found)->toEqualWithDelta($every, MISSED)->and(min($found))->toBeGreaterThan($least);
})->with([
    'a mid grey' => [1, '#717171', 4.0], 'nearly white' => [2, '#efefef', 4.0], 'nearly black' => [3, '#161616', 4.0],
    'violet' => [4, '#4312df', 4.0], 'pink' => [5, '#f662bb', 4.0], 'a light grey' => [6, '#d8d8d8', 4.0],
]);

it('comes as near with more sets of paints than it tries every mix of', function (int $seed, string $hex, float $ground, float $um): void {
    $rack = AnyRack::of(16, $seed);
    $wanted = new Wanted(Colour::fromHex($hex)->lab, Spectrum::flat($ground), $um, SurfaceFinish::Clear);
    $found = MixSearch::best($rack, $wanted)[0];
    expect($found->off)->toBeLessThan(AnyRack::nearest(
        $rack,
        $wanted,
        $found->near() ? Metric::at($wanted->lab) : Metric::plain($wanted->lab),
    ) + MISSED);
})->with([
    'a dull green' => [71, '#5d6b3a', 0.85, 12.0],
    'a magenta far from all of them' => [71, '#e20eb8', 0.05, 15.0],
    'a strong pink, to which CIEDE2000 takes some greys for the nearest' => [79, '#f23d8b', 0.85, 12.0],
    'one of which few come near' => [74, '#c8503c', 0.85, 12.0],
]);

it('offers a dull pink for a strong one rather than the grey that DeltaE00 takes for nearer', function (): void {
    $paint = static fn(string $hex): Paint => new Paint(
        $hex,
        $hex,
        Kind::Opaque,
        Unmeasured::optics(SurfaceFinish::Clear->body(Colour::fromHex($hex)->reflectance()), Kind::Opaque),
        $hex,
        0.35,
    );
    $rack = [$paint('#929a99'), $paint('#b18f94')];
    $wanted = new Wanted(new Lab(63, 61, 9), Spectrum::flat(0.6), 200.0, SurfaceFinish::Clear);
    $first = static fn(array $offers): string => $offers[0]->set();
    $best = MixSearch::best($rack, $wanted);
    expect($first(NearestMixes::of($rack, $wanted, Metric::at($wanted->lab), 6, INF)))->toBe('#929a99')
        ->and($first($best))->toBe('#b18f94')
        ->and($best[0]->near())->toBeFalse()
        ->and($best[0]->off)->toBeGreaterThan(40)
        // What it is off by CIEDE2000 is still told.
        ->and($best[0]->deltaE)->toBeBetween(15, 20);
});

it('finds back a mix that was mixed', function (): void {
    $rack = AnyRack::of(20, 21);
    $parts = [[$rack[0], 7], [$rack[5], 3], [$rack[9], 1]];
    $optics = DuncanMixing::mix(array_map(static fn(array $p): array => [$p[0]->optics, $p[1] * $p[0]->dropMl * $p[0]->solids], $parts));
    $blank = new Wanted(new Lab(50, 0, 0), Spectrum::flat(0.9), 15.0, SurfaceFinish::Clear);
    $best = MixSearch::best($rack, new Wanted($blank->shows($optics)->lab, $blank->ground, 15.0, SurfaceFinish::Clear))[0];
    expect($best->deltaE)->toBeLessThan(1e-6)
        ->and(array_map(static fn(array $p): array => [$p[0]->id, $p[1]], $best->parts))->toBe([['p0', 7], ['p5', 3], ['p9', 1]]);
});

it('looks at every three of so many paints, and says so of no more', function (): void {
    expect(MixSearch::wholly(NearestMixes::IN_THREES))->toBeTrue()->and(MixSearch::wholly(NearestMixes::IN_THREES + 1))->toBeFalse();
});

it('knows the limits: one paint, none with solids, no film', function (): void {
    $rack = AnyRack::of(3, 31);
    $wanted = new Wanted(Colour::fromHex('#808080')->lab, Spectrum::flat(0.9), 10.0, SurfaceFinish::Clear);
    $dry = new Paint('dry', 'Dry', Kind::Opaque, $rack[0]->optics, '#ffffff', 0.0);
    $alone = MixSearch::best([$rack[2], $dry], $wanted);
    expect(MixSearch::best([], $wanted))->toBe([])
        ->and(MixSearch::best([$dry], $wanted))->toBe([])
        ->and(array_map(static fn(Offer $o): int => \count($o->parts), $alone))->toBe([1])
        ->and(fn() => new Wanted($wanted->lab, $wanted->ground, 0.0, SurfaceFinish::Clear))->toThrow(Refused::class, 'µm thick');
});

it('knows of every place around a colour how far off it is', function (float $l, float $a, float $b): void {
    $here = new Lab($l, $a, $b);
    $metric = Metric::at($here);
    foreach ([[0.02, -0.01, 0.02], [0.3, 0.2, -0.1], [-0.1, 0.4, 0.3], [20, -30, 4], [-25, 60, -70]] as [$dl, $da, $db]) {
        $there = new Lab($l + $dl, $a + $da, $b + $db);
        [$x, $y, $z] = $metric->place($there->l, $there->a, $there->b);
        $off = DeltaE2000::between($here, $there);
        expect($metric->off($x, $y, $z))->toEqualWithDelta($off, 1e-9);
        if ($off < 0.5) {
            expect(sqrt($x * $x + $y * $y + $z * $z))->toEqualWithDelta($off, 0.01);
        }
        expect($metric->from($there))->toBe($metric->off($x, $y, $z))
            ->and(Metric::plain($here)->from($there))->toEqualWithDelta(sqrt($dl * $dl + $da * $da + $db * $db), 1e-9);
    }
    expect($metric->place($l, $a, $b))->toBe([0.0, 0.0, 0.0]);
})->with([[50, 10, 20], [30, 20, -45], [85, -30, 60], [60, 2, 1]]);

it('sketches a mix near the wanted colour as the true film shows it', function (float $ground, float $um): void {
    $rack = AnyRack::of(20, 51);
    $blank = new Wanted(new Lab(50, 0, 0), Spectrum::flat($ground), $um, SurfaceFinish::Clear);
    $off = [];
    for ($n = 0; $n < 100; $n++) {
        [$i, $j, $k] = array_rand($rack, 3);
        $parts = array_map(static fn(int $at): array => [$rack[$at], mt_rand(1, 6)], [$i, $j, $k]);
        $dry = array_map(static fn(array $p): float => $p[1] * $p[0]->dropMl * $p[0]->solids, $parts);
        $shown = $blank->shows(DuncanMixing::mix(array_map(static fn(array $p, float $ml): array => [$p[0]->optics, $ml], $parts, $dry)));
        $sketch = new Sketch(
            array_column($parts, 0),
            new Wanted($shown->lab, $blank->ground, $um, SurfaceFinish::Clear),
            Metric::at($shown->lab),
        );
        $off[] = $sketch->metric->off(...$sketch->place(0, 1, 2, ...$dry));
    }
    sort($off);
    expect($off[50])->toBeLessThan(0.02)->and($off[98])->toBeLessThan(0.12);
})->with([[0.9, 12.0], [0.03, 18.0], [0.5, 400.0]]);

it('offers no effect, tape, size or clear medium for a plain colour', function (): void {
    $rack = array_map(
        static fn(Kind $kind): Paint => Paint::read($kind->value, Node::root(['hex' => '#8a7a40', 'kind' => $kind->value])),
        Kind::cases(),
    );
    $wanted = new Wanted(Colour::fromHex('#7a6c3c')->lab, Spectrum::flat(0.9), 10.0, SurfaceFinish::Clear);
    $offered = array_merge(...array_map(
        static fn(Offer $offer): array => array_map(static fn(array $part): Kind => $part[0]->kind, $offer->parts),
        MixSearch::best($rack, $wanted),
    ));
    expect($offered)->not->toBe([]);
    foreach ($offered as $kind) {
        expect($kind->mixes())->toBeTrue();
    }
});
