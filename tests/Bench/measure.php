<?php

declare(strict_types=1);

// The measurements of bin/bench. Medians over many repeats on whatever else the machine is doing.

use App\Actions\SavePattern;
use Database\Seeders\DemoBodies;
use Database\Seeders\DemoPatterns;
use Database\Seeders\DemoStores;
use Hawkbrush\Core\Advice\Advisor;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Drying\Room;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Film\Look;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Scaling;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Render\Pixels;
use Hawkbrush\Core\Render\Texture;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Techniques;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../../vendor/autoload.php';

[, $api, $format] = [...$argv, '', ''];
[$stolenBefore, $allBefore] = ticks();

/** @return list<float> sorted milliseconds */
function timed(int $times, callable $work): array
{
    $work();
    $ms = [];
    for ($i = 0; $i < $times; $i++) {
        $start = hrtime(true);
        $work($i);
        $ms[] = (hrtime(true) - $start) / 1e6;
    }
    sort($ms);

    return $ms;
}

/** @param list<float> $sorted */
function at(array $sorted, float $share): float
{
    return round($sorted[(int) floor((count($sorted) - 1) * $share)], 1);
}

function call(string $method, string $url, ?array $body = null): array
{
    $context = stream_context_create(['http' => [
        'method' => $method, 'header' => "Content-Type: application/json\r\nX-Hawkbrush: 1\r\n", 'content' => $body === null ? '' : (string) json_encode($body), 'ignore_errors' => true,
    ]]);

    return json_decode((string) file_get_contents($url, false, $context), true, 512, JSON_THROW_ON_ERROR);
}

/** @return array{float, float} ticks of all processors so far: those the host gave to others, and all (proc(5)); nothing where it is not told */
function ticks(): array
{
    preg_match('/^cpu +([\d ]+)/', (string) @file_get_contents('/proc/stat'), $found);
    $ticks = array_map(floatval(...), explode(' ', $found[1] ?? '0'));

    return [$ticks[7] ?? 0.0, array_sum(array_slice($ticks, 0, 8))];
}

/** @return array<string, mixed> a recipe document of the demo's paints on one of its bodies */
function documentOf(array $steps, string $body): array
{
    return [
        'steps' => array_map(static fn(array $s, int $i): array => ['id' => 'b'.$i] + $s, $steps, array_keys($steps)),
        'body' => DemoBodies::all()[$body][0],
        'paints' => array_map(static fn(array $p): array => ['name' => $p[0], 'kind' => $p[1], 'hex' => $p[2], 'seen' => 'clear', 'solids' => $p[3]], DemoStores::paints()),
    ];
}

$patterns = array_column(DemoPatterns::all(), null, 'species');
$coat = static fn(string $paint, string $technique, array $where, array $more): array => $more + [
    'type' => 'paint', 'mix' => [['paint' => $paint, 'drops' => 1]], 'technique' => ['name' => $technique], 'where' => $where, 'weight' => 'light', 'thinning_percent' => 40, 'coats' => 2,
];
// A recipe of 20 steps as one is painted: the demo's roach with second shades from close up, cheek, belly mist and line.
$roach = $patterns['roach']['steps'];
array_splice($roach, 11, 0, [
    $coat('sepia', 'spray', ['zone' => 'shoulder'], ['aim_deg' => 35, 'width_mm' => 7]),
    $coat('moss', 'spray', ['zone' => 'back'], ['aim_deg' => 0, 'width_mm' => 8]),
    $coat('red', 'spot', ['zone' => 'whole'], ['technique' => ['name' => 'spot', 'u' => 0.19, 'deg' => 105, 'diameter_mm' => 5, 'soft' => 1]]),
    $coat('silverpearl', 'spray', ['zone' => 'belly'], ['aim_deg' => 180, 'width_mm' => 14]),
    $coat('grey', 'line', ['zone' => 'whole'], []),
    ['type' => 'wait', 'minutes' => 20],
    ['type' => 'inspect', 'task' => 'Look from underneath'],
]);
$recipe = RecipeReader::read(Node::root(documentOf($roach, 'plover65')));
assert(count($recipe->steps) === 20);
// And the hardest: two patterns one over the other, 17 coats with five masks.
$hard = $patterns['zander']['steps'];
array_splice($hard, 9, 0, array_slice($patterns['roach']['steps'], 2, 9));
$hardest = RecipeReader::read(Node::root(documentOf($hard, 'linnet110')));

