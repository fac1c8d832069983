<?php

declare(strict_types=1);

namespace Tests\Core\Drying;

use Hawkbrush\Core\Advice\Advisor;
use Hawkbrush\Core\Advice\Finding;
use Hawkbrush\Core\Drying\Airflow;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Drying\Dryer;
use Hawkbrush\Core\Drying\Evaporation;
use Hawkbrush\Core\Drying\Psychrometrics;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Tests\Build;

function touch_dry(Climate $climate, ?Airflow $air = null, float $wetUm = 9): float
{
    return (float) Evaporation::touchDryS($wetUm, 0.65, $climate, $air ?? Airflow::still());
}

it('dries slower the damper the air', function (): void {
    $times = array_map(static fn(int $humidity): float => touch_dry(Climate::of(21, $humidity)), [20, 40, 60, 80, 95]);
    $sorted = $times;
    sort($sorted);
    expect($times)->toBe($sorted);
});

it('dries quicker the warmer the room, at the same share of humidity', function (): void {
    $times = array_map(static fn(int $celsius): float => touch_dry(Climate::of($celsius, 50)), [5, 12, 20, 28, 35]);
    $sorted = $times;
    rsort($sorted);
    expect($times)->toBe($sorted);
});

it('dries quicker the harder it blows', function (): void {
    $times = array_map(static fn(float $speed): float => touch_dry(Climate::ordinary(), Airflow::of($speed, null)), [0, 0.5, 1, 2, 4]);
    $sorted = $times;
    rsort($sorted);
    expect($times)->toBe($sorted);
});

it('takes more than twice as long for twice the film, the more so under a dryer', function (): void {
    $still = touch_dry(Climate::ordinary(), null, 18) / touch_dry(Climate::ordinary(), null, 9);
    $air = Dryer::hairDryer()->in(Climate::ordinary());
    $dried = touch_dry(Climate::ordinary(), $air, 18) / touch_dry(Climate::ordinary(), $air, 9);
    expect($still)->toBeGreaterThan(2)->and($dried)->toBeGreaterThan($still)->toBeLessThan(4)
        ->and(touch_dry(Climate::ordinary(), null, 0))->toBe(0.0);
});

it('never dries in saturated air, but does under a dryer', function (): void {
    $steam = Climate::of(21, 100);
    expect(Evaporation::touchDryS(9, 0.65, $steam, Airflow::still()))->toBeNull()
        ->and(Evaporation::maskSafeS(9, 0.65, $steam, Airflow::still()))->toBeNull()
        ->and(Evaporation::touchDryS(9, 0.65, $steam, Dryer::hairDryer()->in(Climate::ordinary())))->toBeGreaterThan(0)
        // Going dry right through is left to the room, and that room dries nothing.
        ->and(Evaporation::maskSafeS(9, 0.65, $steam, Dryer::hairDryer()->in(Climate::ordinary())))->toBeNull();
});

it('condenses on a surface colder than the dew point', function (): void {
    $climate = Climate::of(22, 60);
    expect(Evaporation::rate($climate, Airflow::of(0, $climate->dewPointC() - 1)))->toBe(0.0)
        ->and(Evaporation::rate($climate, Airflow::of(0, $climate->dewPointC() + 1)))->toBeGreaterThan(0.0);
});

it('draws the wait before a mask out by the same law', function (): void {
    $wait = static fn(Climate $climate): float => (float) Evaporation::maskSafeS(9, 0.65, $climate, Airflow::still()) - touch_dry($climate);
    expect($wait(Climate::ordinary()))->toEqualWithDelta(1200, 1e-6)
        ->and($wait(Climate::of(21, 75)))->toEqualWithDelta(2400, 1e-6)
        ->and($wait(Climate::of(30, 30)))->toBeLessThan(600);
});

it('has the dew point where the vapour saturates', function (float $celsius, float $humidity): void {
    $climate = Climate::of($celsius, $humidity);
    expect(Psychrometrics::saturationKpa($climate->dewPointC()))->toEqualWithDelta($climate->vapourKpa(), 1e-9);
})->with([[10, 30], [21, 50], [28, 85], [35, 15]]);

