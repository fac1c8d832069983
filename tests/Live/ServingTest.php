<?php

declare(strict_types=1);

namespace Tests\Live;

use Tests\Artisan;
use Tests\LiveServer;

// How Hawkbrush is installed and served: bin/lib.sh, bin/serving.sh, config/serving.

/** @return list<string> the command lines of all processes of this machine */
function commandLines(): array
{
    return array_map(
        static fn(string $path): string => strtr((string) @file_get_contents($path), ["\0" => ' ']),
        glob('/proc/[0-9]*/cmdline') ?: [],
    );
}

/** @return list<string> the addresses, in hexadecimal as the kernel has them, on which nginx and php-fpm listen on this machine */
function listening(): array
{
    $sockets = [];
    foreach (glob('/proc/[0-9]*/comm') ?: [] as $comm) {
        if (preg_match('/^(nginx|php-fpm)/', (string) @file_get_contents($comm)) === 1) {
            foreach (glob(\dirname($comm).'/fd/*') ?: [] as $file) {
                preg_match('/^socket:\[(\d+)\]$/', (string) @readlink($file), $socket) === 1 && $sockets[$socket[1]] = true;
            }
        }
    }
    $addresses = [];
    foreach (['/proc/net/tcp', '/proc/net/tcp6'] as $table) {
        foreach (\array_slice(file($table) ?: [], 1) as $line) {
            $of = preg_split('/\s+/', trim($line)) ?: [];
            // 0A: it listens.
            ($of[3] ?? '') === '0A' && isset($sockets[$of[9]]) && $addresses[] = explode(':', $of[1])[0];
        }
    }

    return array_values(array_unique($addresses));
}

it('leaves no service of the packages that it installs running or listening on the machine', function (): void {
    $server = LiveServer::start();
    $theirs = array_filter(commandLines(), static fn(string $line): bool => preg_match('/^(nginx|php-fpm): master/', $line) === 1
        && ! str_contains($line, '/hawkbrush-'));
    $addresses = listening();
    $server->remove();
    // Ours listens, on 127.0.0.1 alone.
    expect($theirs)->toBe([])->and($addresses)->toBe(['0100007F']);
});

it('installs under a policy that starts no service, and puts the policy of before back', function (): void {
    $before = @file_get_contents('/usr/sbin/policy-rc.d');
    exec('bash -c '.escapeshellarg('. bin/lib.sh; hb_without_services sh -c "/usr/sbin/policy-rc.d nginx start; echo \$?; false"; echo $?'), $said);
    expect($said)->toBe(['101', '1'])->and(@file_get_contents('/usr/sbin/policy-rc.d'))->toBe($before);
})->skip(fn(): bool => posix_geteuid() !== 0, 'Only root installs.');

it('says what to type where it may not install', function (): void {
    $command = 'hb_missing_packages() { printf "nginx\nphp8.2-gd\n"; }; id() { echo 1000; }; hb_install_packages';
    exec('bash -c '.escapeshellarg(". bin/lib.sh; {$command}").' 2>&1', $said, $code);
    expect($code)->toBe(1)->and(implode("\n", $said))
        ->toContain('sudo apt-get install -y --no-install-recommends nginx php8.2-gd')->toContain('sudo systemctl disable --now nginx');
});

/** A connection to a server that has sent this much of a request. */
function begun(LiveServer $server, string $request): mixed
{
    $socket = stream_socket_client("tcp://127.0.0.1:{$server->port}", timeout: 5);
    fwrite($socket, $request);

    return $socket;
}

/**
 * @param array<string, string> $headers
 *
 * @return array{int, string, array<string, string>} status, body, and headers in small letters
 */
function fetched(LiveServer $server, string $path, array $headers = []): array
{
    $handle = curl_init("http://127.0.0.1:{$server->port}{$path}");
    $got = [];
    curl_setopt_array($handle, [
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_TIMEOUT => 60,
        CURLOPT_HTTPHEADER => array_map(static fn(string $name): string => "{$name}: {$headers[$name]}", array_keys($headers)),
        CURLOPT_HEADERFUNCTION => static function (mixed $h, string $line) use (&$got): int {
            [$name, $value] = explode(':', $line, 2) + [1 => ''];
            $got[strtolower(trim($name))] = trim($value);

            return \strlen($line);
        },
    ]);
    $body = (string) curl_exec($handle);

    return [(int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE), $body, $got];
}

