<?php

declare(strict_types=1);

namespace App\Stores\Bodies;

use App\Http\Middleware\OnceOnly;
use App\Stores\Store;
use Illuminate\Support\Facades\Route;

/** Bodies in their drawer, and the lots they came in. */
final class Bodies implements Store
{
    public static function routes(): void
    {
        Route::get('bodies', [BodyController::class, 'index']);
        Route::post('bodies', [BodyController::class, 'store'])->middleware(OnceOnly::class);
        Route::get('bodies/shapes', [ShapeController::class, 'index']);
        Route::post('bodies/shaped', [ShapeController::class, 'store'])->middleware(OnceOnly::class);
        Route::post('bodies/look', [BodyController::class, 'look']);
        Route::post('bodies/trace', [BodyController::class, 'trace']);
        Route::post('bodies/outline', [BodyController::class, 'outline']);
        Route::get('bodies/{id}', [BodyController::class, 'show']);
        Route::get('bodies/{id}/techniques', [BodyController::class, 'techniques']);
        Route::patch('bodies/{id}', [BodyController::class, 'update']);
        Route::post('bodies/{id}/lots', [BodyController::class, 'buy'])->middleware(OnceOnly::class);
        Route::post('lots/{id}/inspections', [BodyController::class, 'inspect'])->middleware(OnceOnly::class);
    }

    public static function tables(): array
    {
        return [
            'bodies' => 'SELECT name, material, condition, weight_g, stock, archived_at FROM bodies ORDER BY name',
            'lots' => 'SELECT f.name AS body, l.supplier, l.count, l.price, l.bought_on,
                    COUNT(i.seq) AS inspected, SUM(i.rejected) AS rejected, GROUP_CONCAT(NULLIF(i.fault, \'\'), \'; \') AS faults
                FROM lots l JOIN bodies f ON f.id = l.body_id LEFT JOIN inspections i ON i.lot_id = l.id
                GROUP BY l.id ORDER BY f.name, l.id',
        ];
    }
}
