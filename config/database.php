<?php

declare(strict_types=1);

$data = env('HAWKBRUSH_DATA', base_path('data/own'));

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', (is_string($data) ? $data : base_path('data/own')).'/hawkbrush.sqlite'),
            'prefix' => '',
            // One that is gone is not made anew, empty, in its place.
            'options' => [PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READWRITE],
            'foreign_key_constraints' => true,
            'busy_timeout' => 15000,
            'journal_mode' => 'WAL',
            // What was acknowledged is on the disk, through a power cut too; bin/bench says what it costs.
            'synchronous' => env('HAWKBRUSH_SYNCHRONOUS', 'FULL'),
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
