<?php

declare(strict_types=1);

use App\Http\Controllers\UpController;
use Illuminate\Support\Facades\Route;

Route::get('up', UpController::class);
// It stands for all pages, so it is served from their root, and asked for anew each time.
Route::get('service-worker.js', static fn() => response()->file(public_path('build/service-worker.js'), [
    'Content-Type' => 'text/javascript', 'Cache-Control' => 'no-cache', 'Service-Worker-Allowed' => '/',
]));
Route::view('/{path?}', 'shell')->where('path', '^(?!api/|build/).*$');
