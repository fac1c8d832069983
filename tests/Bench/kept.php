<?php

declare(strict_types=1);

// Measures what keeping costs: an entry of the bench with the disk waited for and without, what an edit leaves in database
// and cache, and edits of twenty painters at once. Arguments: both addresses, the data folder. Prints JSON.

require __DIR__.'/tools.php';

[, $full, $normal, $data] = $argv;
$figures = [];

/** A pattern of one coat on a body of the demo. */
function onePattern(string $api, string $name): array
{
    $body = call('GET', "{$api}/bodies")['bodies'][0];
    $paint = call('GET', "{$api}/paints")['paints'][0];
    $version = call(
        'POST',
        "{$api}/patterns",
        ['name' => $name, 'species' => 'none', 'body_id' => $body['id'], 'prepare' => false],
    )['version'];

    return call(
        'POST',
        "{$api}/versions/{$version['id']}/edits",
        ['revision' => $version['revision'], 'change' => ['op' => 'add', 'step' => coat($paint['id'], 'spray', ['zone' => 'flank'], [])]],
    )['version'];
}

foreach (['bench_entry_ms' => $full, 'bench_entry_unsynced_ms' => $normal] as $name => $api) {
    $version = onePattern($api, 'Entries');
    $run = call('POST', "{$api}/runs", ['version_id' => $version['id'], 'baits' => 1, 'air_c' => 20, 'humidity_percent' => 50]);
    call('POST', "{$api}/runs/{$run['id']}/start");
    $step = $version['steps'][0]['document']['id'];
    $figures[$name] = at(
        timed(
            40,
            static fn() => call(
                'POST',
                "{$api}/runs/{$run['id']}/events",
                ['events' => [[
                    'id' => bin2hex(random_bytes(8)),
                    'type' => 'side',
                    'step' => $step,
                    'bait' => 1,
                    'at' => '2026-11-25T10:00:00Z',
                    'data' => ['side' => 'left', 'done' => true],
                ]]],
            ),
        ),
        0.5,
    );
}

// What many edits leave behind, on a pattern of the demo with its thirteen steps.
$pattern = array_values(array_filter(
    call('GET', "{$full}/patterns")['patterns'],
    static fn(array $p): bool => $p['species'] === 'rudd',
))[0];
$version = call('GET', "{$full}/versions/{$pattern['version']['id']}");
$size = static function () use ($data): int {
    $pdo = new PDO("sqlite:{$data}/hawkbrush.sqlite");
    $pdo->query('PRAGMA wal_checkpoint(TRUNCATE)')->fetchAll();

    clearstatcache();

    return (int) filesize("{$data}/hawkbrush.sqlite");
};
$cache = static fn(): int => (int) explode(
    "\t",
    (string) shell_exec('du -sb '.escapeshellarg(__DIR__.'/../../storage/framework/cache/data')),
)[0];
[$kept, $drawn] = [$size(), $cache()];
const EDITS = 300;
for ($i = 0; $i < EDITS; $i++) {
    // One step and then another, so that no edit goes on from the last.
    $step = $version['steps'][4 + $i % 4]['document'];
    $version = call(
        'POST',
        "{$full}/versions/{$version['id']}/edits",
        [
            'revision' => $version['revision'],
            'show' => ['look' => 'clear'],
            'change' => ['op' => 'change', 'step' => $step['id'], 'set' => ['strokes' => 2 + intdiv($i, 4) % 90, 'psi' => 5 + $i * 0.1]],
        ],
    )['version'];
}
$figures['kept_per_edit_bytes'] = round(($size() - $kept) / EDITS);
$figures['drawn_per_edit_bytes'] = round(($cache() - $drawn) / EDITS);

// Twenty painters, each on a pattern of their own, with pauses as between two figures.
const PAINTERS = 20;
const EACH = 8;
mt_srand(20);
$painters = array_map(
    static fn(int $i): array => [
        'version' => onePattern($full, "Painter {$i}"),
        'left' => EACH,
        'due' => microtime(true) + mt_rand(0, 1500) / 1000,
    ],
    range(1, PAINTERS),
);
$all = curl_multi_init();
$ms = [];
$open = [];
while ($open !== [] || array_filter($painters, static fn(array $p): bool => $p['left'] > 0) !== []) {
    foreach ($painters as $i => $painter) {
        if (! isset($open[$i]) && $painter['left'] > 0 && microtime(true) >= $painter['due']) {
            $version = $painter['version'];
            $handle = curl_init("{$full}/versions/{$version['id']}/edits");
            curl_setopt_array($handle, [CURLOPT_HTTPHEADER => [
                'Content-Type: application/json',
                'X-Hawkbrush: 1',
            ], CURLOPT_RETURNTRANSFER => true, CURLOPT_FORBID_REUSE => true, CURLOPT_POSTFIELDS => json_encode([
                'revision' => $version['revision'], 'show' => ['look' => 'clear'], 'change' => [
                    'op' => 'change',
                    'step' => $version['steps'][0]['document']['id'],
                    'set' => ['width_mm' => 10 + $i + $painter['left'] / 10],
                ],
            ])]);
            curl_multi_add_handle($all, $handle);
            $open[$i] = [$handle, hrtime(true)];
        }
    }
    curl_multi_exec($all, $running);
    while (($done = curl_multi_info_read($all)) !== false) {
        foreach ($open as $i => [$handle, $since]) {
            if ($handle === $done['handle']) {
                $ms[] = (hrtime(true) - $since) / 1e6;
                $painters[$i]['version'] = json_decode(
                    (string) curl_multi_getcontent($handle),
                    true,
                    512,
                    JSON_THROW_ON_ERROR,
                )['version'] ?? throw new RuntimeException('An edit was refused: '.curl_multi_getcontent($handle));
                $painters[$i]['left']--;
                $painters[$i]['due'] = microtime(true) + mt_rand(600, 1800) / 1000;
                curl_multi_remove_handle($all, $handle);
                unset($open[$i]);
            }
        }
    }
    usleep(500);
}
foreach ($painters as $painter) {
    $now = call('GET', "{$full}/versions/{$painter['version']['id']}");
    $now['revision'] === $painter['version']['revision']
        && $now['steps'] == $painter['version']['steps']
        || throw new RuntimeException('An edit was lost.');
}
sort($ms);
$figures['edit_twenty_painters_ms'] = at($ms, 0.5);
$figures['edit_twenty_painters_p95_ms'] = at($ms, 0.95);

echo json_encode($figures, JSON_THROW_ON_ERROR), "\n";
