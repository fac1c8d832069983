<?php

declare(strict_types=1);

namespace App\Actions\Instruments;

use App\Devices\Devices;
use App\Devices\DeviceTrouble;
use App\Models\Preference;
use App\Models\Reading;
use Hawkbrush\Core\Drying\Steady;

/** The air of the room from the hygrometer: believed while it is steady, said when it leaps or stops, never kept in silence. */
final readonly class ReadRoom
{
    public const HYGROMETER = 'hygrometer';

    public function __construct(private Devices $devices) {}

    /**
     * Reads once. A steady reading becomes the room of the settings.
     *
     * @param bool $believe whether a leap is taken for true, as the painter has looked
     *
     * @return array{connected: bool, reading: array<string, float>|null, at: string|null, said: string, leapt: bool}
     */
    public function now(bool $believe = false): array
    {
        $last = Reading::query()->find(self::HYGROMETER);
        $said = [
            'connected' => false, 'reading' => $last?->figures, 'at' => $last?->read_at->toIso8601ZuluString(), 'leapt' => false,
            'said' => '',
        ];
        if ($this->devices->hygrometer === null) {
            return $said;
        }
        try {
            $figures = $this->devices->hygrometer->read();
        } catch (DeviceTrouble $e) {
            return ['said' => $e->getMessage().($last === null ? '' : ' The room is as it was last read.')] + $said;
        }
        // After a long silence the room may be anything.
        $minutes = $last === null ? INF : $last->read_at->diffInSeconds(now(), true) / 60;
        $leap = $last === null || $believe ? '' : Steady::leap($last->figures, $figures, $minutes);
        if ($leap !== '') {
            return ['connected' => true, 'reading' => $figures, 'leapt' => true, 'said' => $leap.' The room stays as it was until you say that it is right.']
                + $said;
        }
        Reading::query()->updateOrCreate(['instrument' => self::HYGROMETER], ['figures' => $figures, 'read_at' => now()]);
        $room = array_map(static fn(float $figure): float => round($figure, 1), $figures);
        $kept = Preference::current();
        if ($room['air_c'] !== (float) $kept['air_c'] || $room['humidity_percent'] !== (float) $kept['humidity_percent']) {
            Preference::change($room);
        }

        return ['connected' => true, 'reading' => $figures, 'at' => now()->toIso8601ZuluString()] + $said;
    }

    /** @return array{connected: bool, psi: float|null, said: string} */
    public function pressure(): array
    {
        if ($this->devices->gauge === null) {
            return ['connected' => false, 'psi' => null, 'said' => ''];
        }
        try {
            return ['connected' => true, 'psi' => $this->devices->gauge->read()['psi'], 'said' => ''];
        } catch (DeviceTrouble $e) {
            return ['connected' => false, 'psi' => null, 'said' => $e->getMessage()];
        }
    }
}