it('lets clear go on three degrees above the dew point, not below', function (): void {
    // ISO 8502-4 practice.
    $climate = Climate::of(20, 50);
    expect($climate->clearCoatMayGoOn($climate->dewPointC() + 3.01))->toBeTrue()
        ->and($climate->clearCoatMayGoOn($climate->dewPointC() + 2.99))->toBeFalse()
        ->and(Climate::of(20, 90)->clearCoatMayGoOn())->toBeFalse();
});

it('knows no room that nobody paints in', function (float $celsius, float $humidity, string $pointer): void {
    try {
        Climate::of($celsius, $humidity);
        $found = 'taken';
    } catch (Refused $e) {
        $found = $e->pointer;
    }
    expect($found)->toBe($pointer);
})->with([[-30, 50, '/air_c'], [70, 50, '/air_c'], [20, 0, '/humidity_percent'], [20, 101, '/humidity_percent'], [20, 50, 'taken']]);

it('sets a light white in less than a minute under a dryer and a heavy coat in one to three minutes', function (): void {
    // Common practice, no published source.
    $dried = static fn(float $wetUm): float => touch_dry(Climate::ordinary(), Dryer::hairDryer()->in(Climate::ordinary()), $wetUm);
    expect($dried(9))->toBeBetween(3, 45)->and($dried(28))->toBeBetween(60, 180);
});

it('keeps the speed of a jet near its mouth and loses it as one over the distance', function (): void {
    // Free turbulent jets: as the textbooks have it, from memory.
    $at = static fn(float $mm): Airflow => Dryer::read(Node::root(['kind' => 'hair dryer', 'distance_mm' => $mm]))->in(Climate::ordinary());
    expect($at(400)->speedMs / $at(800)->speedMs)->toEqualWithDelta(2, 1e-9)
        ->and($at(50)->speedMs)->toBe($at(100)->speedMs)
        ->and($at(150)->dryC)->toEqualWithDelta(50, 1)
        ->and($at(600)->dryC)->toBeLessThan((float) $at(300)->dryC);
});

it('warns of what softens plastic', function (): void {
    // Common practice, no published source.
    $gun = static fn(float $mm): Dryer => Dryer::read(Node::root(['kind' => 'heat gun', 'distance_mm' => $mm]));
    expect($gun(150)->softensPlastic(Climate::ordinary()))->toBeTrue()
        ->and($gun(600)->softensPlastic(Climate::ordinary()))->toBeFalse()
        ->and(Dryer::hairDryer()->softensPlastic(Climate::ordinary()))->toBeFalse()
        ->and(Dryer::usual('fan')->in(Climate::of(30, 50))->surfaceC)->toBe(30.0);
});

it('refuses a dryer that is none', function (array $document, string $pointer): void {
    expect(fn() => Dryer::read(Node::root($document)))->toThrow(fn(Refused $e) => expect($e->pointer)->toBe($pointer));
})->with([
    [['kind' => 'oven'], '/kind'],
    [['kind' => 'fan', 'distance_mm' => 0], '/distance_mm'],
    [['kind' => 'heat gun', 'out_c' => 900], '/out_c'],
]);

it('makes sense in every room, of every coat, under every dryer', function (): void {
    foreach (Dryer::KINDS as $kind) {
        foreach ([-20, 0, 12, 21, 35, 60] as $celsius) {
            $before = 0.0;
            foreach ([1, 20, 40, 60, 80, 95, 100] as $humidity) {
                $climate = Climate::of($celsius, $humidity)->with(Dryer::usual($kind));
                $now = 0.0;
                foreach ([4, 9, 16, 28, 80] as $wetUm) {
                    $seconds = Evaporation::touchDryS($wetUm, 0.65, $climate, $climate->underDryer()) ?? INF;
                    expect(is_nan($seconds))->toBeFalse()->and($seconds)->toBeGreaterThanOrEqual($now);
                    $now = $seconds;
                }
                // Damper air never dries sooner.
                expect($now)->toBeGreaterThanOrEqual($before);
                $before = $now;
            }
        }
    }
});

it('finds the wet bulb as tables do', function (float $airC, float $humidity, float $wetC): void {
    // Psychrometric tables for a ventilated bulb at 1013 hPa, to a tenth; from memory of them.
    expect(Psychrometrics::wetBulbC($airC, Climate::of($airC, $humidity)->vapourKpa()))->toEqualWithDelta($wetC, 0.25);
})->with([[20, 50, 13.8], [30, 50, 22.0], [25, 100, 25.0], [40, 20, 22.1], [21, 50, 14.6]]);

