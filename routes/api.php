<?php

declare(strict_types=1);

use App\Http\Controllers\BaitController;
use App\Http\Controllers\BodyController;
use App\Http\Controllers\PaintController;
use App\Http\Controllers\PatternController;
use App\Http\Controllers\RunController;
use App\Http\Controllers\SettingsController;
use App\Http\Controllers\VersionController;
use App\Http\Controllers\VocabularyController;
use App\Http\Middleware\OnceOnly;
use Illuminate\Support\Facades\Route;

Route::get('vocabulary', VocabularyController::class);
Route::get('settings', [SettingsController::class, 'show']);
Route::put('settings', [SettingsController::class, 'update']);

Route::get('paints', [PaintController::class, 'index']);
Route::get('bodies', [BodyController::class, 'index']);
Route::get('patterns', [PatternController::class, 'index']);
Route::get('runs', [RunController::class, 'index']);
Route::get('baits', [BaitController::class, 'index']);

Route::middleware(OnceOnly::class)->group(function (): void {
    Route::post('paints', [PaintController::class, 'store']);
    Route::post('bodies', [BodyController::class, 'store']);
    Route::post('patterns', [PatternController::class, 'store']);
    Route::post('patterns/import', [PatternController::class, 'import']);
    Route::post('runs', [RunController::class, 'store']);
});
Route::post('runs/plan', [RunController::class, 'plan']);

Route::patch('paints/{id}', [PaintController::class, 'update']);
Route::post('paints/{id}/drawdown', [PaintController::class, 'drawdown']);
Route::get('patterns/{id}', [PatternController::class, 'show']);
Route::patch('patterns/{id}', [PatternController::class, 'update']);
Route::get('patterns/{id}/export', [PatternController::class, 'export']);
Route::get('patterns/{id}/versions', [PatternController::class, 'versions']);

Route::get('versions/{id}', [VersionController::class, 'show']);
Route::post('versions/{id}/edits', [VersionController::class, 'edit']);
Route::post('versions/{id}/undo', [VersionController::class, 'undo']);
Route::post('versions/{id}/redo', [VersionController::class, 'redo']);
Route::get('versions/{id}/texture', [VersionController::class, 'texture']);
Route::get('versions/{id}/core', [VersionController::class, 'core']);
Route::get('versions/{id}/advice', [VersionController::class, 'advice']);

Route::get('runs/{id}', [RunController::class, 'show']);
Route::get('runs/{id}/texture', [RunController::class, 'texture']);
Route::post('runs/{id}/start', [RunController::class, 'start']);
Route::post('runs/{id}/events', [RunController::class, 'events']);
Route::post('runs/{id}/photos', [RunController::class, 'photo']);
Route::post('runs/{id}/finish', [RunController::class, 'finish']);
Route::get('photos/{id}', [RunController::class, 'showPhoto']);

Route::get('baits/{id}', [BaitController::class, 'show']);
Route::patch('baits/{id}', [BaitController::class, 'update']);
Route::post('baits/{id}/stamp', [BaitController::class, 'stamp']);
