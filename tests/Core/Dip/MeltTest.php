<?php

declare(strict_types=1);

namespace Tests\Core\Dip;

use Hawkbrush\Core\Step\Dip\Melt;

it('heats a minute first, then half minutes, and no longer than it takes', function (float $ml, float $atC, float $airC): void {
    // First a minute, then half minutes, of a cup: common practice, no published source. More of it takes as much longer.
    $larger = max(1, $ml / 120);
    $heats = Melt::of($ml, $atC, $airC)->heats;
    expect($heats[0])->toBeLessThanOrEqual(60 * $larger + 2.5);
    foreach (\array_slice($heats, 1) as $seconds) {
        expect($seconds)->toBeLessThanOrEqual(30 * $larger + 2.5)->and($seconds)->toBeGreaterThan(0);
    }
    // Heat = capacity x rise: (1.95 + 1.5) J/(K ml) at 250 W, rounded up to the next five seconds.
    $needs = $ml * (1.95 + 1.5) * ($atC - $airC) / 250;
    expect(array_sum($heats))->toBeGreaterThanOrEqual($needs - 1e-9)->and(array_sum($heats))->toBeLessThan($needs + 5)
        // Two litres came to 135 heatings.
        ->and(\count($heats))->toBeLessThanOrEqual(10);
})->with([[120, 168, 21], [20, 168, 21], [400, 170, 5], [60, 150, 38], [2000, 168, 21]]);

it('takes longer for more vinyl and from colder, and holds longer in a larger cup', function (): void {
    $seconds = static fn(float $ml, float $airC): int => (int) array_sum(Melt::of($ml, 168, $airC)->heats);
    expect($seconds(240, 21))->toBeGreaterThan($seconds(120, 21))->and($seconds(120, 5))->toBeGreaterThan($seconds(120, 30))
        ->and(Melt::of(240, 168, 21)->holdsMin)->toBeGreaterThan(Melt::of(120, 168, 21)->holdsMin)
        ->and(Melt::of(120, 168, 35)->holdsMin)->toBeGreaterThan(Melt::of(120, 168, 5)->holdsMin);
});

it('is dipped at 330 to 340 F, and never where it fumes', function (): void {
    // 330 F and 340 F in C: (F - 32) x 5 / 9.
    expect(Melt::FROM_C)->toEqualWithDelta((330 - 32) * 5 / 9, 0.1)->and(Melt::TO_C)->toEqualWithDelta((340 - 32) * 5 / 9, 0.1)
        ->and(Melt::NEVER_C)->toBeGreaterThan(Melt::TO_C);
});

it('is heated again each time it has cooled, and not before the first dip', function (): void {
    $melt = Melt::of(120, 168, 21);
    $many = 3 * $melt->dipsPerHeat;
    expect($melt->reheats(1))->toBe(0)->and($melt->reheats($melt->dipsPerHeat))->toBe(0)
        ->and($melt->reheats($melt->dipsPerHeat + 1))->toBe(1)->and($melt->reheats($many))->toBe(2)
        ->and($melt->dippingMin($many))->toEqualWithDelta($many * Melt::DIP_MIN + 2 * 0.75, 1e-9);
});
