<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Hawkbrush\Core\Coat\Hazard;
use Illuminate\Http\JsonResponse;

/** All that can hurt at this work, in one place. */
final class CautionController
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse([
            'hazards' => array_map(static fn(Hazard $hazard): array => [
                'name' => $hazard->value,
                'hurts' => $hazard->hurts(),
                'caution' => $hazard->caution(),
                'never' => $hazard->never(),
                'every_time' => $hazard->everyTime(),
            ], Hazard::cases()),
            'last' => Hazard::LAST,
        ]);
    }
}
