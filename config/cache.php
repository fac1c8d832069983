<?php

declare(strict_types=1);

return [
    // Computed pictures only; may be deleted at any time.
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'file' => ['driver' => 'file', 'path' => storage_path('framework/cache/data')],
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    'prefix' => 'hawkbrush',
];
