<?php

declare(strict_types=1);

// Prints the figures that two checkouts gave in turn: the median of each, and the median of the ratios of the turns.

require __DIR__.'/tools.php';

[, $format, $commit, $before, $after, $old, $new, $turns] = $argv;
$read = static fn(string $data, string $part, int $turn): array => json_decode(
    (string) file_get_contents("{$data}.{$part}.{$turn}.json"),
    true,
    512,
    JSON_THROW_ON_ERROR,
);
$all = [];
foreach (range(1, (int) $turns) as $turn) {
    foreach (['core', 'served'] as $part) {
        $was = $read($old, $part, $turn);
        // What only one of them measures has no ratio.
        foreach (array_intersect_key($read($new, $part, $turn), $was) as $name => $ms) {
            $all[$name]['old'][] = (float) $was[$name];
            $all[$name]['new'][] = (float) $ms;
            $all[$name]['ratio'][] = $ms / max(0.01, $was[$name]);
        }
    }
}
$figures = array_map(static fn(array $kinds): array => array_map(static function (array $values): float {
    sort($values);

    return round(($values[intdiv(count($values) - 1, 2)] + $values[intdiv(count($values), 2)]) / 2, 3);
}, $kinds), $all);
$stolen = stolenPercent($before, $after);
if ($format === '--json') {
    $all = ['against' => $commit, 'turns' => (int) $turns, 'stolen_by_host_percent' => $stolen, 'figures' => $figures];
    echo json_encode($all, JSON_PRETTY_PRINT), "\n";
    exit;
}
printf("%-30s %9s %9s   ratio, median of %d turns\n", '', substr($commit, 0, 7), 'now', $turns);
foreach ($figures as $name => ['old' => $was, 'new' => $is, 'ratio' => $ratio]) {
    printf("%-30s %9.1f %9.1f   %.2f\n", $name, $was, $is, $ratio);
}
printf("%-30s %9s %9.1f\n", 'stolen_by_host_percent', '', $stolen);