$room = Room::ordinary();
$surface = Surface::of($recipe->body);
$figures = ['surface_ms' => at(timed(15, static fn() => Surface::of($recipe->body)), 0.5)];
$figures['render_full_ms'] = at(timed(25, static fn() => Texture::of(Field::of($recipe, $surface, $room, null, Bands::EveryThird), Look::Clear)), 0.5);
$demo = array_map(static function (array $pattern): array {
    $read = RecipeReader::read(Node::root(documentOf($pattern['steps'], $pattern['body'])));

    return [$read, Surface::of($read->body)];
}, DemoPatterns::all());
$figures['render_demo_pattern_ms'] = at(timed(30, static function (int $i = 0) use ($demo, $room): void {
    [$read, $form] = $demo[$i % count($demo)];
    Texture::of(Field::of($read, $form, $room, null, Bands::EveryThird), Look::Clear);
}), 0.5);
$slim = Surface::of($hardest->body);
$figures['render_hardest_ms'] = at(timed(9, static fn() => Texture::of(Field::of($hardest, $slim, $room, null, Bands::EveryThird), Look::Clear)), 0.5);
$coats = $recipe->coats();
$last = $coats[count($coats) - 1];
$before = Field::bare($surface, Bands::EveryThird);
foreach (array_slice($coats, 0, -1) as $earlier) {
    $before = $before->with($earlier, $room);
}
$pixels = new Pixels(Look::Clear, Bands::EveryThird);
$figures['render_last_step_ms'] = at(timed(25, static fn() => Texture::of($before->with($last, $room), Look::Clear, $pixels)), 0.5);
// Every technique once, twenty steps: each where painters use it; and, the most that masks can ask for, each over all of
// the body.
$used = ['mottle' => 'back', 'splatter' => 'back', 'sponge' => 'shoulder', 'brush' => 'belly', 'dry brush' => 'back', 'mesh' => 'flank', 'bars' => 'flank', 'scallops' => 'flank', 'dots' => 'flank', 'glitter' => 'flank', 'tape' => 'shoulder'];
foreach (['render_all_techniques_ms' => $used, 'render_all_over_ms' => []] as $name => $places) {
    $every = RecipeReader::read(Node::root(documentOf(array_map(static fn(Technique $t): array => $coat('sepia', $t->name(), ['zone' => $places[$t->name()] ?? 'whole'], ['coats' => 1, 'aim_deg' => 75]), Techniques::all()), 'plover65')));
    $figures[$name] = at(timed(9, static fn() => Texture::of(Field::of($every, $surface, $room, null, Bands::EveryThird), Look::Clear)), 0.5);
}
$figures['fit_to_body_ms'] = at(timed(9, static function () use ($recipe, $hardest, $room): void {
    $fitted = Scaling::fit($recipe, $hardest->body);
    Texture::of(Field::of($fitted, Surface::of($fitted->body), $room, null, Bands::EveryThird), Look::Clear);
}), 0.5);
$figures['advise_ms'] = at(timed(10, static fn() => Advisor::advise($recipe, $room)), 0.5);

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
$rudd = $edits(call('GET', "{$api}/versions/{$pattern['version']['id']}"), 3, 40);
$figures['edit_to_stage_ms'] = at($rudd, 0.5);
$figures['edit_to_stage_p95_ms'] = at($rudd, 0.95);
// And the same on a pattern of every technique.
$body = array_values(array_filter(call('GET', "{$api}/bodies")['bodies'], static fn(array $b): bool => $b['name'] === 'Plover 65'))[0];
$sepia = array_values(array_filter(call('GET', "{$api}/paints")['paints'], static fn(array $p): bool => $p['name'] === 'Peat brown'))[0];
$version = call('POST', "{$api}/patterns", ['name' => 'Every technique', 'species' => 'none', 'body_id' => $body['id']])['version'];
foreach (Techniques::all() as $technique) {
    $step = $coat($sepia['id'], $technique->name(), ['zone' => $used[$technique->name()] ?? 'whole'], ['coats' => 1, 'aim_deg' => 75]);
    $version = call('POST', "{$api}/versions/{$version['id']}/edits", ['revision' => $version['revision'], 'change' => ['op' => 'add', 'step' => $step]])['version'];
}
$every = $edits($version, count($version['steps']) - count(Techniques::all()), 40);
$figures['edit_every_technique_ms'] = at($every, 0.5);
$figures['edit_every_technique_p95_ms'] = at($every, 0.95);

