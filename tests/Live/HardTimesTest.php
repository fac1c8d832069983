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

it('goes on while its workers die, and holds its data as long as any of it lives', function (): void {
    $server = LiveServer::start();
    $before = $server->workers();
    foreach ($before as $pid) {
        posix_kill($pid, SIGKILL);
        // Who was just at it gets no answer from the worker that died; soon after, everybody does.
        for ($try = 0; $try < 40 && $server->ask('GET', '/settings')[0] !== 200; $try++) {
            usleep(50_000);
        }
        expect($try)->toBeLessThan(40);
    }
    for ($try = 0; $try < 40 && \count($server->workers()) < 4; $try++) {
        usleep(50_000);
    }
    $after = $server->workers();
    $lock = fopen($server->data.'/.lock', 'c');
    $free = flock($lock, LOCK_EX | LOCK_NB);
    $server->remove();
    expect($before)->toHaveCount(4)->and($after)->toHaveCount(4)->and(array_intersect($before, $after))->toBe([])->and($free)->toBeFalse();
});

it('ends workers that hang, and answers others meanwhile', function (): void {
    $server = LiveServer::start(['HAWKBRUSH_LONGEST_S' => '2']);
    $before = $server->workers();
    // While it is locked, whoever writes waits for far longer than a request may take. (A worker that is stopped
    // while it waits for work is no such thing: it would keep the others from taking any.)
    $locked = Artisan::database($server->data);
    $locked->exec('BEGIN IMMEDIATE');
    $hangs = ['POST', '/paints', ['name' => 'Bone', 'kind' => 'opaque', 'hex' => '#eeeeee']];
    $others = array_fill(0, 9, ['GET', '/settings']);
    $answers = array_column($server->atOnce([$hangs, $hangs, $hangs, ...$others]), 0);
    // php-fpm looks only now and then.
    $new = static fn(): int => \count(array_diff($server->workers(), $before));
    for ($try = 0; $try < 200 && $new() < 3; $try++) {
        usleep(50_000);
    }
    $locked->exec('ROLLBACK');
    [$status] = $server->ask(...$hangs);
    $after = $server->workers();
    $server->remove();
    expect(\array_slice($answers, 3))->toBe(array_fill(0, 9, 200))
        ->and(array_filter(\array_slice($answers, 0, 3), static fn(int $status): bool => $status < 500))->toBe([])
        ->and($after)->toHaveCount(4)
        ->and(array_intersect($before, $after))->toHaveCount(1)
        ->and($status)->toBe(201);
});

it('ends with whoever started it', function (): void {
    $server = LiveServer::start();
    $all = $server->processes();
    posix_kill($all[0], SIGKILL);
    $alive = static fn(): array => array_filter($all, static fn(int $pid): bool => is_dir("/proc/{$pid}")
        && preg_match('/^State:\s+Z/m', (string) @file_get_contents("/proc/{$pid}/status")) !== 1
        && ! str_contains((string) @file_get_contents("/proc/{$pid}/cmdline"), 'sleep'));
    for ($i = 0; $i < 100 && $alive() !== []; $i++) {
        usleep(50_000);
    }
    expect($alive())->toBe([])->and(\count($all))->toBeGreaterThan(6);
    $server->remove();
});
