<?php

declare(strict_types=1);

namespace Tests\Api;

// How the database finds what is asked for: what grows for years is never read as a whole. Speed itself is measured by
// bin/bench, on ten years of work.

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\ApiCase;

const SMALL = ['--paints' => 30, '--patterns' => 24, '--runs' => 12];

/** What grows with every run. */
const GROWING = ['bench_events', 'runs', 'baits', 'sprayed', 'stamps', 'photos', 'edits', 'paint_version'];

/**
 * @return list<string> the questions of a request that read a growing table as a whole, with how
 */
function wholeReads(ApiCase $case, callable $request): array
{
    $names = implode('|', GROWING);
    $found = [];
    foreach (asked($case, $request) as ['query' => $sql, 'bindings' => $bindings]) {
        if (preg_match('/^\s*(select|update|delete|with)/i', $sql) !== 1) {
            continue;
        }
        foreach (DB::select('EXPLAIN QUERY PLAN '.$sql, $bindings) as $line) {
            $of = preg_match("/^SCAN (\w+)/", $line->detail, $it) === 1 ? $it[1] : '';
            // By its name, or by one that the question gave it.
            if (preg_match("/^({$names})$/", $of) === 1 || preg_match("/\b({$names})\"? as \"?{$of}\b/", $sql) === 1 && $of !== '') {
                $found[] = "{$line->detail}: {$sql}";
            }
        }
    }

    return array_values(array_unique($found));
}

/** @return list<array{query: string, bindings: array<mixed>, time: float|null}> */
function asked(ApiCase $case, callable $request): array
{
    DB::flushQueryLog();
    DB::enableQueryLog();
    $request();
    $asked = DB::getQueryLog();
    DB::disableQueryLog();

    return $asked;
}

it('reads none of what grows as a whole', function (): void {
    expect(Artisan::call('hawkbrush:grow', SMALL))->toBe(0, Artisan::output());
    $first = fn(string $list): array => $this->ask("/{$list}")->assertOk()->json("{$list}.0");
    [$pattern, $run, $bait, $paint, $body] = array_map($first, ['patterns', 'runs', 'baits', 'paints', 'bodies']);
    $open = $this->ask('/runs?state=open')->json('runs.0');
    $version = $run['version']['id'];
    $step = $this->ask("/versions/{$version}")->json('steps.0.document.id');
    $paths = [
        '/patterns', '/patterns?q=roach', "/patterns?paint={$paint['id']}", '/patterns?state=sketch', '/patterns?state=tried',
        '/patterns?state=proven', '/runs', '/runs?state=open', '/baits', '/baits?q=light', '/paints', '/paints?q=roach', '/bodies',
        '/masks', '/equipment', '/clears', '/eyes', '/habits', '/settings', '/faults', "/runs/{$run['id']}", "/baits/{$bait['id']}",
        "/bodies/{$body['id']}", "/patterns/{$pattern['id']}", "/patterns/{$pattern['id']}/versions",
        "/patterns/{$pattern['id']}/pictures", "/versions/{$version}", "/versions/{$version}/air", "/versions/{$version}/advice",
        "/versions/{$version}/masks", "/versions/{$version}/steps/{$step}",
    ];
    $whole = [];
    foreach ($paths as $path) {
        $whole[$path] = wholeReads($this, fn() => $this->ask($path)->assertOk());
    }
    foreach (pagesAfter($this, ['/patterns', '/runs', '/baits', '/paints']) as $path) {
        $whole[$path] = wholeReads($this, fn() => $this->ask($path)->assertOk());
    }
    $planned = ['version_id' => $version, 'baits' => 2, 'air_c' => 20, 'humidity_percent' => 50];
    $first = $this->ask("/runs/{$open['id']}")->json('steps.0.document.id');
    $writes = [
        ['POST', '/runs/plan', $planned], ['POST', '/runs', $planned],
        ['POST', "/runs/{$open['id']}/events", ['events' => [$this->event('note', $first, null, ['text' => 'well'])]]],
        ['POST', "/runs/{$open['id']}/finish", []],
        ['PATCH', "/baits/{$bait['id']}", ['revision' => $bait['revision'], 'lesson' => 'Larger spots']],
        ['POST', "/baits/{$bait['id']}/stamp", []],
        ['PATCH', "/patterns/{$pattern['id']}", ['revision' => $pattern['revision'], 'name' => 'Other']],
        ['PATCH', "/bodies/{$body['id']}", ['revision' => $body['revision'], 'name' => 'Other']],
        ['POST', "/paints/{$paint['id']}/replacements", ['in_stock' => true]],
    ];
    foreach ($writes as [$method, $path, $data]) {
        $whole[$path] = wholeReads($this, fn() => $this->send($method, $path, $data));
    }
    expect(array_filter($whole))->toBe([]);
});

/**
 * @param list<string> $lists
 *
 * @return list<string> their second pages, or where one would begin
 */
function pagesAfter(ApiCase $case, array $lists): array
{
    $key = static fn(array $key): string => rtrim(strtr(base64_encode((string) json_encode($key)), '+/', '-_'), '=');

    return array_map(static fn(string $list): string => "{$list}?after=".match ($list) {
        '/runs', '/baits' => $key([5]),
        default => $key(['M', '']),
    }, $lists);
}

it('lets nothing grow that is not looked at here', function (): void {
    // A new table with a row a run, a bait or an event belongs into the list above.
    $ofRuns = array_column(DB::select(<<<'SQL'
        SELECT DISTINCT m.name FROM sqlite_master m JOIN pragma_foreign_key_list(m.name) f
        WHERE m.type = 'table' AND f."table" IN ('runs', 'baits', 'versions')
        SQL), 'name');
    expect(array_diff($ofRuns, GROWING, ['versions', 'patterns', 'remedies']))->toBe([]);
});

it('grows only where nothing is kept yet', function (): void {
    $this->paint();
    expect(Artisan::call('hawkbrush:grow', SMALL))->toBe(1)->and(Artisan::output())->toContain('Something is kept here already');
});
