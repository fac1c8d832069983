<?php

declare(strict_types=1);

use Hawkbrush\Core\Technique\Chance;

it('gives the same for the same seed, and other draws for another', function (): void {
    $draws = static fn(int $seed): array => [(new Chance($seed))->shares(50), (new Chance($seed))->between(3, 9)];
    expect($draws(7))->toBe($draws(7))
        ->and($draws(7)[0])->not->toBe($draws(8)[0])
        ->and($draws(7)[1])->not->toBe($draws(8)[1]);
});

it('draws the same on every machine and in every year', function (): void {
    // From this very code: a painted pattern must look the same after an upgrade.
    $chance = new Chance(42);
    expect(array_map(static fn(float $s): float => round($s, 6), $chance->shares(3)))->toBe([0.047589, 0.083863, 0.426044])
        ->and($chance->between(0, 1))->toBe(0.281878);
});

it('goes on where it stopped', function (): void {
    $once = (new Chance(5))->shares(6);
    $twice = new Chance(5);
    // Eight bytes are drawn at a time: two shares.
    expect([...$twice->shares(2), ...$twice->shares(4)])->toBe($once);
});

it('is spread evenly from 0 to 1, neighbours knowing nothing of each other', function (): void {
    $shares = (new Chance(11))->shares(20_000);
    $tenths = array_count_values(array_map(static fn(float $s): int => min(9, (int) ($s * 10)), $shares));
    $pairs = 0.0;
    foreach (array_keys(array_slice($shares, 1)) as $i) {
        $pairs += ($shares[$i] - 0.5) * ($shares[$i + 1] - 0.5);
    }
    expect(min($shares))->toBeGreaterThanOrEqual(0.0)->and(max($shares))->toBeLessThanOrEqual(1.0)
        // Three standard deviations of a binomial of 20000 and a tenth are 127; of the mean, 0.0061.
        ->and(min($tenths))->toBeGreaterThan(1800)->and(max($tenths))->toBeLessThan(2200)
        ->and(array_sum($shares) / 20_000)->toEqualWithDelta(0.5, 0.0062)
        ->and(abs($pairs / 20_000 * 12))->toBeLessThan(0.022);
});

it('draws nothing when nothing is asked for', function (int $count): void {
    expect((new Chance(1))->shares($count))->toBe([]);
})->with([0, -3]);

it('keeps between what it is told', function (float $from, float $to): void {
    $chance = new Chance(3);
    for ($i = 0; $i < 200; $i++) {
        expect($chance->between($from, $to))->toBeBetween(min($from, $to), max($from, $to));
    }
})->with([[0, 1], [-4, 4], [5, 5], [2, -2]]);
