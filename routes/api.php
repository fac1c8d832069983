<?php

declare(strict_types=1);

use App\Http\Controllers\AirController;
use App\Http\Controllers\BackupController;
use App\Http\Controllers\BaitController;
use App\Http\Controllers\CautionController;
use App\Http\Controllers\ColorimeterController;
use App\Http\Controllers\FindController;
use App\Http\Controllers\FitController;
use App\Http\Controllers\InstrumentController;
use App\Http\Controllers\PassController;
use App\Http\Controllers\PatternController;
use App\Http\Controllers\PictureController;
use App\Http\Controllers\RunController;
use App\Http\Controllers\SettingsController;
use App\Http\Controllers\ShopController;
use App\Http\Controllers\StepController;
use App\Http\Controllers\TypedController;
use App\Http\Controllers\VariantController;
use App\Http\Controllers\VersionController;
use App\Http\Controllers\VocabularyController;
use App\Http\Middleware\OnceOnly;
use App\Stores\Eyes\EyeController;
use App\Stores\Stores;
use Illuminate\Support\Facades\Route;

Route::get('vocabulary', VocabularyController::class);
foreach (Stores::ALL as $store) {
    $store::routes();
}

Route::get('settings', [SettingsController::class, 'show']);
Route::put('settings', [SettingsController::class, 'update']);

Route::delete('shop/samples', [ShopController::class, 'samples']);

Route::get('find', FindController::class);
Route::get('cautions', CautionController::class);
Route::get('faults', [AirController::class, 'faults']);
Route::post('instruments/room', [InstrumentController::class, 'room']);
Route::get('instruments/pressure', [InstrumentController::class, 'pressure']);

Route::get('backups', [BackupController::class, 'index']);
Route::post('backups', [BackupController::class, 'store']);
Route::get('backups/{id}', [BackupController::class, 'show']);

Route::get('patterns', [PatternController::class, 'index']);
Route::get('runs', [RunController::class, 'index']);
Route::get('baits', [BaitController::class, 'index']);

Route::middleware(OnceOnly::class)->group(function (): void {
    Route::post('shop/begin', [ShopController::class, 'begin']);
    Route::post('patterns', [PatternController::class, 'store']);
    Route::post('patterns/import', [PatternController::class, 'import']);
    Route::post('runs', [RunController::class, 'store']);
    Route::post('patterns/{id}/variants', [VariantController::class, 'store']);
    Route::post('versions/{id}/go-on', [VersionController::class, 'goOn']);
    Route::post('pictures', [PictureController::class, 'store']);
    Route::post('patterns/{id}/pictures', [PictureController::class, 'storeForPattern']);
});
Route::post('runs/plan', [RunController::class, 'plan']);

Route::get('colorimeter', [ColorimeterController::class, 'show']);
Route::post('colorimeter/read', [ColorimeterController::class, 'read']);

Route::get('pictures/{id}', [PictureController::class, 'show']);
Route::patch('pictures/{id}', [PictureController::class, 'update']);
Route::post('pictures/{id}/spots', [PictureController::class, 'spots']);
Route::post('pictures/{id}/card', [PictureController::class, 'card']);
Route::post('pictures/{id}/silhouette', [PictureController::class, 'silhouette']);

Route::get('patterns/{id}', [PatternController::class, 'show']);
Route::patch('patterns/{id}', [PatternController::class, 'update']);
Route::get('patterns/{id}/export', [PatternController::class, 'export']);
Route::get('patterns/{id}/pictures', [PictureController::class, 'ofPattern']);
Route::get('patterns/{id}/versions', [PatternController::class, 'versions']);

Route::get('versions/{id}', [VersionController::class, 'show']);
Route::post('versions/{id}/edits', [VersionController::class, 'edit']);
Route::post('versions/{id}/undo', [VersionController::class, 'undo']);
Route::post('versions/{id}/redo', [VersionController::class, 'redo']);
Route::post('versions/{id}/preview', [VariantController::class, 'preview']);
Route::post('versions/{id}/fit', [FitController::class, 'fit']);
Route::get('versions/{id}/beside/{other}', [FitController::class, 'beside']);
Route::get('versions/{id}/masks', [FitController::class, 'masks']);
Route::get('versions/{id}/symmetry', [FitController::class, 'symmetry']);
Route::get('versions/{id}/steps/{step}', [StepController::class, 'show']);
Route::post('versions/{id}/try', [StepController::class, 'try']);
Route::get('versions/{id}/typed', TypedController::class);
Route::get('versions/{id}/texture', [VersionController::class, 'texture']);
Route::get('versions/{id}/core', [VersionController::class, 'core']);
Route::get('versions/{id}/advice', [VersionController::class, 'advice']);
Route::get('versions/{id}/air', [AirController::class, 'show']);
Route::get('versions/{id}/order', [AirController::class, 'order']);
Route::get('versions/{id}/steps/{step}/eye', [EyeController::class, 'fit']);
Route::get('versions/{id}/steps/{step}/places', [AirController::class, 'places']);
Route::get('versions/{id}/steps/{step}/sheet', [AirController::class, 'sheet']);
Route::get('versions/{id}/steps/{step}/passes', [PassController::class, 'index']);
Route::get('versions/{id}/steps/{step}/passes/{coats}', [PassController::class, 'texture'])->where('coats', '[0-9]{1,3}');

Route::get('runs/{id}', [RunController::class, 'show']);
Route::delete('runs/{id}', [RunController::class, 'destroy']);
Route::get('runs/{id}/texture', [RunController::class, 'texture']);
Route::post('runs/{id}/start', [RunController::class, 'start']);
Route::post('runs/{id}/events', [RunController::class, 'events']);
Route::post('runs/{id}/photos', [RunController::class, 'photo']);
Route::post('runs/{id}/finish', [RunController::class, 'finish']);
Route::get('photos/{id}', [RunController::class, 'showPhoto']);

Route::get('baits/{id}', [BaitController::class, 'show']);
Route::patch('baits/{id}', [BaitController::class, 'update']);
Route::post('baits/{id}/stamp', [BaitController::class, 'stamp']);
Route::post('baits/{id}/stamp/off', [BaitController::class, 'takeStampOff']);
