<?php

declare(strict_types=1);

// Prints the figures of bin/bench: those of the core, the same compiled as the server compiles it, and those of the server.

require __DIR__.'/tools.php';

[, $format, $before, $after, $core, $compiled, $mixes, $served, $kept, $grown] = $argv;
$read = static fn(string $file): array => json_decode((string) file_get_contents($file), true, 512, JSON_THROW_ON_ERROR);
$figures = $read($core) + $read($mixes) + $read($served) + $read($kept) + $read($grown);
$asServed = array_filter($read($compiled), static fn(string $name): bool => str_starts_with($name, 'render_'), ARRAY_FILTER_USE_KEY);
$figures['stolen_by_host_percent'] = stolenPercent($before, $after);

if ($format === '--json') {
    foreach ($asServed as $name => $ms) {
        $figures[preg_replace('/_ms$/', '_as_served_ms', $name)] = $ms;
    }
    echo json_encode($figures, JSON_PRETTY_PRINT), "\n";
    exit;
}
$reach = [
    'render_full_ms' => 40,
    'render_last_step_ms' => 10,
    'render_all_techniques_ms' => 40,
    'edit_to_stage_p95_ms' => 50,
    'drag_to_picture_p95_ms' => 50,
    'edit_every_technique_p95_ms' => 100,
    'patterns_list_ms' => 100,
    'first_screen_gzip_kb' => 300,
    'edit_twenty_painters_p95_ms' => 100,
    'mix_search_ms' => 1000,
    'mix_search_longest_ms' => 1000,
    'mix_missed_most_delta_e' => 0.3,
    'mix_search_400_paints_ms' => 3000,
    'passes_ms' => 150,
    'order_ms' => 1000,
    'years_run_ms' => 100,
    'years_bait_ms' => 100,
    'years_air_ms' => 100,
    'years_nearest_ms' => 1500,
];
foreach (['patterns', 'runs', 'baits', 'paints', 'bodies', 'masks'] as $list) {
    $reach["years_{$list}_ms"] = $reach["years_{$list}_kb"] = 100;
}
foreach ($figures as $name => $value) {
    printf(
        "%-28s %8s%s%s\n",
        $name,
        number_format($value, $value < 1 && $value != round($value, 1) ? 3 : 1, '.', ''),
        isset($asServed[$name]) ? sprintf('   as served %6.1f', $asServed[$name]) : '',
        isset($reach[$name]) ? "   (reach {$reach[$name]})" : '',
    );
}
