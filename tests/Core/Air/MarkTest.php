<?php

declare(strict_types=1);

namespace Tests\Core\Air;

use Hawkbrush\Core\Air\Fault;
use Hawkbrush\Core\Air\Mark;
use Hawkbrush\Core\Air\SprayWork;

/** @param list<array{float, float, float}> $drops */
function meanRadius(array $drops): float
{
    return array_sum(array_column($drops, 2)) / \count($drops);
}

/** @param list<array{float, float, float}> $drops */
function spread(array $drops): float
{
    return sqrt(array_sum(array_map(static fn(array $drop): float => ($drop[1] - Mark::HEIGHT / 2) ** 2, $drops)) / \count($drops));
}

it('draws every work and every fault on the sheet, each in its own way and always the same', function (): void {
    $all = [...array_map(Mark::good(...), SprayWork::cases()), ...array_map(Mark::fault(...), Fault::cases())];
    foreach ($all as $drops) {
        expect(\count($drops))->toBeBetween(30, 1900);
        foreach ($drops as [$x, $y, $radius]) {
            expect($x)->toBeBetween(0, Mark::WIDTH)->and($y)->toBeBetween(0, Mark::HEIGHT)->and($radius)->toBeBetween(0.1, 4);
        }
    }
    expect(\count(array_unique(array_map(json_encode(...), $all))))->toBe(\count($all))
        ->and(Mark::good(SprayWork::Fade))->toBe(Mark::good(SprayWork::Fade));
});

it('draws a fade narrower and finer than a base, and grain coarser than either', function (): void {
    [$base, $fade, $grain] = [Mark::good(SprayWork::Base), Mark::good(SprayWork::Fade), Mark::fault(Fault::Grain)];
    expect(spread($fade))->toBeLessThan(spread($base))
        ->and(meanRadius($fade))->toBeLessThan(meanRadius($base))
        ->and(meanRadius($grain))->toBeGreaterThan(2 * meanRadius($base))
        ->and(\count($grain))->toBeLessThan(\count($base) / 5);
});

it('draws spit as an even mark with large drops in it', function (): void {
    $radii = array_column(Mark::fault(Fault::Spit), 2);
    expect(max($radii))->toBeGreaterThan(4 * array_sum($radii) / \count($radii))
        ->and(\count(array_filter($radii, static fn(float $r): bool => $r > 1.5)))->toBeBetween(5, 20);
});
