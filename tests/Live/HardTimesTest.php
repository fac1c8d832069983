<?php

declare(strict_types=1);

namespace Tests\Live;

use PDO;
use Tests\Artisan;
use Tests\LiveServer;

/**
 * A run of one step that takes notes.
 *
 * @return array{string, string} ids of run and step
 */
function takingNotes(LiveServer $server): array
{
    $body = $server->ask(
        'POST',
        '/bodies',
        [
            'name' => 'Test 60',
            'length_mm' => 60,
            'exponent' => 2,
            'stations' => [[0, 1, 1, 1], [0.3, 10, 10, 6], [0.7, 7, 7, 4], [1, 1, 1, 1]],
        ],
    )[1];
    $version = $server->ask('POST', '/patterns', ['name' => 'Ruffe', 'body_id' => $body['id'], 'prepare' => false])[1]['version'];
    $bone = $server->ask('POST', '/paints', ['name' => 'Bone', 'kind' => 'opaque', 'hex' => '#eeeeee'])[1];
    $coat = [
        'type' => 'paint',
        'mix' => [['paint' => $bone['id'], 'drops' => 1]],
        'technique' => ['name' => 'spray'],
        'where' => ['zone' => 'flank'],
    ];
    $version = $server->ask(
        'POST',
        "/versions/{$version['id']}/edits",
        ['revision' => 1, 'change' => ['op' => 'add', 'step' => $coat]],
    )[1]['version'];
    $run = $server->ask('POST', '/runs', ['version_id' => $version['id'], 'baits' => 1, 'air_c' => 20, 'humidity_percent' => 50])[1];
    $server->ask('POST', "/runs/{$run['id']}/start");

    return [$run['id'], $version['steps'][0]['document']['id']];
}

it('loses nothing that it has acknowledged, however hard it ends', function (): void {
    $server = LiveServer::start();
    [$run, $step] = takingNotes($server);
    $acknowledged = [];
    for ($kill = 0; $kill < 6; $kill++) {
        $ends = microtime(true) + random_int(100, 400) / 1000;
        for ($i = 0; microtime(true) < $ends; $i++) {
            $events = array_map(
                static fn(int $n): array => [
                    'id' => "event-{$kill}-{$i}-{$n}",
                    'type' => 'note',
                    'step' => $step,
                    'bait' => null,
                    'at' => '2026-11-25T10:00:00Z',
                    'data' => ['text' => "{$kill} {$i} {$n}"],
                ],
                range(1, 3),
            );
            [$status] = $server->ask('POST', "/runs/{$run}/events", ['events' => $events]);
            $acknowledged = $status === 200 ? [...$acknowledged, ...array_column($events, 'id')] : $acknowledged;
        }
        $server->kill();
        $server->up();
    }
    $kept = Artisan::database($server->data)->query('SELECT id FROM bench_events')->fetchAll(PDO::FETCH_COLUMN);
    $server->remove();
    expect($acknowledged)->not->toBe([])->and(array_diff($acknowledged, $kept))->toBe([])->and(array_unique($kept))->toBe($kept);
});

it('draws and saves where neither pictures nor logs can be written', function (): void {
    $storage = LiveServer::folder();
    chmod($storage, 0555);
    $server = LiveServer::start(['CACHE_STORE' => 'failover', 'LOG_CHANNEL' => 'stack', 'LARAVEL_STORAGE_PATH' => $storage]);
    [$run, $step] = takingNotes($server);
    $version = $server->ask('GET', "/runs/{$run}")[1]['version']['id'];
    // The run is started, so the edit makes the next version.
    [$status, $edited] = $server->ask(
        'POST',
        "/versions/{$version}/edits",
        ['revision' => 2, 'show' => ['look' => 'clear'], 'change' => ['op' => 'change', 'step' => $step, 'set' => ['psi' => 21]]],
    );
    $server->remove();
    expect([$status, $edited['trouble'], $edited['texture']['width'], $edited['version']['number']])->toBe([200, '', 256, 2])
        ->and(scandir($storage))->toBe(['.', '..']);
});

it('says that it may not write where it may not', function (): void {
    $server = LiveServer::start();
    chmod($server->data.'/hawkbrush.sqlite', 0444);
    chmod($server->data, 0555);
    [$status, $problem] = $server->ask('POST', '/paints', ['name' => 'Bone', 'kind' => 'opaque', 'hex' => '#eeeeee']);
    $server->remove();
    expect($status)->toBe(503)->and($problem['detail'])->toContain('write');
});

it('starts again what died, and says so', function (): void {
    $data = LiveServer::folder();
    $port = random_int(20000, 40000);
    $serve = proc_open(
        ['setsid', 'bin/serve', '--port', (string) $port],
        [1 => ['file', $data.'/said', 'w'], 2 => ['file', $data.'/said', 'a']],
        $pipes,
        \dirname(__DIR__, 2),
        [
            'HAWKBRUSH_DATA' => $data,
            'DB_DATABASE' => $data.'/hawkbrush.sqlite',
            'HAWKBRUSH_WORKERS' => '2',
            'APP_ENV' => 'production',
        ] + getenv(),
    );
    $answers = static fn(): bool => @file_get_contents("http://127.0.0.1:{$port}/api/v1/settings") !== false;
    $wait = static function (callable $until): bool {
        for ($i = 0; $i < 150; $i++) {
            if ($until()) {
                return true;
            }
            usleep(100_000);
        }

        return false;
    };
    $workers = static fn(): array => array_values(array_filter(
        array_map(intval(...), array_map(basename(...), array_map(dirname(...), glob('/proc/[0-9]*/cmdline') ?: []))),
        static fn(int $pid): bool => str_contains((string) @file_get_contents("/proc/{$pid}/cmdline"), \chr(0)."127.0.0.1:{$port}".\chr(0)),
    ));
    set_error_handler(static fn(): bool => true);
    try {
        $up = $wait($answers);
        $before = $workers();
        \count($before) === 3 && posix_kill((int) end($before), SIGKILL);
        $again = $wait(static fn(): bool => \count($workers()) === 3 && array_intersect($workers(), $before) === [] && $answers());
        $lock = fopen($data.'/.lock', 'c');
        $free = flock($lock, LOCK_EX | LOCK_NB);
    } finally {
        posix_kill(-proc_get_status($serve)['pid'], SIGTERM);
        proc_close($serve);
        restore_error_handler();
    }
    expect([$up, \count($before), $again, $free])->toBe([true, 3, true, false])
        ->and((string) file_get_contents($data.'/said'))->toContain('it is started again');
    exec('rm -rf '.escapeshellarg($data));
});
