<?php

declare(strict_types=1);

namespace Tests\Core\Air;

use Hawkbrush\Core\Air\Experience;
use Hawkbrush\Core\Air\Factor;
use Hawkbrush\Core\Air\Fault;
use Hawkbrush\Core\Air\Nozzle;
use Hawkbrush\Core\Air\Pressure;
use Hawkbrush\Core\Air\Sprayed;
use Hawkbrush\Core\Air\Spraying;
use Hawkbrush\Core\Air\SprayWork;
use Hawkbrush\Core\Air\Thinning;
use Hawkbrush\Core\Air\Window;
use Hawkbrush\Core\Coat\Weight;
use Hawkbrush\Core\Exchange\SprayingReader;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Shop\AirWords;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Words;
use Tests\Build;

function reasons(Window $window): string
{
    return implode('; ', array_map(static fn(Factor $factor): string => $factor->why, $window->reasons));
}

it('asks for the air that painters use', function (
    SprayWork $work,
    Kind $kind,
    float $percent,
    float $nozzle,
    float $from,
    float $to,
): void {
    // Common practice, no published source.
    $air = Pressure::window(Build::spraying($work, $kind, $percent, $nozzle));
    expect($air->set)->toBeBetween($from * 0.9, $to * 1.1)
        ->and($air->holds($from))->toBeTrue("{$air->low} to {$air->high} holds {$from}")
        ->and($air->holds($to))->toBeTrue("{$air->low} to {$air->high} holds {$to}");
})->with([
    'opaque base, straight' => [SprayWork::Base, Kind::Opaque, 0, 0.35, 35, 40],
    'opaque base, a little reducer' => [SprayWork::Base, Kind::Opaque, 5, 0.35, 35, 40],
    'heavy fluorescent lay-in' => [SprayWork::LayIn, Kind::Fluorescent, 0, 0.35, 40, 45],
    'shimmer or metallic ink, large nozzle' => [SprayWork::Coat, Kind::Metallic, 0, 0.5, 50, 50],
    'transparent from the bottle, thinned a little' => [SprayWork::Coat, Kind::Transparent, 10, 0.35, 40, 40],
    'thinned transparent, 40 to 60' => [SprayWork::Coat, Kind::Transparent, 60, 0.35, 10, 15],
    'transparent dusting on the back, reduced' => [SprayWork::Dusting, Kind::Transparent, 50, 0.35, 10, 10],
    'black dusting, reduced' => [SprayWork::Dusting, Kind::Opaque, 50, 0.35, 10, 10],
    'pearl accent along the side' => [SprayWork::Fade, Kind::Pearl, 0, 0.35, 5, 7],
    'stencil detail, 40 to 60' => [SprayWork::Stencil, Kind::Transparent, 60, 0.35, 5, 5],
    'freehand dot, less thinned' => [SprayWork::Dot, Kind::Opaque, 25, 0.35, 10, 10],
    'splatter, water-thin black' => [SprayWork::Splatter, Kind::Opaque, 60, 0.35, 2, 2],
    'splatter' => [SprayWork::Splatter, Kind::Opaque, 0, 0.35, 2, 3],
]);

it('asks for the air of free spraying by weight, width, place and kind', function (string $in, float $psi): void {
    // Common practice, no published source.
    $air = Pressure::window(SprayingReader::read(Node::fromJson($in)));
    expect($air->holds($psi))->toBeTrue("{$air->low} to {$air->high} holds {$psi}");
})->with([
    'a light transparent' => ['{"weight":"light","kind":"transparent"}', 10],
    'a pearl belly' => ['{"weight":"medium","zone":"belly","kind":"pearl"}', 40],
    'a light pearl belly' => ['{"weight":"light","zone":"belly","kind":"pearl"}', 40],
    'a light white flank' => ['{"weight":"light","zone":"flank"}', 40],
    'round the eye' => ['{"weight":"light","zone":"eye surround","kind":"pearl"}', 6],
    'the muzzle' => ['{"weight":"light","zone":"muzzle","kind":"pearl"}', 7],
    'the gill plate' => ['{"weight":"light","zone":"gill plate","kind":"pearl"}', 7],
    'the throat' => ['{"weight":"light","zone":"throat"}', 7],
    'a narrow ridge' => ['{"weight":"light","zone":"back","width_mm":5,"kind":"pearl"}', 6],
    'a back dusted with reduced black' => ['{"weight":"medium","zone":"back","width_mm":9,"thinning_percent":50}', 10],
    'a thinned transparent' => ['{"weight":"medium","kind":"transparent","thinning_percent":60}', 10],
    'a thinned transparent, at most' => ['{"weight":"medium","kind":"transparent","thinning_percent":60}', 15],
]);

