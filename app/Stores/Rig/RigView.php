<?php

declare(strict_types=1);

namespace App\Stores\Rig;

use App\Models\Preference;
use Hawkbrush\Core\Air\Nozzle;
use Hawkbrush\Core\Drying\Dryer;

final class RigView
{
    /** @return array<string, mixed> */
    public static function all(): array
    {
        $equipment = Equipment::query()->orderBy('kind')->orderBy('name')->orderBy('id')->get();

        return [
            'equipment' => array_values($equipment->map(self::of(...))->all()),
            'dryers' => array_map(static fn(string $kind): array => Dryer::usual($kind)->document(), Dryer::KINDS),
            'bounds' => Equipment::bounds(),
        ];
    }

    /** @return array<string, mixed> */
    public static function of(Equipment $one): array
    {
        return [
            'id' => $one->id,
            'kind' => $one->kind,
            'name' => $one->name,
            'figures' => $one->figures,
            'in_hand' => $one->in_hand,
            'archived' => $one->archived_at !== null,
            'revision' => $one->revision,
            'good_for' => $one->kind === 'airbrush' ? self::goodFor($one->figures['nozzle_mm'] ?? null) : null,
            'arrives' => $one->kind === 'dryer' ? self::arrives($one->dryer()) : null,
        ];
    }

    /** What was kept lies outside of today's bounds now and then: it is good for what the nearest is. */
    private static function goodFor(mixed $mm): string
    {
        $bore = is_numeric($mm) ? (float) $mm : Nozzle::ORDINARY_MM;

        return (new Nozzle(max(Nozzle::LEAST_MM, min(Nozzle::MOST_MM, $bore))))->goodFor();
    }

    /** @return array<string, mixed> what of a dryer arrives at the bait in this room */
    private static function arrives(Dryer $dryer): array
    {
        $room = Preference::room();
        $air = $room->with($dryer)->underDryer();

        return ['air_m_s' => round($air->speedMs, 1), 'surface_c' => round($air->dryC ?? $room->airC), 'softens' => $dryer->softensPlastic($room)];
    }
}
