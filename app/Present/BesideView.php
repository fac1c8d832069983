<?php

declare(strict_types=1);

namespace App\Present;

use Hawkbrush\Core\Compare\Beside;

/** Two baits zone by zone. */
final class BesideView
{
    /**
     * @param list<Beside> $zones
     *
     * @return list<array<string, mixed>>
     */
    public static function zones(array $zones): array
    {
        return array_map(static fn(Beside $beside): array => [
            'zone' => $beside->zone->value, 'one' => CoreView::colour($beside->one), 'other' => CoreView::colour($beside->other),
            'delta_e' => round($beside->difference->deltaE, 2), 'words' => $beside->difference->words(),
        ], $zones);
    }
}