it('goes over smoothly in width, weight and thinning, with something usual at every air from 5 to 40 psi', function (): void {
    $at = static fn(string $kind, string $weight, float $mm, float $percent): Window => Pressure::window(SprayingReader::read(
        Node::root(['kind' => $kind, 'weight' => $weight, 'width_mm' => $mm, 'thinning_percent' => $percent]),
    ));
    foreach (['opaque', 'transparent', 'pearl', 'metallic'] as $kind) {
        foreach (Weight::names() as $weight) {
            for ($mm = 2.0; $mm < 80; $mm *= 1.1) {
                foreach ([0.0, 5.0, 12.0, 20.0, 35.0, 50.0, 70.0] as $percent) {
                    $here = $at($kind, $weight, $mm, $percent)->set;
                    expect($at($kind, $weight, 1.1 * $mm, $percent)->set / $here)->toBeBetween(0.9, 1.1)
                        ->and($at($kind, $weight, $mm, 1.1 * $percent)->set / $here)->toBeBetween(0.9, 1.1);
                }
            }
        }
    }
    for ($psi = 5; $psi <= 40; $psi++) {
        $usual = array_filter(range(2, 60), static fn(int $mm): bool => $at('pearl', 'light', $mm, 0)->holds($psi));
        expect($usual)->not->toBe([], "{$psi} psi");
    }
    foreach (['belly', 'flank', 'back'] as $zone) {
        $by = array_map(static fn(string $weight): float => Pressure::window(
            SprayingReader::read(Node::fromJson("{\"weight\":\"{$weight}\",\"zone\":\"{$zone}\",\"kind\":\"pearl\"}")),
        )->set, Weight::names());
        $sorted = $by;
        sort($sorted);
        expect($by)->toBe($sorted);
    }
});

it('leaves the air at 40 for bars, and splatters from 1 to 3 psi however thin it is', function (): void {
    // Common practice, no published source.
    $step = Build::paintStep(['technique' => ['name' => 'bars'], 'thinning_percent' => 0, 'weight' => 'light'], 'bars');
    $bars = Build::recipe($step)->coats()[0];
    expect(Pressure::window($bars->spraying(Nozzle::ordinary(), false))->holds(40.0))->toBeTrue();
    foreach ([0, 30, 60] as $percent) {
        $air = Pressure::window(Build::spraying(SprayWork::Splatter, Kind::Opaque, $percent));
        expect([$air->low, $air->high])->toEqualWithDelta([1.0, 3.0], 1e-9);
    }
});

it('says either a work or free spraying, and knows craft paint', function (): void {
    expect(static fn() => SprayingReader::read(Node::fromJson('{"work":"coat","weight":"light"}')))->toThrow(Refused::class, 'not both')
        ->and(static fn() => SprayingReader::read(Node::fromJson('{"width_mm":0.1}')))->toThrow(Refused::class);
    $craft = SprayingReader::read(Node::fromJson('{"work":"coat","craft":true}'));
    expect(reasons(Thinning::window($craft)))->toContain('craft paint wants much');
});

it('gives no order that it calls unusual', function (): void {
    $window = Pressure::window(Build::spraying(SprayWork::Fade, Kind::Pearl));
    expect(AirWords::say($window, 6, Habits::usual()))->toStartWith('Set 6 psi')
        ->and(AirWords::say($window, 20, Habits::usual()))->not->toContain('Set 20')->toContain('outside the usual 4.8 to 7.2 psi');
});