it('warms a wet coat no further than to the wet bulb of its air', function (): void {
    $room = Climate::ordinary();
    foreach ([30.0, 50.0, 90.0] as $blown) {
        $air = Airflow::hot(3, $blown, 21, $room->vapourKpa());
        expect($air->surfaceC)->toBeLessThanOrEqual(max(21, Psychrometrics::wetBulbC($blown, $room->vapourKpa())) + 1e-9)
            ->toBeGreaterThanOrEqual(21)->and($air->dryC)->toBe($blown);
    }
});

it('dries nothing below freezing, nothing that is not there, and says so where it takes more than a day', function (): void {
    $still = Airflow::still();
    $frozen = Climate::of(-5, 50);
    expect(Evaporation::touchDryS(9, 0.65, $frozen, $still))->toBeNull()->and(Evaporation::maskSafeS(9, 0.65, $frozen, $still))->toBeNull()
        ->and(Evaporation::whyNot($frozen, $still))->toContain('freezes')
        ->and(Evaporation::touchDryS(0, 0.65, Climate::ordinary(), $still))->toBe(0.0)
        ->and(Evaporation::maskSafeS(0, 0.65, Climate::ordinary(), $still))->toBe(0.0)
        ->and(Evaporation::maskSafeS(9, 0.65, Climate::of(21, 99.5), $still))->toBeNull()
        ->and(Evaporation::whyNot(Climate::of(21, 99.5), $still))->toContain('more than a day');
    // No jump: a film a little thicker, or air a little damper, waits a little longer.
    $before = 0.0;
    for ($um = 0.1; $um < 12; $um += 0.1) {
        $safe = (float) Evaporation::maskSafeS($um, 0.65, Climate::ordinary(), $still);
        expect($safe - $before)->toBeBetween(0, 60);
        $before = $safe;
    }
});

it('dries dots and lines by hand under a dryer in about a minute', function (string $technique, string $weight): void {
    // Common practice, no published source.
    $step = Build::paintStep(['technique' => ['name' => $technique], 'weight' => $weight, 'set' => ['by' => 'heat']], 'marks');
    $coat = Build::recipe($step)->coats()[0];
    $climate = Climate::ordinary();
    expect($coat->touchDryS($climate, $climate->underDryer()))->toBeBetween(10, 100);
})->with(['dots', 'line', 'rays', 'pen bars', 'dry brush'])->with(['light', 'medium', 'heavy']);

it('asks for twenty minutes over several layers before a mesh, none over one thin set coat, and not for one of them again', function (): void {
    // Common practice, no published source.
    $mesh = static fn(array $over = []): array => Build::paintStep(
        ['technique' => ['name' => 'mesh', 'pitch_mm' => 3] + $over, 'set' => ['by' => 'heat']],
        'mesh'.\count($over),
        'moss',
    );
    $base = static fn(array $over): array => Build::paintStep(
        $over + ['set' => ['by' => 'heat', 'minutes' => 0]],
        'base'.($over['coats'] ?? 0),
    );
    $speaks = static fn(array ...$steps): bool => \in_array(
        'too-soon-to-clamp',
        array_map(static fn(Finding $f): string => $f->rule, Advisor::advise(Build::recipe(...$steps), Climate::ordinary())),
        true,
    );
    $heavy = ['coats' => 2, 'weight' => 'heavy'];
    expect($speaks($base(['coats' => 1, 'weight' => 'light']), $mesh()))->toBeFalse()
        ->and($speaks($base($heavy), $base(['coats' => 1]), $mesh()))->toBeTrue()
        ->and($speaks($base($heavy), $base(['coats' => 1, 'set' => ['by' => 'heat', 'minutes' => 20]]), $mesh()))->toBeFalse()
        ->and($speaks($base($heavy), $base(['coats' => 1, 'set' => ['by' => 'heat', 'minutes' => 19]]), $mesh()))->toBeFalse()
        // One mesh, written twice.
        ->and($speaks($base(['coats' => 1, 'weight' => 'light']), $mesh(), $mesh(['strand' => 0.0, 'age' => 'new'])))->toBeFalse();
});
