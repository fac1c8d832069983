<?php

declare(strict_types=1);

namespace Tests\Core\Render;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Calculator\Examples;
use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Kept;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Render\Redrawing;
use Hawkbrush\Core\Render\Texture;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Technique;
use Hawkbrush\Core\Technique\Techniques;
use Tests\Build;

/** Keeps all of it, and counts what was found again. */
function memory(): Kept
{
    return new class implements Kept {
        /** @var array<string, array<mixed>> */
        public array $all = [];

        public int $found = 0;

        public function get(string $key): ?array
        {
            $this->found += isset($this->all[$key]) ? 1 : 0;

            return $this->all[$key] ?? null;
        }

        public function put(string $key, array $value): void
        {
            // As from elsewhere: no object comes back.
            $this->all[$key] = json_decode((string) json_encode($value, JSON_PRESERVE_ZERO_FRACTION), true, 64, JSON_THROW_ON_ERROR);
        }
    };
}

/** @param list<array<string, mixed>> $steps */
function drawnRecipe(array $steps, float $lengthMm): Recipe
{
    return RecipeReader::read(Node::root(['body' => ['length_mm' => $lengthMm] + Examples::body(), 'paints' => [
        'bone' => ['name' => 'Bone', 'kind' => 'opaque', 'hex' => '#e8e4d8'],
        'moss' => ['name' => 'Moss', 'kind' => 'transparent', 'hex' => '#3f5f2f'],
        'frost' => ['name' => 'Frost', 'kind' => 'pearl', 'hex' => '#d8dce0'],
        'spark' => ['name' => 'Spark', 'kind' => 'fluorescent', 'hex' => '#ff7030'],
    ], 'steps' => $steps]));
}

/**
 * @param list<mixed> $of
 */
function picked(array $of): mixed
{
    return $of[mt_rand(0, \count($of) - 1)];
}

/** @return array<string, mixed> a coat, or now and then a clear that has yellowed */
function anyStep(string $id): array
{
    if (mt_rand(0, 5) === 0) {
        return ['id' => $id, 'type' => 'clear', 'clear' => 'two-part epoxy', 'yellow_percent' => picked([0, 30, 80])];
    }
    $technique = picked(array_values(array_filter(
        Techniques::all(),
        static fn(Technique $t): bool => ! \in_array($t->name(), ['drawn outline', 'glitter', 'foil', 'decal'], true),
    )));
    $numbers = array_filter($technique->settings(), static fn(Parameter $p): bool => $p->choices === [] && $p->outline === '');

    return [
        'id' => $id,
        'type' => 'paint',
        'on' => mt_rand(0, 6) > 0,
        'mix' => [['paint' => picked(['bone', 'moss', 'frost', 'spark']), 'drops' => 1]],
        'technique' => ['name' => $technique->name()] + (mt_rand(0, 1) === 0 ? [] : array_map(
            static fn(Parameter $p): float => $p->min + ($p->max - $p->min) * picked([0.2, 0.4]),
            array_column($numbers, null, 'name'),
        )),
        'where' => ['zone' => picked(['back', 'flank', 'belly', 'shoulder', 'whole', 'muzzle'])]
            + (mt_rand(0, 5) === 0 ? ['side' => 'left'] : []),
        'aim_deg' => picked([null, 30, 75, 120]),
        'width_mm' => picked([null, 8, 20]),
        'slant_deg' => picked([0, 30]),
        'seed' => picked([1, 2]),
        'coats' => picked([1, 2]),
        'weight' => picked(['mist', 'light', 'medium']),
        'thinning_percent' => picked([0, 40]),
        'psi' => picked([10, 25]),
        'set' => ['by' => picked(['air', 'heat', 'wet'])],
    ];
}

