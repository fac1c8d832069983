<?php

declare(strict_types=1);

// Measures ten years of work: the slowest and the largest page of each list, and what else is asked for all day. Argument:
// the address. Prints JSON.

require __DIR__.'/tools.php';

[, $api] = $argv;
$figures = [];
$lists = [
    'patterns' => ['', 'q=roach+01', 'q=nothing+such', 'state=sketch', 'state=tried', 'state=proven', 'state=retired'],
    'runs' => ['', 'state=open'],
    'baits' => ['', 'q=roach', 'q=nothing+such'],
    'paints' => ['', 'q=roach'],
    'bodies' => [''],
    'masks' => [''],
];
foreach ($lists as $list => $queries) {
    $ms = $kb = [];
    foreach ($queries as $query) {
        // The first page, and one in the middle of the list: it must not take longer.
        $pages = ["{$api}/{$list}?{$query}"];
        for ($next = call('GET', $pages[0])['next'], $turn = 0; $next !== null && $turn < 8; $turn++) {
            $pages[1] = "{$api}/{$list}?{$query}&after={$next}";
            $next = call('GET', $pages[1])['next'];
        }
        foreach ($pages as $page) {
            $ms[] = at(timed(9, static fn() => call('GET', $page)), 0.5);
            $kb[] = strlen((string) file_get_contents($page)) / 1000;
        }
    }
    $figures["years_{$list}_ms"] = max($ms);
    $figures["years_{$list}_kb"] = round(max($kb), 1);
}
$run = call('GET', "{$api}/runs")['runs'][10];
$bait = call('GET', "{$api}/baits")['baits'][10];
$figures['years_run_ms'] = at(timed(9, static fn() => call('GET', "{$api}/runs/{$run['id']}")), 0.5);
$figures['years_bait_ms'] = at(timed(9, static fn() => call('GET', "{$api}/baits/{$bait['id']}")), 0.5);
$figures['years_air_ms'] = at(timed(9, static fn() => call('GET', "{$api}/versions/{$run['version']['id']}/air")), 0.5);

// The paint of most patterns takes longest to replace.
$paints = [];
for ($after = ''; $after !== null; $after = $page['next'] === null ? null : "?after={$page['next']}") {
    $page = call('GET', "{$api}/paints{$after}");
    $paints = [...$paints, ...$page['paints']];
}
usort($paints, static fn(array $a, array $b): int => $b['used_in'] <=> $a['used_in']);
$nearest = static fn(): array => call('POST', "{$api}/paints/{$paints[0]['id']}/replacements", ['in_stock' => true]);
$figures['years_nearest_ms'] = at(timed(3, $nearest), 0.5);

echo json_encode($figures, JSON_THROW_ON_ERROR), "\n";
