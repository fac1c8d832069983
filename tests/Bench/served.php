<?php

declare(strict_types=1);

// Measures the answers of a server of the demo. Prints JSON. The address of its API is the argument.

use App\Actions\Patterns\SavePattern;
use Hawkbrush\Core\Node;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Tests\Build;

require __DIR__.'/tools.php';

$api = $argv[1];
$figures = [];

// The round trip of an edit with the picture in its answer, each edit another figure so that no picture is kept already.
$edits = static function (array $version, int $changed, int $times) use ($api): array {
    $step = $version['steps'][$changed]['document']['id'];
    $upto = $version['steps'][count($version['steps']) - 1]['document']['id'];

    return timed($times, static function (int $i = -1) use ($api, &$version, $step, $upto): void {
        $version = call('POST', "{$api}/versions/{$version['id']}/edits", [
            'revision' => $version['revision'], 'show' => ['upto' => $upto, 'look' => 'clear'],
            'change' => ['op' => 'change', 'step' => $step, 'set' => ['width_mm' => 20 + $i * 0.37]],
        ])['version'];
    });
};
$pattern = array_values(array_filter(call('GET', "{$api}/patterns")['patterns'], static fn(array $p): bool => $p['species'] === 'rudd'))[0];
$rudd = $edits(call('GET', "{$api}/versions/{$pattern['version']['id']}"), 4, 40);
$figures['edit_to_stage_ms'] = at($rudd, 0.5);
$figures['edit_to_stage_p95_ms'] = at($rudd, 0.95);
// A handle pulled over the flank: each place another picture, none of them kept.
$pulled = call('GET', "{$api}/versions/{$pattern['version']['id']}");
$held = $pulled['steps'][4]['document']['id'];
$drag = timed(60, static fn(int $i = -1) => call('POST', "{$api}/versions/{$pulled['id']}/try", [
    'step' => $held,
    'change' => ['op' => 'handle', 'step' => $held, 'handle' => 'place rear', 'to' => ['u' => 0.5 + 0.006 * $i, 'deg' => 60]],
    'show' => ['upto' => $pulled['steps'][count($pulled['steps']) - 1]['document']['id'], 'look' => 'clear'],
]));
$figures['drag_to_picture_ms'] = at($drag, 0.5);
$figures['drag_to_picture_p95_ms'] = at($drag, 0.95);
// And the same on a pattern of every technique.
$body = array_values(array_filter(call('GET', "{$api}/bodies")['bodies'], static fn(array $b): bool => $b['name'] === 'Plover 65'))[0];
$sepia = array_values(array_filter(call('GET', "{$api}/paints")['paints'], static fn(array $p): bool => $p['name'] === 'Peat brown'))[0];
$version = call('POST', "{$api}/patterns", ['name' => 'Every technique', 'species' => 'none', 'body_id' => $body['id']])['version'];
$steps = everyTechnique($sepia['id']);
foreach ($steps as $step) {
    $version = call(
        'POST',
        "{$api}/versions/{$version['id']}/edits",
        ['revision' => $version['revision'], 'change' => ['op' => 'add', 'step' => $step]],
    )['version'];
}
$every = $edits($version, count($version['steps']) - count($steps), 40);
$figures['edit_every_technique_ms'] = at($every, 0.5);
$figures['edit_every_technique_p95_ms'] = at($every, 0.95);

// Sixty paints of all kinds, and a search of mixes for one colour after the other.
$kinds = ['opaque', 'opaque', 'semi-opaque', 'transparent', 'pearl', 'ink'];
mt_srand(60);
for ($i = count(call('GET', "{$api}/paints")['paints']); $i < 60; $i++) {
    call(
        'POST',
        "{$api}/paints",
        [
            'name' => "Bottle {$i}",
            'kind' => $kinds[$i % 6],
            'hex' => sprintf('#%02x%02x%02x', mt_rand(15, 245), mt_rand(15, 245), mt_rand(15, 245)),
        ],
    );
}
$wanted = ['#8a7b3c', '#5d6f7a', '#b06a4a', '#3f5a3c', '#c9b27a', '#7a3f52', '#808080', '#4a6a8a'];
// And as many that such a rack hardly comes near.
$strong = ['#e8311f', '#1fb04e', '#1c3fd0', '#f2d21b', '#d31b9a', '#12b7c9', '#f4f4ee', '#101418'];
$search = static function (array $colours) use ($api): array {
    return timed(count($colours), static function (int $i = 0) use ($api, $colours): void {
        call('POST', "{$api}/mixes/search", ['target' => ['hex' => $colours[$i]], 'coats' => 3]);
    });
};
$dull = $search($wanted);
$figures['mix_search_ms'] = at($dull, 0.5);
$figures['mix_search_longest_ms'] = round(max([...$dull, ...$search($strong)]), 1);
$moss = array_values(array_filter(call('GET', "{$api}/paints")['paints'], static fn(array $p): bool => $p['name'] === 'Moss'))[0];
$figures['substitute_ms'] = at(
    timed(5, static fn() => call('POST', "{$api}/paints/{$moss['id']}/replacements", ['in_stock' => true])),
    0.5,
);
$figures['drawdown_ms'] = at(timed(20, static fn() => call('POST', "{$api}/paints/{$moss['id']}/drawdown", [
    'revision' => $moss['revision'],
    'white' => ['hex' => '#f2f2f0'],
    'black' => ['hex' => '#3c3c3c'],
    'over_white' => ['hex' => '#7d8f6c'],
    'over_black' => ['hex' => '#3d4139'],
    'dry_um' => 6,
])), 0.5);

