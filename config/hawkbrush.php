<?php

declare(strict_types=1);

return [
    // Where the painter's data lives: database and photographs. bin/demo and bin/serve each give their own.
    'data' => env('HAWKBRUSH_DATA', base_path('data/own')),
    // Names beside those of loopback under which it may be reached, each of a server in front of it; App\Http\Middleware\OwnName.
    'hosts' => array_values(array_unique(array_filter(array_map(
        static fn(string $host): string => strtolower(trim($host)),
        explode(',', (string) env('HAWKBRUSH_HOSTS', '')),
    )))),
    // Where the drivers of instruments listen, as tcp://127.0.0.1:8720; empty: there is none.
    'colorimeter' => env('HAWKBRUSH_COLORIMETER', ''),
    'hygrometer' => env('HAWKBRUSH_HYGROMETER', ''),
    'gauge' => env('HAWKBRUSH_GAUGE', ''),
    'photo_max_bytes' => 12 * 1024 * 1024,
    'import_max_bytes' => 2 * 1024 * 1024,
];
