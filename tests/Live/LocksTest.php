<?php

declare(strict_types=1);

namespace Tests\Live;

use PDO;
use Tests\Artisan;
use Tests\Build;
use Tests\LiveServer;

// The write lock: while one holds it, everybody else who writes waits.

const LONGEST_MS = 200;

/** @return list<string> who held the lock for long, of a server that logs into $storage; waiting for a slow disk does not count */
function heldLong(string $storage): array
{
    preg_match_all('/held for \d+ ms, (\d+) of them working. ({.*})/', implode('', array_map(file_get_contents(...), glob($storage.'/logs/*.log') ?: [])), $all, PREG_SET_ORDER);

    return array_values(array_map(
        static fn(array $one): string => "{$one[2]} {$one[1]} ms",
        array_filter($all, static fn(array $one): bool => (int) $one[1] > LONGEST_MS),
    ));
}

/** @return array{LiveServer, string} a server of the demo, and the folder of its log */
function logging(): array
{
    $data = LiveServer::demo();
    foreach (['logs', 'framework/cache/data', 'framework/views'] as $folder) {
        mkdir("{$data}/storage/{$folder}", 0700, true);
    }

    return [LiveServer::start(['LOG_CHANNEL' => 'daily', 'LARAVEL_STORAGE_PATH' => $data.'/storage'], $data), $data.'/storage'];
}

/** A recipe of as many steps as one may have, in sixty paints that no rack knows. */
function longestRecipe(): array
{
    $recipe = Build::ladder(3, 60);
    $recipe['paints'] = [];
    foreach ($recipe['steps'] as $i => $step) {
        $recipe['paints']["n{$i}"] = ['hex' => \sprintf('#%06x', 0x204060 + 1021 * $i), 'kind' => 'opaque', 'name' => "Bottle {$i}"];
        $recipe['steps'][$i]['mix'] = [['paint' => "n{$i}", 'drops' => 1]];
    }

    return ['format' => 'hawkbrush.recipe/1', 'name' => 'Sixty steps'] + $recipe;
}

it('is not held for long by anything that a painter can do, however much of it', function (): void {
    [$server, $storage] = logging();
    $did = static function (string $method, string $path, array $body = [], array $headers = []) use ($server): mixed {
        [$status, $answer] = $server->ask($method, $path, $body, $headers);
        expect($status)->toBeLessThan(300, "{$method} {$path} ".json_encode($answer));

        return $answer;
    };
    try {
        // A rack of as many bottles as a table holds, brought in, changed and taken back.
        $table = static fn(int $blue): string => "Name,Kind,Swatch (hex)\n".implode("\n", array_map(
            static fn(int $i): string => \sprintf('Bottle of the table %d,ink,#%04x%02x', $i, 4096 + 29 * $i, $blue),
            range(1, 2000),
        ));
        $did('POST', '/rack/import', ['csv' => $table(64)]);
        $changed = $did('POST', '/rack/import', ['csv' => $table(96)]);
        expect($changed['changed'])->toBe(2000);
        $did('POST', "/rack/imports/{$changed['id']}/undo");

        $sheet = $did('POST', '/patterns/import', longestRecipe(), ['Idempotency-Key' => 'sixty-steps']);
        $version = $sheet['version'];
        $edit = static function (array $change) use ($did, &$version): void {
            $version = $did(
                'POST',
                "/versions/{$version['id']}/edits",
                ['revision' => $version['revision'], 'show' => ['look' => 'clear'], 'change' => $change],
            )['version'];
        };
        $steps = array_column(array_column($version['steps'], 'document'), 'id');
        $edit(['op' => 'change', 'step' => $steps[30], 'set' => ['psi' => 21]]);
        $edit(['op' => 'several', 'changes' => array_map(
            static fn(string $step): array => ['op' => 'change', 'step' => $step, 'set' => ['coats' => 2]],
            $steps,
        )]);
        $version = $did('POST', "/versions/{$version['id']}/undo", ['revision' => $version['revision']])['version'];
        $version = $did('POST', "/versions/{$version['id']}/redo", ['revision' => $version['revision']])['version'];
        $bodies = $did('GET', '/bodies')['bodies'];
        $edit(['op' => 'body', 'body_id' => $bodies[1]['id'], 'marks' => 'scale']);
        // One that was changed meanwhile: what stands there now is shown.
        $old = ['revision' => 1, 'change' => ['op' => 'remove', 'step' => $steps[3]]];
        expect($server->ask('POST', "/versions/{$version['id']}/edits", $old)[0])->toBe(409);

        $sixty = ['baits' => 60, 'air_c' => 20, 'humidity_percent' => 50];
        $run = $did('POST', '/runs', ['version_id' => $version['id']] + $sixty, ['Idempotency-Key' => 'sixty-baits']);
        $did('POST', "/runs/{$run['id']}/start");
        for ($i = 0; $i < 10; $i++) {
            $did('POST', "/runs/{$run['id']}/events", ['events' => array_map(static fn(int $n): array => [
                'id' => "event-{$i}-{$n}",
                'type' => 'note',
                'step' => $steps[$n % 60],
                'bait' => null,
                'at' => '2026-11-25T10:00:00Z',
                'data' => ['text' => 'note'],
            ], range(1, 200))]);
        }
        $did('POST', "/runs/{$run['id']}/finish");
        $copy = $did('POST', "/versions/{$version['id']}/go-on", ['note' => 'again'], ['Idempotency-Key' => 'going-on']);
        expect($copy)->toBeArray();
        $bait = $did('GET', '/baits')['baits'][0];
        $did('PATCH', "/baits/{$bait['id']}", ['revision' => 1, 'lesson' => 'Larger spots']);
        $fit = $bodies[2]['id'];
        $did('POST', '/runs', ['repeat_of' => $bait['id'], 'body_id' => $fit] + $sixty, ['Idempotency-Key' => 'sixty-more']);
        expect(Artisan::database($server->data)->query('SELECT count(*) FROM paints')->fetch(PDO::FETCH_COLUMN))->toBeGreaterThan(2060)
            ->and(heldLong($storage))->toBe([]);
    } finally {
        $server->remove();
    }
});
