<?php

declare(strict_types=1);

namespace Tests\Live;

use Tests\Artisan;
use Tests\LiveServer;

// The drill of docs/operations.md, with a released Hawkbrush and the commands as they are typed.

/** A folder of links to the commands that a released Hawkbrush needs: PHP and the servers of Debian, and no npm or Composer. */
function bare(string $folder): string
{
    mkdir($folder);
    $needed = 'bash sh env php php-fpm8.2 nginx setpriv setsid mktemp rm mkdir cp mv cat ls find xargs touch chmod flock nproc seq sleep tail '
        .'realpath dirname id date head sed sort cut grep printf systemd-notify tar';
    foreach (explode(' ', $needed) as $command) {
        $path = exec('PATH=$PATH:/usr/sbin:/sbin command -v '.escapeshellarg($command));
        is_executable((string) $path) && symlink((string) $path, "{$folder}/{$command}");
    }

    return $folder;
}

it('loses nothing when the disk is lost: backed up, restored elsewhere, and served by a release without npm or Composer', function (): void {
    $place = LiveServer::folder();
    exec('bin/release '.escapeshellarg($place).' 2>&1', $said, $code);
    expect($code)->toBe(0, implode("\n", $said));
    $archive = (string) end($said);
    exec('tar -xzf '.escapeshellarg($archive).' -C '.escapeshellarg($place));
    $release = substr($archive, 0, -\strlen('.tar.gz'));
    $run = static function (string $command, array $environment = []) use ($release, $place): array {
        static $path = null;
        $path ??= bare($place.'/path');
        $streams = [1 => ['pipe', 'w'], 2 => ['pipe', 'w']];
        $process = proc_open(['bash', '-c', $command], $streams, $pipes, $release, ['PATH' => $path] + $environment);
        $out = stream_get_contents($pipes[1]).stream_get_contents($pipes[2]);

        return [proc_close($process), $out];
    };
    expect(is_file($release.'/resources/print/text.ttf'))->toBeTrue('the face of printed sheets');
    // The day before: a shop with photographs, backed up to another disk.
    $shop = LiveServer::demo();
    $patterns = Artisan::database($shop)->query('SELECT id, name FROM patterns ORDER BY id')->fetchAll();
    $photographs = static fn(string $data): array => array_map(
        static fn(string $path): string => basename($path).' '.hash_file('sha256', $path),
        glob($data.'/photos/*.jpg') ?: [],
    );
    $before = $photographs($shop);
    [$code, $said] = $run('bin/backup '.escapeshellarg($place.'/usb.zip'), ['HAWKBRUSH_DATA' => $shop]);
    expect($code)->toBe(0, $said)->and(fileperms($place.'/usb.zip') & 0o077)->toBe(0);
    // The disk is lost; another machine has the release and the file.
    exec('rm -rf '.escapeshellarg($shop));
    $there = $place.'/elsewhere/data';
    mkdir(\dirname($there));
    $environment = ['HAWKBRUSH_DATA' => $there, 'LARAVEL_STORAGE_PATH' => $place.'/elsewhere/storage'];
    [$code, $said] = $run('bin/restore '.escapeshellarg($place.'/usb.zip'), $environment);
    expect($code)->toBe(0, $said)
        ->and(Artisan::database($there)->query('SELECT id, name FROM patterns ORDER BY id')->fetchAll())->toBe($patterns)
        ->and($photographs($there))->toBe($before)->not->toBe([]);
    // And it is served there.
    $port = LiveServer::freePort();
    [$code, $said] = $run("bin/serve --port {$port} & served=\$!
        for i in \$(seq 900); do (exec 3<>/dev/tcp/127.0.0.1/{$port}) 2>/dev/null && break; kill -0 \$served || break; sleep 0.1; done
        exec 4<>/dev/tcp/127.0.0.1/{$port}
        printf 'GET /up HTTP/1.0\\r\\nHost: localhost\\r\\n\\r\\n' >&4; cat <&4
        exec 5<>/dev/tcp/127.0.0.1/{$port}
        printf 'GET /patterns HTTP/1.0\\r\\nHost: localhost\\r\\n\\r\\n' >&5; cat <&5
        kill \$served; wait \$served", $environment);
    exec('rm -rf '.escapeshellarg($place));
    expect($said)->toContain('"status":"ok"')->toContain('/build/assets/main-');
})->skip(fn(): bool => exec('git status --porcelain --untracked-files=no') !== '', 'A release is made of what is committed.');
