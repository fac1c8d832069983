<?php

declare(strict_types=1);

namespace Tests\Core\Mix;

// How strongly paints tint, so that shares of a mix lie evenly.

use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Metric;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Film\Unmeasured;
use Hawkbrush\Core\Mix\Sketch;
use Hawkbrush\Core\Mix\Tinting;
use Hawkbrush\Core\Mix\Wanted;

/** Paints of every kind and colour, weak and strong, as a {@see Sketch} for a colour. */
function sketchOfAnyRack(int $paints, int $seed, string $wanted): Sketch
{
    mt_srand($seed);
    $kinds = [Kind::Opaque, Kind::SemiOpaque, Kind::Transparent, Kind::Pearl, Kind::Ink];
    $rack = array_map(static function (int $i) use ($kinds): Paint {
        $hex = \sprintf('#%02x%02x%02x', mt_rand(10, 245), mt_rand(10, 245), mt_rand(10, 245));
        $kind = $kinds[mt_rand(0, 4)];

        return new Paint(
            "p{$i}",
            "Paint {$i}",
            $kind,
            Unmeasured::optics(SurfaceFinish::Clear->body(Colour::fromHex($hex)->reflectance()), $kind),
            $hex,
            0.35,
        );
    }, range(1, $paints));

    $wanted = new Wanted(Colour::fromHex($wanted)->lab, Spectrum::flat(0.85), 12.0, SurfaceFinish::Clear);

    return new Sketch($rack, $wanted, Metric::at($wanted->lab));
}

it('learns how strongly each paint tints from where half of the way between two is done', function (): void {
    $strong = [1.0, 1.6, 0.7, 2.2, 1.1, 0.6, 1.0, 1.9, 0.8, 1.3, 0.9, 1.5, 0.7, 1.2, 1.8, 1.0, 0.8];
    // Each goes towards the other as its part of all strength does, on a straight way of 50.
    $place = static fn(int $one, int $two, float $ofOne, float $ofTwo): array => [
        50 * $two * $ofTwo * $strong[$two] / ($ofOne * $strong[$one] + $ofTwo * $strong[$two]),
        0.0,
        0.0,
    ];
    $shares = Tinting::evened(array_fill(0, 17, 3.0), $place);
    $counts = array_map(static fn(float $share, float $strength): float => $share * $strength, $shares, $strong);
    // All as much as the first, to what four steps tell of such a way.
    expect(array_map(static fn(float $count): float => $count / $counts[0], $counts))->toEqualWithDelta(array_fill(0, 17, 1.0), 0.06);
});

it('believes the guess where nothing can be told: paints all alike, one, two, none', function (): void {
    $alike = static fn(): array => [1.0, 2.0, 3.0];
    expect(Tinting::evened([1.0, 2.0, 4.0, 8.0], $alike))->toBe([1.0, 2.0, 4.0, 8.0])
        ->and(Tinting::evened([0.5], $alike))->toBe([0.5])
        ->and(Tinting::evened([0.5, 3.0], $alike))->toBe([0.5, 3.0])
        ->and(Tinting::evened([], $alike))->toBe([]);
});

it('lays mixes out evenly: like shares of two paints lie about halfway between them', function (): void {
    $parts = [];
    foreach ([3, 4, 5] as $seed) {
        $sketch = sketchOfAnyRack(20, $seed, '#6f7a52');
        for ($one = 0; $one < 20; $one++) {
            for ($two = $one + 1; $two < 20; $two++) {
                $ways = array_map(static fn(int $tenth): array => $sketch->at($one, $two, $one, [10 - $tenth, $tenth, 0]), range(0, 10));
                $steps = array_map(
                    static fn(array $a, array $b): float => sqrt(array_sum(array_map(
                        static fn(float $p, float $q): float => ($p - $q) ** 2,
                        $a,
                        $b,
                    ))),
                    \array_slice($ways, 0, -1),
                    \array_slice($ways, 1),
                );
                if (array_sum($steps) > 5) {
                    $parts[] = array_sum(\array_slice($steps, 0, 5)) / array_sum($steps);
                }
            }
        }
    }
    $aside = array_map(static fn(float $part): float => abs($part - 0.5), $parts);
    // By the guess alone they lie aside by 0.11 on average, and one way in twenty is done by three quarters there.
    expect(array_sum($aside) / \count($aside))->toBeLessThan(0.08)
        ->and(\count(array_filter($aside, static fn(float $by): bool => $by > 0.25)) / \count($aside))->toBeLessThan(0.02);
});
