<?php

declare(strict_types=1);

use Hawkbrush\Core\Drying\Air;
use Hawkbrush\Core\Drying\Evaporation;
use Hawkbrush\Core\Drying\Psychrometrics;
use Hawkbrush\Core\Drying\Room;
use Hawkbrush\Core\Refused;

function touch_dry(Room $room, ?Air $air = null, float $wetUm = 9): float
{
    return (float) Evaporation::touchDryS($wetUm, 0.65, $room, $air ?? Air::still());
}

it('dries slower the damper the air', function (): void {
    $times = array_map(static fn(int $humidity): float => touch_dry(Room::of(21, $humidity)), [20, 40, 60, 80, 95]);
    $sorted = $times;
    sort($sorted);
    expect($times)->toBe($sorted);
});

it('dries quicker the warmer the room, at the same share of humidity', function (): void {
    $times = array_map(static fn(int $celsius): float => touch_dry(Room::of($celsius, 50)), [5, 12, 20, 28, 35]);
    $sorted = $times;
    rsort($sorted);
    expect($times)->toBe($sorted);
});

it('dries quicker the harder it blows', function (): void {
    $times = array_map(static fn(float $speed): float => touch_dry(Room::ordinary(), Air::of($speed, null)), [0, 0.5, 1, 2, 4]);
    $sorted = $times;
    rsort($sorted);
    expect($times)->toBe($sorted);
});

it('takes twice as long for twice the film', function (): void {
    expect(touch_dry(Room::ordinary(), null, 18))->toEqualWithDelta(2 * touch_dry(Room::ordinary(), null, 9), 1e-9)
        ->and(touch_dry(Room::ordinary(), null, 0))->toBe(0.0);
});

it('never dries in saturated air, but does under a dryer', function (): void {
    $steam = Room::of(21, 100);
    expect(Evaporation::touchDryS(9, 0.65, $steam, Air::still()))->toBeNull()
        ->and(Evaporation::maskSafeS(9, 0.65, $steam, Air::still()))->toBeNull()
        ->and(Evaporation::touchDryS(9, 0.65, $steam, Air::hairDryer()))->toBeGreaterThan(0)
        // Going dry right through is left to the room, and that room dries nothing.
        ->and(Evaporation::maskSafeS(9, 0.65, $steam, Air::hairDryer()))->toBeNull();
});

it('condenses on a surface colder than the dew point', function (): void {
    $room = Room::of(22, 60);
    expect(Evaporation::rate($room, Air::of(0, $room->dewPointC() - 1)))->toBe(0.0)
        ->and(Evaporation::rate($room, Air::of(0, $room->dewPointC() + 1)))->toBeGreaterThan(0.0);
});

it('draws the wait before a mask out by the same law', function (): void {
    $wait = static fn(Room $room): float => (float) Evaporation::maskSafeS(9, 0.65, $room, Air::still()) - touch_dry($room);
    expect($wait(Room::ordinary()))->toEqualWithDelta(1200, 1e-6)
        ->and($wait(Room::of(21, 75)))->toEqualWithDelta(2400, 1e-6)
        ->and($wait(Room::of(30, 30)))->toBeLessThan(600);
});

it('has the dew point where the vapour saturates', function (float $celsius, float $humidity): void {
    $room = Room::of($celsius, $humidity);
    expect(Psychrometrics::saturationKpa($room->dewPointC()))->toEqualWithDelta($room->vapourKpa(), 1e-9);
})->with([[10, 30], [21, 50], [28, 85], [35, 15]]);

it('lets clear go on three degrees above the dew point, not below', function (): void {
    // ISO 8502-4 practice.
    $room = Room::of(20, 50);
    expect($room->clearCoatMayGoOn($room->dewPointC() + 3.01))->toBeTrue()
        ->and($room->clearCoatMayGoOn($room->dewPointC() + 2.99))->toBeFalse()
        ->and(Room::of(20, 90)->clearCoatMayGoOn())->toBeFalse();
});

it('knows no room that nobody paints in', function (float $celsius, float $humidity, string $pointer): void {
    try {
        Room::of($celsius, $humidity);
        $found = 'taken';
    } catch (Refused $e) {
        $found = $e->pointer;
    }
    expect($found)->toBe($pointer);
})->with([[-30, 50, '/air_c'], [70, 50, '/air_c'], [20, 0, '/humidity_percent'], [20, 101, '/humidity_percent'], [20, 50, 'taken']]);
