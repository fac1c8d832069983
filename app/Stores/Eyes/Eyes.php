<?php

declare(strict_types=1);

namespace App\Stores\Eyes;

use App\Http\Middleware\OnceOnly;
use App\Stores\Store;
use Illuminate\Support\Facades\Route;

/** Eyes on their cards. */
final class Eyes implements Store
{
    public static function routes(): void
    {
        Route::get('eyes', [EyeController::class, 'index']);
        Route::post('eyes', [EyeController::class, 'store'])->middleware(OnceOnly::class);
        Route::patch('eyes/{id}', [EyeController::class, 'update']);
    }

    public static function tables(): array
    {
        return [
            'eyes' => 'SELECT name, kind, diameter_mm, iris, pupil, "left", price, archived_at FROM eyes ORDER BY diameter_mm, name',
        ];
    }
}