// Sixty paints of all kinds, and a search of mixes for one colour after the other.
$kinds = ['opaque', 'opaque', 'semi-opaque', 'transparent', 'pearl', 'ink'];
mt_srand(60);
for ($i = count(call('GET', "{$api}/paints")['paints']); $i < 60; $i++) {
    call('POST', "{$api}/paints", ['name' => "Bottle {$i}", 'kind' => $kinds[$i % 6], 'hex' => sprintf('#%02x%02x%02x', mt_rand(15, 245), mt_rand(15, 245), mt_rand(15, 245))]);
}
$wanted = ['#8a7b3c', '#5d6f7a', '#b06a4a', '#3f5a3c', '#c9b27a', '#7a3f52', '#808080', '#4a6a8a'];
$figures['mix_search_ms'] = at(timed(8, static function (int $i = 0) use ($api, $wanted): void {
    call('POST', "{$api}/mixes/search", ['target' => ['hex' => $wanted[$i % 8]], 'coats' => 3]);
}), 0.5);
$moss = array_values(array_filter(call('GET', "{$api}/paints")['paints'], static fn(array $p): bool => $p['name'] === 'Moss'))[0];
$figures['substitute_ms'] = at(timed(5, static fn() => call('POST', "{$api}/paints/{$moss['id']}/replacements", ['in_stock' => true])), 0.5);
$figures['drawdown_ms'] = at(timed(20, static fn() => call('POST', "{$api}/paints/{$moss['id']}/drawdown", [
    'revision' => $moss['revision'], 'white' => ['hex' => '#f2f2f0'], 'black' => ['hex' => '#3c3c3c'], 'over_white' => ['hex' => '#7d8f6c'], 'over_black' => ['hex' => '#3d4139'], 'dry_um' => 6,
])), 0.5);

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
foreach (glob($build.'assets/*-latin-w*.woff2') ?: [] as $font) {
    $bytes += (int) filesize($font);
}
$figures['first_screen_gzip_kb'] = round($bytes / 1000, 1);
// On a shared machine times tell little without it.
[$stolen, $all] = ticks();
$figures['stolen_by_host_percent'] = round(100 * ($stolen - $stolenBefore) / max(1.0, $all - $allBefore), 1);

if ($format === '--json') {
    echo json_encode($figures, JSON_PRETTY_PRINT), "\n";
} else {
    $reach = ['render_full_ms' => 40, 'render_last_step_ms' => 10, 'edit_to_stage_p95_ms' => 100, 'edit_every_technique_p95_ms' => 100, 'patterns_list_ms' => 100, 'first_screen_gzip_kb' => 300, 'mix_search_ms' => 1000];
    foreach ($figures as $name => $value) {
        printf("%-28s %8.1f%s\n", $name, $value, isset($reach[$name]) ? "   (reach {$reach[$name]})" : '');
    }
}
