<?php

declare(strict_types=1);

namespace App\Stores\Rack;

use App\Http\Middleware\OnceOnly;
use App\Stores\Store;
use Illuminate\Support\Facades\Route;

/** Paints on the rack, what is mixed of them, and the files they come and go in. */
final class Rack implements Store
{
    public static function routes(): void
    {
        Route::get('paints', [PaintController::class, 'index']);
        Route::post('paints', [PaintController::class, 'store'])->middleware(OnceOnly::class);
        Route::patch('paints/{id}', [PaintController::class, 'update']);
        Route::post('paints/{id}/drawdown', [PaintController::class, 'drawdown']);
        Route::post('paints/{id}/coats', [PaintController::class, 'coats']);
        Route::post('paints/{id}/replacements', [PaintController::class, 'replacements']);
        Route::post('mixes', [MixController::class, 'store'])->middleware(OnceOnly::class);
        Route::post('mixes/look', [MixController::class, 'look']);
        Route::post('mixes/search', [MixController::class, 'search']);
        Route::get('rack.csv', [FormatController::class, 'table']);
        Route::post('rack/import', [FormatController::class, 'readTable']);
        Route::post('rack/imports/{id}/undo', [FormatController::class, 'undoTable']);
        Route::get('rack.gpl', [FormatController::class, 'palette']);
        Route::post('palettes/read', [FormatController::class, 'readPalette']);
        Route::get('cards.cgats', [FormatController::class, 'readings']);
        Route::post('readings/read', [FormatController::class, 'readReadings']);
    }

    public static function tables(): array
    {
        return [
            'paints' => 'SELECT name, kind, hex, family, finish, solids, drop_ml, bottle_ml, left_ml, price, opened_on, drying, archived_at
                FROM paints ORDER BY name',
            'cards' => 'SELECT p.name AS paint, c.dry_um, c.seen, c.source, c.readings, c.created_at
                FROM cards c JOIN paints p ON p.id = c.paint_id ORDER BY p.name, c.id',
        ];
    }
}