// What each further coat changes, step after step of the rudd.
$coats = array_values(array_filter($pulled['steps'], static fn(array $step): bool => $step['document']['type'] === 'paint'));
$passes = timed(3 * count($coats), static function (int $i = 0) use ($api, $pulled, $coats): void {
    call('GET', "{$api}/versions/{$pulled['id']}/steps/{$coats[max(0, $i) % count($coats)]['document']['id']}/passes");
});
$figures['passes_ms'] = at($passes, 0.5);
// Air and thinning of all coats of a pattern; a plan for four baits; the better order of ladders of twenty steps.
$figures['pressure_ms'] = at(timed(25, static fn() => call('GET', "{$api}/versions/{$pattern['version']['id']}/air")), 0.5);
$figures['plan_run_ms'] = at(timed(25, static fn() => call('POST', "{$api}/runs/plan", [
    'version_id' => $pattern['version']['id'], 'baits' => 4, 'air_c' => 21, 'humidity_percent' => 50,
])), 0.5);
$ladders = array_map(static fn(int $seed): string => call('POST', "{$api}/patterns/import", [
    'format' => 'hawkbrush.recipe/1', 'name' => "Ladder {$seed}", ...Build::ladder($seed, 20),
])['version']['id'], range(5, 11));
$orders = timed(count($ladders), static fn(int $i = 0) => call('GET', "{$api}/versions/{$ladders[$i]}/order"));
$figures['order_ms'] = at($orders, 0.5);
$figures['order_longest_ms'] = at($orders, 1.0);

$masks = implode(',', array_column(call('GET', "{$api}/masks")['masks'], 'id'));
$figures['mask_sheet_ms'] = at(timed(7, static fn() => file_get_contents("{$api}/masks/sheet.pdf?pair=1&ids={$masks}")), 0.5);

$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$bodies = call('GET', "{$api}/bodies")['bodies'];
DB::transaction(static function () use ($app, $bodies): void {
    $save = $app->make(SavePattern::class);
    for ($i = DB::table('patterns')->count(); $i < 500; $i++) {
        $save->fromForm(Node::root(['name' => "Sketch {$i}", 'species' => 'bleak', 'body_id' => $bodies[$i % count($bodies)]['id']]));
    }
});
$figures['patterns_list_ms'] = at(timed(25, static fn() => call('GET', "{$api}/patterns")), 0.5);

// What the first screen, the shelf, loads before its baits: page, scripts, styles and the fonts it uses.
$build = __DIR__.'/../../public/build/';
$manifest = json_decode((string) file_get_contents($build.'manifest.json'), true, 512, JSON_THROW_ON_ERROR);
$files = [];
$collect = static function (string $key) use (&$collect, &$files, $manifest): void {
    $entry = $manifest[$key];
    foreach ([$entry['file'], ...$entry['css'] ?? []] as $file) {
        $files[$file] = true;
    }
    foreach ($entry['imports'] ?? [] as $import) {
        if (! isset($files[$manifest[$import]['file']])) {
            $collect($import);
        }
    }
};
$collect('resources/js/main.tsx');
$collect('resources/js/patterns/Shelf.tsx');
$bytes = 0;
foreach (array_keys($files) as $file) {
    $bytes += strlen((string) gzencode((string) file_get_contents($build.$file), 9));
}
foreach (glob($build.'assets/{display,text}-*.woff2', GLOB_BRACE) ?: [] as $font) {
    $bytes += (int) filesize($font);
}
$figures['first_screen_gzip_kb'] = round($bytes / 1000, 1);

echo json_encode($figures, JSON_THROW_ON_ERROR), "\n";
