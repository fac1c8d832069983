<?php

declare(strict_types=1);

namespace App\Stores\Clears;

use App\Http\Middleware\OnceOnly;
use App\Stores\Store;
use Illuminate\Support\Facades\Route;

/** Clears in their bottles. */
final class Clears implements Store
{
    public static function routes(): void
    {
        Route::get('clears', [ClearController::class, 'index']);
        Route::post('clears', [ClearController::class, 'store'])->middleware(OnceOnly::class);
        Route::patch('clears/{id}', [ClearController::class, 'update']);
    }

    public static function tables(): array
    {
        return [
            'clears' => 'SELECT name, kind, figures, bottle_ml, left_ml, price, opened_on, keeps_months, expires_on, in_use, archived_at
                FROM clears ORDER BY kind, name',
        ];
    }
}