it('draws the same from what is kept as anew, whatever is changed', function (): void {
    mt_srand(27);
    $kept = memory();
    $drawing = new Redrawing($kept);
    $steps = array_map(static fn(int $i): array => anyStep("s{$i}"), range(0, 7));
    // Most edits are another figure of a coat. Now and then it is the whole step, two change places, or body, room or picture are others.
    $length = 65;
    $columns = 64;
    $bands = Bands::EveryThird;
    $climate = Climate::ordinary();
    for ($edit = 0; $edit < 90; $edit++) {
        $at = mt_rand(0, 7);
        $new = anyStep($steps[$at]['id']);
        $figures = array_keys($steps[$at]);
        match (true) {
            $edit % 7 === 0 => [$steps[0], $steps[$at]] = [$steps[$at], $steps[0]],
            $edit % 11 === 0 => $length = 155 - $length,
            $edit % 13 === 0 => $columns = 96 - $columns,
            $edit % 17 === 0 => $bands = $bands === Bands::All ? Bands::EveryThird : Bands::All,
            $edit % 19 === 0 => $climate = Climate::of(picked([12.0, 28.0]), 50),
            $edit % 5 === 0, $new['type'] !== $steps[$at]['type'] => $steps[$at] = $new,
            default => $steps[$at] = array_replace($steps[$at], array_intersect_key($new, [picked($figures) => true])),
        };
        $recipe = drawnRecipe($steps, $length);
        $upto = mt_rand(0, 3) === 0 ? "s{$at}" : null;
        $anew = Texture::draw(
            Field::painted($recipe, Surface::of($recipe->body, $columns, 32), $climate, $upto, $bands),
            SurfaceFinish::Clear,
        );
        $again = Texture::draw(
            $drawing->painted($recipe, $drawing->surface($recipe->body, $columns, 32), $climate, $upto, $bands, $steps[$at]['id']),
            SurfaceFinish::Clear,
        );
        expect([$again->palette, $again->glint, $again->away, $again->night, md5($again->cells)])
            ->toBe([$anew->palette, $anew->glint, $anew->away, $anew->night, md5($anew->cells)], "edit {$edit}");
    }
    expect($kept->found)->toBeGreaterThan(300);
});

it('does not take a coat for another that lands elsewhere', function (array $one, array $other): void {
    $drawing = new Redrawing(memory());
    $drawn = array_map(static function (array $figures) use ($drawing): string {
        $coat = Build::paintStep($figures, 'a', 'moss');
        $recipe = drawnRecipe([$coat, ['id' => 'b'] + $coat], 65);
        $surface = $drawing->surface($recipe->body, 64, 32);
        $cells = static fn(Field $field): string => md5(Texture::draw($field, SurfaceFinish::Clear)->cells);
        expect($cells($drawing->painted($recipe, $surface, Climate::ordinary(), null, Bands::EveryThird, 'b')))
            ->toBe($anew = $cells(Field::painted($recipe, $surface, Climate::ordinary(), null, Bands::EveryThird)));

        return $anew;
    }, [$one, $other]);
    expect($drawn[0])->not->toBe($drawn[1]);
})->with(function (): iterable {
    $through = static fn(string $name, array $marks = []): array => ['technique' => ['name' => $name] + $marks];
    $mesh = $through('mesh', ['pitch_mm' => 8]);

    yield 'technique' => [$through('sponge'), $through('mottle')];
    yield 'marks' => [$mesh, $through('mesh', ['pitch_mm' => 4])];
    yield 'drops at another pressure' => [$through('splatter') + ['psi' => 3], $through('splatter') + ['psi' => 30]];
    yield 'seed' => [$through('mottle') + ['seed' => 1], $through('mottle') + ['seed' => 2]];
    yield 'place' => [['where' => ['zone' => 'back']], ['where' => ['zone' => 'belly']]];
    yield 'side' => [['where' => ['zone' => 'back', 'side' => 'left']], ['where' => ['zone' => 'back', 'side' => 'right']]];
    yield 'aim' => [['aim_deg' => 20], ['aim_deg' => 100]];
    yield 'width' => [['width_mm' => 6], ['width_mm' => 20]];
    yield 'slant' => [$mesh + ['slant_deg' => 40], $mesh + ['slant_deg' => -40]];
});
