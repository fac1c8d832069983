<?php

declare(strict_types=1);

namespace Tests\Live;

use PDO;
use Tests\Artisan;
use Tests\LiveServer;

// Databases as older Hawkbrushes left them: the demo of the first commit that had one, and of the one before issue 16.

/** A folder with one of them. */
function oldData(string $name): string
{
    $data = LiveServer::folder();
    file_put_contents($data.'/hawkbrush.sqlite', gzdecode((string) file_get_contents(__DIR__."/../fixtures/databases/{$name}.sqlite.gz")));

    return $data;
}

/** @return array<string, list<array<string, mixed>>> rows by table, by their key */
function rowsOf(string $data): array
{
    $database = Artisan::database($data);
    $tables = array_column(
        $database->query(
            "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT IN ('migrations', 'cache', 'cache_locks', 'sqlite_sequence')",
        )->fetchAll(),
        'name',
    );
    $rows = [];
    foreach ($tables as $table) {
        $rows[$table] = $database->query("SELECT * FROM \"{$table}\"")->fetchAll(PDO::FETCH_ASSOC);
    }

    return $rows;
}

it('comes up with nothing lost, and shows all of it', function (string $name): void {
    $data = oldData($name);
    $before = rowsOf($data);
    [$code, $said] = Artisan::run($data, ['hawkbrush:ready']);
    expect($code)->toBe(0, $said);
    $after = rowsOf($data);
    // Edits are kept smaller since (migration 9), and what had the wrong shape was put right (7 and 8).
    foreach (['paints', 'bodies', 'patterns', 'versions', 'runs', 'bench_events', 'baits'] as $table) {
        $now = array_column($after[$table], null, 'id');
        foreach ($before[$table] as $row) {
            $same = array_intersect_key($now[$row['id']], $row);
            expect(array_intersect_key($row, $same))->toEqual($same, "{$table} {$row['id']}");
        }
    }
    expect(\count($after['edits']))->toBeGreaterThanOrEqual(\count($before['edits']));

    $server = LiveServer::start([], $data);
    try {
        foreach (['patterns', 'runs', 'baits', 'bodies'] as $what) {
            [$status, $list] = $server->ask('GET', "/{$what}");
            expect($status)->toBe(200)->and(\count($list[$what]))->toBeGreaterThan(0);
            foreach ($list[$what] as $one) {
                expect($server->ask('GET', "/{$what}/{$one['id']}")[0])->toBe(200, "{$what} {$one['id']}");
            }
        }
        [, ['patterns' => $patterns]] = $server->ask('GET', '/patterns');
        $version = $patterns[0]['version'];
        expect($server->ask('GET', "/versions/{$version['id']}/texture")[0])->toBe(200)
            ->and($server->ask(
                'POST',
                "/versions/{$version['id']}/edits",
                ['revision' => $version['revision'], 'change' => ['op' => 'add', 'step' => ['type' => 'try']]],
            )[0])->toBe(200);
    } finally {
        $server->remove();
    }
})->with(['first', 'before-16']);

/**
 * Every figure of kept documents beyond today's bounds: as if these had been narrowed since.
 *
 * @param array<mixed> $document
 *
 * @return array<mixed>
 */
function beyondBounds(array $document): array
{
    $beyond = ['psi' => 600, 'strokes' => 900, 'minutes' => 50_000, 'width_mm' => 900, 'drops' => 900, 'text' => str_repeat('x', 1200)];
    array_walk_recursive($document, static function (mixed &$value, int|string $key) use ($beyond): void {
        $value = $value === null ? null : $beyond[$key] ?? $value;
    });

    return $document;
}

it('shows, runs and exports what was kept under wider bounds than today\'s', function (string $name): void {
    $data = oldData($name);
    expect(Artisan::run($data, ['hawkbrush:ready'])[0])->toBe(0);
    $database = Artisan::database($data);
    // What was painted never changes: the guards stand aside while the data are made.
    $guards = $database->query("SELECT name, sql FROM sqlite_master WHERE type = 'trigger'")->fetchAll(PDO::FETCH_KEY_PAIR);
    array_map(static fn(string $guard): int|false => $database->exec("DROP TRIGGER \"{$guard}\""), array_keys($guards));
    foreach (['versions' => 'steps', 'runs' => 'recipe', 'bench_events' => 'event'] as $table => $column) {
        foreach ($database->query("SELECT id, {$column} FROM {$table}")->fetchAll(PDO::FETCH_ASSOC) as $row) {
            $wider = json_encode(beyondBounds(json_decode($row[$column], true)));
            $database->prepare("UPDATE {$table} SET {$column} = ? WHERE id = ?")->execute([$wider, $row['id']]);
        }
    }
    $database->exec('UPDATE paints SET drop_ml = 2, drying = 9');
    array_map($database->exec(...), $guards);
    $server = LiveServer::start([], $data);
    try {
        foreach (['patterns', 'runs', 'baits', 'bodies', 'paints'] as $what) {
            [$status, $list] = $server->ask('GET', "/{$what}");
            expect($status)->toBe(200, $what);
            foreach ($what === 'paints' ? [] : $list[$what] as $one) {
                expect($server->ask('GET', "/{$what}/{$one['id']}")[0])->toBe(200, "{$what} {$one['id']}");
            }
        }
        foreach ($server->ask('GET', '/patterns')[1]['patterns'] as ['id' => $pattern, 'version' => $version]) {
            foreach (["/versions/{$version['id']}", "/versions/{$version['id']}/texture", "/patterns/{$pattern}/export"] as $path) {
                expect($server->ask('GET', $path)[0])->toBe(200, $path);
            }
            $plan = ['version_id' => $version['id'], 'baits' => 1, 'air_c' => 21, 'humidity_percent' => 50];
            [$status, $run] = $server->ask('POST', '/runs', $plan);
            expect($status)->toBe(201, json_encode($run));
        }
    } finally {
        $server->remove();
    }
})->with(['first', 'before-16']);

it('reads recipe files of before as the same baits', function (): void {
    $data = oldData('before-16');
    expect(Artisan::run($data, ['hawkbrush:ready'])[0])->toBe(0);
    $server = LiveServer::start([], $data);
    try {
        [, ['patterns' => $patterns]] = $server->ask('GET', '/patterns');
        $versions = array_column($patterns, 'version', 'name');
        $recipes = json_decode((string) gzdecode((string) file_get_contents(__DIR__.'/../fixtures/recipes.json.gz')), true);
        expect($recipes)->toHaveCount(\count($patterns));
        foreach ($recipes as $recipe) {
            [$status, $there] = $server->ask('POST', '/patterns/import', $recipe);
            expect($status)->toBe(201);
            $was = $server->ask('GET', "/versions/{$versions[$recipe['name']]['id']}/texture")[1];
            expect($server->ask('GET', "/versions/{$there['version']['id']}/texture")[1])->toBe($was, $recipe['name']);
        }
    } finally {
        $server->remove();
    }
});
