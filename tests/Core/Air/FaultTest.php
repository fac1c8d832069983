<?php

declare(strict_types=1);

namespace Tests\Core\Air;

use Hawkbrush\Core\Air\Cause;
use Hawkbrush\Core\Air\Circumstances;
use Hawkbrush\Core\Air\Diagnosis;
use Hawkbrush\Core\Air\Fault;
use Hawkbrush\Core\Air\Pressure;
use Hawkbrush\Core\Air\SprayWork;
use Hawkbrush\Core\Film\Kind;
use Tests\Build;

/** @return list<string> the causes in the order to try */
function tried(Fault $fault, Circumstances $at, array $before = []): array
{
    return array_map(static fn(Diagnosis $one): string => $one->cause->value, Diagnosis::of($fault, $at, $before));
}

function thinned(float $psi, float $percent = 60): Circumstances
{
    return new Circumstances(Build::spraying(SprayWork::Coat, Kind::Transparent, $percent), $psi);
}

it('blames what painters blame', function (Fault $fault, Circumstances $at, string $first): void {
    // Common practice, no published source.
    expect(tried($fault, $at)[0])->toBe($first);
})->with([
    'spider legs at twice the air' => [Fault::SpiderLegs, fn() => thinned(25), 'too much air'],
    'creep in paint too thin, at the right air' => [Fault::Creep, fn() => thinned(3, 90), 'paint too thin'],
    'spit at half the air' => [Fault::Spit, fn() => thinned(6), 'too little air'],
    'grain at half the air' => [Fault::Grain, fn() => thinned(6), 'too little air'],
    'dry tip' => [Fault::DryTip, fn() => thinned(12), 'paint dried on the tip'],
    'clog of metallic in a fine nozzle' => [
        Fault::Clog,
        fn() => new Circumstances(Build::spraying(SprayWork::Coat, Kind::Metallic, 20, 0.2), 40, minutesSinceStrip: 5),
        'nozzle too fine for this paint',
    ],
    'clog long after the last strip' => [
        Fault::Clog, fn() => new Circumstances(thinned(12)->spraying, 12, minutesSinceStrip: 120), 'paint dried on the tip',
    ],
    'pulsing' => [Fault::Pulsing, fn() => thinned(12), 'nozzle loose'],
    'blur after a heavy coat' => [
        Fault::Blur,
        fn() => new Circumstances(Build::spraying(SprayWork::Stencil, Kind::Transparent, 60), 5, wetUm: 28),
        'too much paint at once',
    ],
    'blur after a mist' => [
        Fault::Blur,
        fn() => new Circumstances(Build::spraying(SprayWork::Stencil, Kind::Transparent, 60), 5, wetUm: 4),
        'aimed into the opening',
    ],
    'a halo beside a stripe' => [Fault::Halo, fn() => thinned(12), 'edge of the tape not rubbed down'],
    'blobs of a sponge' => [Fault::SpongeBlob, fn() => thinned(12), 'sponge too wet'],
    'a run of a heavy coat' => [Fault::Run, fn() => new Circumstances(thinned(12)->spraying, 12, wetUm: 28), 'too much paint at once'],
]);

it('weighs what lies below', function (): void {
    $share = static fn(Fault $fault, Cause $cause, Circumstances $at): float => array_sum(array_map(
        static fn(Diagnosis $one): float => $one->cause === $cause ? $one->share : 0.0,
        Diagnosis::of($fault, $at),
    ));
    $at = static fn(?bool $dry, ?bool $meet): Circumstances
        => new Circumstances(thinned(12)->spraying, 12, dryBelow: $dry, familiesMeet: $meet);
    expect($share(Fault::Lifted, Cause::NotDryBelow, $at(false, null)))
        ->toBeGreaterThan($share(Fault::Lifted, Cause::NotDryBelow, $at(null, null)))
        ->toBeGreaterThan($share(Fault::Lifted, Cause::NotDryBelow, $at(true, null)))
        ->and($share(Fault::Wrinkle, Cause::FamiliesDisagree, $at(null, true)))
        ->toBeGreaterThan($share(Fault::Wrinkle, Cause::FamiliesDisagree, $at(null, false)));
});

it('names causes for every fault, once each, with shares that sum to one and something to try', function (Fault $fault): void {
    $causes = Diagnosis::of($fault, thinned(12));
    expect(array_sum(array_map(static fn(Diagnosis $one): float => $one->share, $causes)))->toEqualWithDelta(1, 1e-9)
        ->and(array_unique(tried($fault, thinned(12))))->toHaveCount(\count($causes))
        ->and($fault->looks())->toEndWith('.');
    foreach ($causes as $one) {
        expect($one->share)->toBeGreaterThan(0)->and($one->cause->try())->toEndWith('.');
    }
})->with(Fault::cases());

it('sets what stands nearer to its window, never past what can be set', function (): void {
    foreach (SprayWork::cases() as $work) {
        foreach ([0.5, 2, 8, 25, 60, 120] as $psi) {
            foreach ([0, 30, 60, 95] as $percent) {
                $at = new Circumstances(Build::spraying($work, Kind::Opaque, $percent), $psi, wetUm: 28);
                foreach (Cause::cases() as $cause) {
                    $sets = $cause->sets($at);
                    expect($sets['psi'] ?? 1)->toBeGreaterThanOrEqual(0.5)->toBeLessThanOrEqual(120)
                        ->and($sets['thinning_percent'] ?? 1)->toBeGreaterThanOrEqual(0)->toBeLessThanOrEqual(95);
                }
                expect(Cause::TooMuchAir->sets($at)['psi'])->toBeLessThanOrEqual($psi)
                    ->and(Cause::TooLittleAir->sets($at)['psi'])->toBeGreaterThanOrEqual($psi);
            }
        }
    }
});

it('raises air that spits at low pressure towards the window of the work', function (): void {
    // Common practice, no published source: raise towards 35.
    $at = new Circumstances(Build::spraying(SprayWork::Base), 18);
    expect(Cause::TooLittleAir->sets($at)['psi'])->toBeBetween(22, 38)
        ->and(Pressure::window($at->spraying)->holds(35))->toBeTrue();
});

it('tries first what helped before, and later what did not', function (): void {
    $at = thinned(12);
    $usual = tried(Fault::SpiderLegs, $at);
    $last = $usual[\count($usual) - 1];
    expect(tried(Fault::SpiderLegs, $at, [$last => ['helped' => 6, 'failed' => 0]])[0])->toBe($last)
        ->and(tried(Fault::SpiderLegs, $at, [$usual[0] => ['helped' => 0, 'failed' => 8]])[0])->not->toBe($usual[0]);
});
