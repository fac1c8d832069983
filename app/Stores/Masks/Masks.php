<?php

declare(strict_types=1);

namespace App\Stores\Masks;

use App\Http\Middleware\OnceOnly;
use App\Stores\Store;
use Illuminate\Support\Facades\Route;

/** Masks in their box. */
final class Masks implements Store
{
    public static function routes(): void
    {
        Route::get('masks', [MaskController::class, 'index']);
        Route::post('masks', [MaskController::class, 'store'])->middleware(OnceOnly::class);
        Route::post('masks/look', [MaskController::class, 'look']);
        Route::post('masks/outline', [MaskController::class, 'outline']);
        Route::get('masks/sheet.svg', [MaskController::class, 'svg']);
        Route::get('masks/sheet.pdf', [MaskController::class, 'pdf']);
        Route::patch('masks/{id}', [MaskController::class, 'update']);
    }

    public static function tables(): array
    {
        return [
            'masks' => 'SELECT m.name, f.name AS body, m.sheet, m.uses, m.lasts, m.retired_at FROM masks m JOIN bodies f ON f.id = m.body_id
                ORDER BY m.name',
        ];
    }
}