it('sends its pages packed and to be kept, and nothing of its program', function (): void {
    $server = LiveServer::start();
    [, $page] = fetched($server, '/patterns');
    preg_match('#/build/assets/main-[^"]+\.js#', $page, $script);
    [$status, $packed, $headers] = fetched($server, $script[0], ['Accept-Encoding' => 'gzip']);
    [, $plain] = fetched($server, $script[0]);
    expect($status)->toBe(200)->and(gzdecode($packed))->toBe($plain)->and(\strlen($packed))->toBeLessThan(\strlen($plain) / 3)
        ->and($headers['cache-control'])->toContain('immutable')->and($headers['x-content-type-options'])->toBe('nosniff')
        ->and(fetched($server, '/api/v1/vocabulary', ['Accept-Encoding' => 'gzip'])[2]['content-encoding'] ?? '')->toBe('gzip');
    foreach (['/index.php', '/.env', '/../.env', '/build/.hawkbrush', '/kept/hawkbrush.sqlite', '/%2e%2e/composer.json'] as $path) {
        [, $body] = fetched($server, $path);
        expect(preg_match('#<\?php|SQLite format|laravel/framework|HAWKBRUSH_#', $body))->toBe(0, $path);
    }
    $server->remove();
});

it('goes on sending the parts of older pages', function (): void {
    $server = LiveServer::start();
    $parts = $server->data.'/.pages';
    expect(\count(glob($parts.'/main-*.js') ?: []))->toBe(1);
    // As an update leaves it: a part that is in no page any more, one of two months ago, and the newest of then.
    file_put_contents($parts.'/Bench-old.js', 'export const old = 1;');
    file_put_contents($parts.'/Bench-older.js', 'export const older = 1;');
    file_put_contents($parts.'/Bench-newest.js', 'export const newest = 1;');
    touch($parts.'/Bench-older.js', time() - 60 * 86400);
    touch($parts.'/Bench-newest.js', time() - 60 * 86400);
    file_put_contents($parts.'/.newest', "Bench-newest.js\n");
    $server->stop();
    $server->up();
    $status = static fn(string $part): int => fetched($server, "/build/assets/{$part}")[0];
    expect(array_map($status, ['Bench-old.js', 'Bench-newest.js', 'Bench-older.js', 'none.js']))->toBe([200, 200, 404, 404]);
    $server->remove();
});

it('keeps nobody waiting for two hundred who stall, and sends the whole of a backup to who pauses for long on the way', function (): void {
    $data = LiveServer::folder();
    copy(LiveServer::migrated(), $data.'/hawkbrush.sqlite');
    mkdir($data.'/photos');
    for ($i = 10; $i < 40; $i++) {
        file_put_contents($data."/photos/01m8jr2cba7ac7yd5966jmgy{$i}.jpg", random_bytes(1_000_000));
    }
    $server = LiveServer::start(['HAWKBRUSH_WORKERS' => '2'], $data);
    $id = $server->ask('POST', '/backups')[1]['id'];
    $download = begun($server, "GET /api/v1/backups/{$id} HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n");
    stream_set_timeout($download, 30);
    $got = (string) fread($download, 8192);
    $paused = microtime(true);
    $post = "POST /api/v1/paints HTTP/1.1\r\nHost: localhost\r\nX-Hawkbrush: 1\r\nContent-Type: application/json\r\n";
    $stalled = [];
    for ($i = 0; $i < 200; $i++) {
        $stalled[] = begun($server, match ($i % 4) {
            0 => 'GET /api/v1/vocab',
            1 => "GET /api/v1/vocabulary HTTP/1.1\r\nHost: localhost\r\nX-Half:",
            2 => $post."Content-Length: 9000\r\n\r\n{",
            3 => "GET /api/v1/vocabulary HTTP/1.1\r\nHost: localhost\r\n\r\n",
        });
    }
    $longest = 0.0;
    for ($i = 0; $i < 20; $i++) {
        $since = microtime(true);
        expect($server->ask('GET', '/settings')[0])->toBe(200)
            ->and($server->ask('POST', '/paints', ['name' => "Bone {$i}", 'kind' => 'opaque', 'hex' => '#eeeeee'])[0])->toBe(201);
        $longest = max($longest, microtime(true) - $since);
    }
    usleep((int) max(0, 1e6 * (14 - (microtime(true) - $paused))));
    $got .= stream_get_contents($download);
    [$head, $zip] = explode("\r\n\r\n", $got, 2);
    preg_match('/content-length: (\d+)/i', $head, $length);
    // The same again from its middle on.
    [$status, $part] = fetched($server, "/api/v1/backups/{$id}", ['Range' => 'bytes=15000000-']);
    array_map(fclose(...), $stalled);
    $server->remove();
    expect($longest)->toBeLessThan(2.0)
        ->and(\strlen($zip))->toBe((int) $length[1])->toBeGreaterThan(30_000_000)
        ->and($head)->toContain('attachment; filename="hawkbrush-by-hand-')->toContain('nosniff')
        ->and($status)->toBe(206)->and($part === substr($zip, 15_000_000))->toBeTrue();
});

it('answers what is under way before it ends', function (): void {
    $server = LiveServer::start();
    $table = "Name,Kind,Swatch (hex)\n".implode("\n", array_map(
        static fn(int $i): string => \sprintf('Bottle %d,opaque,#%04x40', $i, 4096 + 29 * $i),
        range(1, 120),
    ));
    $body = json_encode(['csv' => $table]);
    $import = begun($server, "POST /api/v1/rack/import HTTP/1.1\r\nHost: localhost\r\nX-Hawkbrush: 1\r\nContent-Type: application/json\r\n"
        .'Content-Length: '.\strlen($body)."\r\nConnection: close\r\n\r\n{$body}");
    usleep(200_000);
    $server->stop();
    $answer = (string) stream_get_contents($import);
    $server->remove();
    expect($answer)->toContain('200 OK')->toContain('"added":120');
});

