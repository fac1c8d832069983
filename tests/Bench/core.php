<?php

declare(strict_types=1);

// Measures the core: medians over many repeats on whatever else the machine is doing. Prints JSON.

use Database\Seeders\DemoBodies;
use Database\Seeders\DemoPatterns;
use Database\Seeders\DemoStores;
use Hawkbrush\Core\Advice\Advisor;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Scaling;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Render\Pixels;
use Hawkbrush\Core\Render\Texture;

require __DIR__.'/tools.php';

/** @return array<string, mixed> a recipe document of the demo's paints on one of its bodies */
function documentOf(array $steps, string $body): array
{
    return [
        'steps' => array_map(static fn(array $s, int $i): array => ['id' => 'b'.$i] + $s, $steps, array_keys($steps)),
        'body' => DemoBodies::all()[$body][0],
        'paints' => array_map(
            static fn(array $p): array => ['name' => $p[0], 'kind' => $p[1], 'hex' => $p[2], 'seen' => 'clear', 'solids' => $p[3]],
            DemoStores::paints(),
        ),
    ];
}

$patterns = array_column(DemoPatterns::all(), null, 'species');
// A recipe of 20 steps as one is painted: the demo's roach with second shades from close up, cheek, belly mist and line.
$roach = $patterns['roach']['steps'];
array_splice($roach, 11, 0, [
    coat('sepia', 'spray', ['zone' => 'shoulder'], ['aim_deg' => 35, 'width_mm' => 7]),
    coat('moss', 'spray', ['zone' => 'back'], ['aim_deg' => 0, 'width_mm' => 8]),
    coat(
        'red',
        'spot',
        ['zone' => 'whole'],
        ['technique' => ['name' => 'spot', 'u' => 0.19, 'deg' => 105, 'diameter_mm' => 5, 'soft' => 1]],
    ),
    coat('silverpearl', 'spray', ['zone' => 'belly'], ['aim_deg' => 180, 'width_mm' => 14]),
    coat('grey', 'line', ['zone' => 'whole'], []),
    ['type' => 'wait', 'minutes' => 20],
    ['type' => 'inspect', 'task' => 'Look from underneath'],
]);
$recipe = RecipeReader::read(Node::root(documentOf($roach, 'plover65')));
assert(count($recipe->steps) === 20);
// And the hardest: two patterns one over the other, 17 coats with five masks.
$hard = $patterns['zander']['steps'];
array_splice($hard, 9, 0, array_slice($patterns['roach']['steps'], 2, 9));
$hardest = RecipeReader::read(Node::root(documentOf($hard, 'linnet110')));

$climate = Climate::ordinary();
$surface = Surface::of($recipe->body);
$figures = ['surface_ms' => at(timed(15, static fn() => Surface::of($recipe->body)), 0.5)];
$figures['render_full_ms'] = at(
    timed(25, static fn() => Texture::draw(Field::painted($recipe, $surface, $climate, null, Bands::EveryThird), SurfaceFinish::Clear)),
    0.5,
);
$demo = array_map(static function (array $pattern): array {
    $read = RecipeReader::read(Node::root(documentOf($pattern['steps'], $pattern['body'])));

    return [$read, Surface::of($read->body)];
}, DemoPatterns::all());
$figures['render_demo_pattern_ms'] = at(timed(30, static function (int $i = 0) use ($demo, $climate): void {
    [$read, $form] = $demo[$i % count($demo)];
    Texture::draw(Field::painted($read, $form, $climate, null, Bands::EveryThird), SurfaceFinish::Clear);
}), 0.5);
$slim = Surface::of($hardest->body);
$figures['render_hardest_ms'] = at(
    timed(9, static fn() => Texture::draw(Field::painted($hardest, $slim, $climate, null, Bands::EveryThird), SurfaceFinish::Clear)),
    0.5,
);
$coats = $recipe->coats();
$last = $coats[count($coats) - 1];
$before = Field::bare($surface, Bands::EveryThird);
foreach (array_slice($coats, 0, -1) as $earlier) {
    $before = $before->with($earlier, $climate);
}
$pixels = new Pixels(SurfaceFinish::Clear, Bands::EveryThird);
$figures['render_last_step_ms'] = at(
    timed(25, static fn() => Texture::draw($before->with($last, $climate), SurfaceFinish::Clear, $pixels)),
    0.5,
);
foreach (['render_all_techniques_ms' => false, 'render_all_over_ms' => true] as $name => $spread) {
    $every = RecipeReader::read(Node::root(documentOf(everyTechnique('sepia', $spread), 'plover65')));
    $figures[$name] = at(
        timed(15, static fn() => Texture::draw(Field::painted($every, $surface, $climate, null, Bands::EveryThird), SurfaceFinish::Clear)),
        0.5,
    );
}
$figures['fit_to_body_ms'] = at(timed(9, static function () use ($recipe, $hardest, $climate): void {
    $fitted = Scaling::fit($recipe, $hardest->body);
    Texture::draw(Field::painted($fitted, Surface::of($fitted->body), $climate, null, Bands::EveryThird), SurfaceFinish::Clear);
}), 0.5);
$figures['advise_ms'] = at(timed(10, static fn() => Advisor::advise($recipe, $climate)), 0.5);

echo json_encode($figures, JSON_THROW_ON_ERROR), "\n";
