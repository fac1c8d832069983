<?php

declare(strict_types=1);

return [
    'name' => 'Hawkbrush',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => 'http://127.0.0.1',
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    // No cookie and no session: nothing is encrypted, so no key is needed.
    'key' => null,
    'maintenance' => ['driver' => 'file'],
];
