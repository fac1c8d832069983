<?php

declare(strict_types=1);

use App\Http\Middleware\OnlyThisPage;
use App\Http\Middleware\OwnName;
use App\Http\Middleware\StrictHeaders;
use App\Http\Problems;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ValidatePostSize;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;

// What is written, data, backups, logs and pictures, is for its owner only.
umask(0077);

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        api: __DIR__.'/../routes/api.php',
        apiPrefix: 'api/v1',
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // One painter on one machine: no sessions and no cookies, so there is nothing a foreign page could ride on;
        // OnlyThisPage refuses its requests all the same.
        $middleware->use([StrictHeaders::class, OwnName::class, TrustProxies::class, OnlyThisPage::class, ValidatePostSize::class]);
        // An HTTPS server of the painter's own, on this machine, says how it was asked; OwnName drops what is not to be believed.
        $middleware->trustProxies(['127.0.0.1', '::1'], Request::HEADER_X_FORWARDED_FOR
            | Request::HEADER_X_FORWARDED_HOST
            | Request::HEADER_X_FORWARDED_PORT
            | Request::HEADER_X_FORWARDED_PROTO);
        $middleware->group('web', []);
        $middleware->group('api', []);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        Problems::register($exceptions);
    })->create();
