<?php

declare(strict_types=1);

namespace App\Actions\Shop;

use App\Models\Preference;
use App\Stores\Clears\ClearBottle;
use App\Stores\Rig\Equipment;
use Hawkbrush\Core\Air\Nozzle;
use Hawkbrush\Core\Clear\Product;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Shop\Shop;

/** The shop as it is now: the room, what is in hand, habits and cleaning. */
final class ThisShop
{
    /** @param Climate|null $room another than the one at the top of the page */
    public function now(?Climate $room = null): Shop
    {
        [$now, $habits, $clean] = Preference::shop();
        $room ??= $now;
        $hand = Equipment::allInHand();
        $dryer = ($hand['dryer'] ?? null)?->dryer();

        return new Shop(
            $dryer === null ? $room : $room->with($dryer),
            ($hand['airbrush'] ?? null)?->nozzle() ?? Nozzle::ordinary(),
            $habits,
            $clean,
            array_map(static fn(ClearBottle $bottle): Product => $bottle->product(), ClearBottle::inUse()),
        );
    }

    /**
     * As a run keeps it.
     *
     * @return array<string, mixed>
     */
    public function rig(): array
    {
        [, $habits, $clean] = Preference::shop();
        $hand = Equipment::allInHand();
        $airbrush = $hand['airbrush'] ?? null;
        $dryer = $hand['dryer'] ?? null;

        $named = static fn(Equipment $one): array => ['id' => $one->id, 'name' => $one->name];

        return [
            'airbrush' => $airbrush === null ? null : $named($airbrush) + ['nozzle_mm' => $airbrush->nozzle()->mm],
            'dryer' => $dryer === null ? null : $named($dryer) + $dryer->dryer()->document(),
            'habits' => $habits->all(),
            'clean' => $clean->all(),
            'clears' => array_map(
                static fn(ClearBottle $bottle): array => ['id' => $bottle->id, 'name' => $bottle->name] + $bottle->product()->document(),
                ClearBottle::inUse(),
            ),
        ];
    }
}
