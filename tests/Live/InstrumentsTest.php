<?php

declare(strict_types=1);

namespace Tests\Live;

use Tests\LiveServer;

// Instruments that misbehave, between processes.

/**
 * A driver that answers a byte in 0.8 s, for ever, and notes how many it was answering at once.
 *
 * @return array{resource, string, string} process, address, and the file of its notes
 */
function dripping(): array
{
    $notes = tempnam(sys_get_temp_dir(), 'drip');
    $serve = <<<'PHP'
        $server = stream_socket_server('tcp://127.0.0.1:0');
        echo stream_socket_get_name($server, false), "\n";
        $open = [];
        while (true) {
            $read = [$server];
            [$none, $nor] = [null, null];
            if (stream_select($read, $none, $nor, 0, 800_000) > 0) {
                $open[] = stream_socket_accept($server);
            }
            foreach ($open as $i => $caller) {
                stream_set_blocking($caller, false);
                fread($caller, 999);
                if (feof($caller) || @fwrite($caller, 'O') === false) {
                    unset($open[$i]);
                }
            }
            file_put_contents($argv[1], count($open)."\n", FILE_APPEND);
        }
        PHP;
    $process = proc_open([PHP_BINARY, '-r', $serve, '--', $notes], [1 => ['pipe', 'w']], $pipes);

    return [$process, 'tcp://'.trim((string) fgets($pipes[1])), $notes];
}

it('does not let instruments that drip keep the painters waiting', function (): void {
    [$process, $address, $notes] = dripping();
    $server = LiveServer::start(['HAWKBRUSH_COLORIMETER' => $address, 'HAWKBRUSH_WORKERS' => '4']);
    try {
        $reads = array_fill(0, 6, ['POST', '/colorimeter/read', ['place' => null]]);
        $since = microtime(true);
        $answers = $server->atOnce([...$reads, ['GET', '/settings'], ['GET', '/paints']]);
        $whole = microtime(true) - $since;
        expect(array_column(\array_slice($answers, 6), 0))->toBe([200, 200])
            ->and(array_unique(array_column(\array_slice($answers, 0, 6), 0)))->toBe([503])
            ->and($whole)->toBeLessThan(7.0)
            ->and(array_count_values(array_map(
                static fn(array $a): string => (string) strrchr($a[1]['type'], ':'),
                \array_slice($answers, 0, 6),
            )))->toEqual([':instrument-silent' => 1, ':instrument-busy' => 5]);
        // Once more, and a third time: then it rests, and says so at once.
        $server->ask('POST', '/colorimeter/read');
        $server->ask('POST', '/colorimeter/read');
        $since = microtime(true);
        [, $rests] = $server->ask('POST', '/colorimeter/read');
        expect(microtime(true) - $since)->toBeLessThan(1.0)->and($rests['detail'])->toContain('asked again in')
            ->and(max(array_map(intval(...), file($notes) ?: [])))->toBe(1);
    } finally {
        $server->remove();
        proc_terminate($process);
        unlink($notes);
    }
});
