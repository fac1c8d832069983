<?php

declare(strict_types=1);

return [
    // Computed pictures only; may be deleted at any time.
    'default' => env('CACHE_STORE', 'failover'),
    'stores' => [
        // Where the folder cannot be written to, pictures are computed each time.
        'failover' => ['driver' => 'failover', 'stores' => ['file', 'array']],
        'file' => ['driver' => 'file', 'path' => storage_path('framework/cache/data')],
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    'prefix' => 'hawkbrush',
];
