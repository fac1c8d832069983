<?php

declare(strict_types=1);

namespace Tests\Live;

use Tests\LiveServer;

// Behind an HTTPS server of the painter's own on this machine, as docs/operations.md describes it.

function caddy(): ?string
{
    foreach ([\dirname(__DIR__, 2).'/storage/framework/testing/caddy/usr/bin/caddy', '/usr/bin/caddy'] as $path) {
        if (is_executable($path)) {
            return $path;
        }
    }

    return null;
}

it('works behind an HTTPS server under a name of its own', function (): void {
    $server = LiveServer::start(['HAWKBRUSH_HOSTS' => ' Shop.Localhost ']);
    $port = random_int(20000, 40000);
    $config = $server->data.'/Caddyfile';
    file_put_contents(
        $config,
        "{\n admin off\n auto_https disable_redirects\n storage file_system {$server->data}/caddy\n skip_install_trust\n}\nhttps://shop.localhost:{$port} {\n tls internal\n reverse_proxy 127.0.0.1:{$server->port}\n}\n",
    );
    $front = proc_open(
        [(string) caddy(), 'run', '--config', $config, '--adapter', 'caddyfile'],
        [1 => ['file', '/dev/null', 'w'], 2 => ['file', $server->data.'/caddy.log', 'w']],
        $pipes,
        null,
        ['HOME' => $server->data] + getenv(),
    );
    $ask = static function (string $method, string $path, ?string $body = null, array $headers = []) use ($port): array {
        $handle = curl_init("https://shop.localhost:{$port}{$path}");
        curl_setopt_array($handle, [
            CURLOPT_CUSTOMREQUEST => $method,
            CURLOPT_RESOLVE => ["shop.localhost:{$port}:127.0.0.1"],
            CURLOPT_SSL_VERIFYPEER => false,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HEADER => true,
            CURLOPT_HTTPHEADER => [...$headers, 'X-Hawkbrush: 1', 'Content-Type: application/json'],
        ] + ($body === null ? [] : [CURLOPT_POSTFIELDS => $body]));
        $answer = (string) curl_exec($handle);

        return [(int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE), $answer];
    };
    for ($i = 0; $i < 100 && $ask('GET', '/api/v1/settings')[0] === 0; $i++) {
        usleep(50_000);
    }
    $origin = ["Origin: https://shop.localhost:{$port}", 'Sec-Fetch-Site: same-origin'];
    $saved = $ask('PUT', '/api/v1/settings', '{"pressure":"bar"}', $origin);
    $foreign = $ask('PUT', '/api/v1/settings', '{"pressure":"psi"}', ['Origin: https://elsewhere.example']);
    $page = $ask('GET', '/patterns');
    $worker = $ask('GET', '/service-worker.js');
    proc_terminate($front);
    proc_close($front);
    $server->remove();
    expect($saved[0])->toBe(200, $saved[1])
        ->and($saved[1])->toContain('"pressure":"bar"')
        ->and($foreign[0])->toBe(403)
        ->and($page[0])->toBe(200)
        // Its links lead through the same door.
        ->and($page[1])->toContain("https://shop.localhost:{$port}/build/assets/")->not->toContain('http://')
        ->and($worker[0])->toBe(200);
})->skip(fn(): bool => caddy() === null, 'There is no caddy, and it could not be fetched.');