it('asks for the thinning that painters use', function (SprayWork $work, Kind $kind, float $percent): void {
    // Common practice, no published source.
    expect(Thinning::window(Build::spraying($work, $kind))->holds($percent))->toBeTrue();
})->with([
    'base as it comes' => [SprayWork::Base, Kind::Opaque, 0],
    'lay-in as it comes' => [SprayWork::LayIn, Kind::Fluorescent, 0],
    'transparents, 40 to 60' => [SprayWork::Coat, Kind::Transparent, 60],
    'milk-thin white through mesh' => [SprayWork::Mesh, Kind::Opaque, 10],
    'stencil detail, 40 to 60' => [SprayWork::Stencil, Kind::Transparent, 60],
    'pearl as it comes' => [SprayWork::Fade, Kind::Pearl, 0],
    'stencil as it comes' => [SprayWork::Stencil, Kind::Opaque, 0],
    'mesh as it comes' => [SprayWork::Mesh, Kind::Opaque, 0],
    'mist as it comes' => [SprayWork::Dusting, Kind::Pearl, 0],
]);

it('wants a dot thicker than a coat, and calls nothing far below that good painters do', function (): void {
    // Common practice, no published source.
    foreach (Kind::cases() as $kind) {
        $set = static fn(SprayWork $work): float => Thinning::window(Build::spraying($work, $kind))->set;
        expect($set(SprayWork::Dot))->toBeLessThan($set(SprayWork::Coat));
        foreach (SprayWork::cases() as $work) {
            expect(Thinning::window(Build::spraying($work, $kind))->low)->toBe(0.0);
        }
    }
    $coat = Thinning::window(Build::spraying(SprayWork::Coat, Kind::Opaque));
    expect($coat->high)->toBeLessThanOrEqual(30.0);
});

it('never asks for more air for thinner paint, nor for less from a larger nozzle', function (SprayWork $work): void {
    foreach (Kind::cases() as $kind) {
        foreach ([0.15, 0.2, 0.35, 0.5, 1.0] as $nozzle) {
            $before = null;
            for ($percent = 0; $percent <= 95; $percent += 5) {
                $air = Pressure::window(Build::spraying($work, $kind, $percent, $nozzle));
                expect($air->low)->toBeLessThanOrEqual($air->set)->toBeGreaterThan(0)
                    ->and($air->set)->toBeLessThanOrEqual($air->high)
                    ->and($air->high)->toBeLessThanOrEqual(60.0);
                if ($before !== null) {
                    expect($air->set)->toBeLessThanOrEqual($before->set)
                        ->and($air->low)->toBeLessThanOrEqual($before->low)
                        ->and($air->high)->toBeLessThanOrEqual($before->high);
                }
                $before = $air;
            }
        }
        $set = static fn(float $nozzle): float => Pressure::window(Build::spraying($work, $kind, 20, $nozzle))->set;
        expect($set(0.5))->toBeGreaterThanOrEqual($set(0.2));
    }
})->with(SprayWork::cases());

it('gives a reason for every factor, and their product is the figure', function (): void {
    $air = Pressure::window(Build::spraying(SprayWork::Coat, Kind::Metallic, 30, 0.5));
    $product = array_product(array_map(static fn(Factor $factor): float => $factor->times, $air->reasons));
    expect($air->set)->toEqualWithDelta(SprayWork::Coat->figures()->psi * $product, 1e-9)
        ->and(reasons($air))->toContain('40 psi')->toContain('flakes')->toContain('30 % reducer')->toContain('0.5 mm nozzle');
});

it('tells coarse paint to change the nozzle before the air is raised', function (): void {
    $why = static fn(Kind $kind, float $nozzle, bool $craft = false): string
        => Pressure::window(Build::spraying(SprayWork::Coat, $kind, 0, $nozzle, $craft))->reasons[0]->why;
    expect($why(Kind::Metallic, 0.2))->toContain('change to 0.35 mm or more')
        ->and($why(Kind::Opaque, 0.3, true))->toContain('craft paint is coarse')
        ->and(reasons(Pressure::window(Build::spraying(SprayWork::Coat, Kind::Metallic, 0, 0.5))))->not->toContain('change to')
        ->and(reasons(Pressure::window(Build::spraying(SprayWork::Fade, Kind::Pearl, 0, 0.3))))->not->toContain('change to');
});

