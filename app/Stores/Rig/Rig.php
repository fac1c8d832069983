<?php

declare(strict_types=1);

namespace App\Stores\Rig;

use App\Http\Middleware\OnceOnly;
use App\Stores\Store;
use Illuminate\Support\Facades\Route;

/** Airbrushes, compressors and dryers. */
final class Rig implements Store
{
    public static function routes(): void
    {
        Route::get('equipment', [RigController::class, 'index']);
        Route::post('equipment', [RigController::class, 'store'])->middleware(OnceOnly::class);
        Route::patch('equipment/{id}', [RigController::class, 'update']);
        Route::put('experience', [RigController::class, 'experience']);
    }

    public static function tables(): array
    {
        return [
            'rig' => 'SELECT name, kind, figures, in_hand, archived_at FROM equipment ORDER BY kind, name',
        ];
    }
}