it('writes no line of its log for a request, and lets nobody else read it', function (): void {
    $data = LiveServer::folder();
    $storage = $data.'/storage';
    $server = LiveServer::start(['LARAVEL_STORAGE_PATH' => $storage, 'LOG_CHANNEL' => 'daily'], $data);
    for ($i = 0; $i < 100; $i++) {
        $server->ask('GET', $i % 2 === 0 ? '/settings' : '/nothing');
    }
    $server->ask('POST', '/paints', ['name' => '']);
    clearstatcache();
    $modes = array_unique(array_map(
        static fn(string $path): int => fileperms($path) & 0o077,
        [$data.'/.lock', ...glob($storage.'/logs/*') ?: [], $storage.'/logs', $data.'/.pages'],
    ));
    $grown = filesize($storage.'/logs/server.log');
    $server->remove();
    expect($grown)->toBeLessThan(500)->and($modes)->toBe([0]);
});

it('says in one small answer how things stand', function (): void {
    $server = LiveServer::start();
    [$status, $body] = fetched($server, '/up');
    $up = json_decode($body, true);
    expect($status)->toBe(200)->and(\strlen($body))->toBeLessThan(400)
        ->and($up)->toMatchArray(array_fill_keys(['status', 'database', 'migrations', 'disk', 'backup'], 'ok') + ['last_backup_at' => null])
        ->and(fetched($server, '/up', ['Host' => 'rebound.example'])[0])->toBe(403);
    $database = Artisan::database($server->data);
    $database->exec('DELETE FROM migrations WHERE id = (SELECT max(id) FROM migrations)');
    [$status, $body] = fetched($server, '/up');
    expect($status)->toBe(503)->and(json_decode($body, true))->toMatchArray(['status' => 'failing', 'migrations' => '1 missing']);
    $database->exec('DROP TABLE migrations');
    expect(json_decode(fetched($server, '/up')[1], true))->toMatchArray(['database' => 'database-empty']);
    unset($database);
    rename($server->data.'/hawkbrush.sqlite', $server->data.'/elsewhere');
    [$status, $body] = fetched($server, '/up');
    expect($status)->toBe(503)->and(json_decode($body, true)['database'])->toBe('database-missing');
    $server->remove();
});

it('tells systemd that it is up, and no more once it does not answer', function (): void {
    $path = sys_get_temp_dir().'/hawkbrush-notify-'.getmypid();
    ! file_exists($path) || unlink($path);
    $socket = socket_create(AF_UNIX, SOCK_DGRAM, 0);
    socket_bind($socket, $path);
    socket_set_option($socket, SOL_SOCKET, SO_RCVTIMEO, ['sec' => 6, 'usec' => 0]);
    $heard = static function () use ($socket): string {
        return @socket_recv($socket, $said, 4096, 0) === false ? '' : (string) $said;
    };
    $server = LiveServer::start(['NOTIFY_SOCKET' => $path, 'WATCHDOG_USEC' => '3000000']);
    $all = '';
    for ($i = 0; $i < 12 && ! str_contains($all, 'WATCHDOG=1'); $i++) {
        $all .= $heard()."\n";
    }
    // All that could answer is stopped.
    foreach ($server->workers() as $pid) {
        posix_kill($pid, SIGSTOP);
    }
    socket_set_option($socket, SOL_SOCKET, SO_RCVTIMEO, ['sec' => 3, 'usec' => 0]);
    // One may have been under way.
    $heard();
    $heard();
    $silent = $heard();
    $server->remove();
    unlink($path);
    expect($all)->toContain('READY=1')->toContain('WATCHDOG=1')->and($silent)->not->toContain('WATCHDOG=1');
})->skip(fn(): bool => exec('command -v systemd-notify') === '', 'There is no systemd on this machine.');

it('prints a unit that systemd understands', function (): void {
    exec('bin/serve --unit --port 8611', $unit, $code);
    $text = implode("\n", $unit);
    expect($code)->toBe(0)->and($text)->toContain('Restart=always')->toContain('User=hawkbrush')->toContain('WatchdogSec=')
        ->toContain('ExecStart='.\dirname(__DIR__, 2).'/bin/serve --port 8611')->not->toContain('@');
    $file = sys_get_temp_dir().'/hawkbrush-'.getmypid().'.service';
    file_put_contents($file, $text);
    exec('command -v systemd-analyze >/dev/null && systemd-analyze verify '.escapeshellarg($file).' 2>&1', $said);
    unlink($file);
    expect(array_filter($said, static fn(string $line): bool => str_contains($line, basename($file))))->toBe([]);
});