it('wants thick paint thinner, and water a little more air than reducer', function (): void {
    expect(Thinning::window(Build::spraying(SprayWork::Coat, Kind::Opaque, craft: true))->set)->toBe(25.0)
        ->and(Thinning::window(Build::spraying(SprayWork::Base, Kind::Metallic))->set)->toBe(10.0)
        ->and(Thinning::window(Build::spraying(SprayWork::Coat, Kind::Opaque, 0, 0.25))->set)->toBe(14.0);
    $reducer = new Spraying(SprayWork::Coat, Kind::Transparent, 0.5, Nozzle::ordinary());
    $water = new Spraying(SprayWork::Coat, Kind::Transparent, 0.5, Nozzle::ordinary(), water: true);
    expect(Pressure::model($water))->toBeGreaterThan(Pressure::model($reducer))->toBeLessThan(1.2 * Pressure::model($reducer));
});

it('refuses what no airbrush has and what leaves no paint', function (callable $make, string $pointer): void {
    expect($make)->toThrow(fn(Refused $e) => expect($e->pointer)->toBe($pointer)->and($e->getMessage())->toMatch('/\d/'));
})->with([
    'a nozzle of 5 mm' => [fn() => new Nozzle(5), '/nozzle_mm'],
    'no bore' => [fn() => new Nozzle(0), '/nozzle_mm'],
    'all reducer' => [fn() => Build::spraying(SprayWork::Coat, Kind::Opaque, 100), '/thinning_percent'],
]);

it('moves the window towards what was sprayed, damped and bounded', function (): void {
    $way = Build::spraying(SprayWork::Coat, Kind::Transparent, 60);
    $model = Pressure::window($way);
    $at = static fn(float $psi, int $times, ?Fault $fault = null): Window => Pressure::window(
        $way,
        new Experience(array_fill(0, $times, new Sprayed($way, $psi, $fault))),
    );
    expect($at(9, 1)->set)->toBeLessThan($model->set)->toBeGreaterThan($at(9, 6)->set)
        ->and($at(9, 6)->set)->toBeGreaterThan(9)
        ->and($at(9, 50)->set)->toBe($at(9, Experience::LATEST)->set)
        ->and($at(0.5, 12)->set)->toBeGreaterThan($model->set / 2)
        ->and($at(120, 12)->set)->toBeLessThan($model->set * 2)
        ->and(Pressure::window($way, new Experience([])))->toEqual($model)
        ->and(reasons($at(9, 6)))->toContain('your last 6: 9 psi');
});

it('learns from a fault that the air was too low or too high', function (): void {
    $way = Build::spraying(SprayWork::Coat, Kind::Transparent, 60);
    $set = static fn(?Fault $fault): float
        => Pressure::window($way, new Experience([new Sprayed($way, 12, $fault), new Sprayed($way, 12)]))->set;
    expect($set(Fault::Spit))->toBeGreaterThan($set(null))
        ->and($set(Fault::Grain))->toBeGreaterThan($set(null))
        ->and($set(Fault::SpiderLegs))->toBeLessThan($set(null))
        ->and($set(Fault::Halo))->toBe($set(null));
    $told = new Experience([new Sprayed($way, 8, Fault::Spit), new Sprayed($way, 9), new Sprayed($way, 8.5, Fault::Spit)]);
    expect($told->says())->toBe('your last 3: 8 to 9 psi, with 2 times spit');
});

it('reads experience at other thinning and work by its own model', function (): void {
    // Sprayed a quarter above the model at one thinning says as much at another.
    $thin = Build::spraying(SprayWork::Coat, Kind::Transparent, 60);
    $thick = Build::spraying(SprayWork::Coat, Kind::Transparent, 10);
    $experience = new Experience(array_fill(0, 6, new Sprayed($thin, 1.25 * Pressure::model($thin))));
    expect(Pressure::window($thick, $experience)->set / Pressure::window($thick)->set)
        ->toEqualWithDelta(Pressure::window($thin, $experience)->set / Pressure::window($thin)->set, 1e-9);
});

it('puts the right article before a noun or a figure', function (string $noun, string $said): void {
    expect(Words::a($noun))->toBe($said);
})->with([
    ['opaque paint', 'an opaque paint'], ['ink paint', 'an ink paint'], ['pearl paint', 'a pearl paint'], ['8 mm eye', 'an 8 mm eye'],
    ['0.8 mm nozzle', 'a 0.8 mm nozzle'], ['11 mm eye', 'an 11 mm eye'], ['18 mm eye', 'an 18 mm eye'], ['110 mm bait', 'a 110 mm bait'],
    ['unit', 'a unit'],
]);
