<?php

declare(strict_types=1);

namespace Tests\Core\Render;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Colour\Srgb;
use Hawkbrush\Core\Colour\Xyz;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Exchange\RecipeWriter;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Render\CoreSample;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Render\Pixels;
use Hawkbrush\Core\Render\Texture;
use Tests\Build;

/** @param callable(array<string, mixed>): array<string, mixed>|null $change */
function exampleField(Recipe $recipe, ?string $upto = null): Field
{
    return Field::painted($recipe, Surface::of($recipe->body, 64, 32), Climate::ordinary(), $upto);
}

it('gives every cell the film it would have alone', function (): void {
    $recipe = Build::example();
    $field = exampleField($recipe);
    $coats = $recipe->coats();
    $covers = array_map(static fn(Coat $s): Coverage => Coverage::land($s, $field->surface), $coats);
    foreach (range(0, 64 * 16 - 1, 37) as $cell) {
        $alone = FilmState::ground($recipe->body->ground->values);
        foreach ($coats as $i => $step) {
            $share = Coverage::stepped($covers[$i]->left[$cell] ?? 0.0);
            if ($share > 0) {
                $alone = $alone->under(Film::of($step->optics(), $step->dryUm() * $share));
            }
        }
        foreach ($field->states[$field->left[$cell]]->r as $band => $r) {
            expect($r)->toEqualWithDelta($alone->r[$band], 5e-4);
        }
    }
});

it('builds up step by step to the same field', function (): void {
    $recipe = Build::example();
    $stepwise = Field::bare(Surface::of($recipe->body, 64, 32));
    foreach ($recipe->coats() as $step) {
        $stepwise = $stepwise->with($step, Climate::ordinary());
    }
    expect(Texture::draw($stepwise, SurfaceFinish::Clear))->toEqual(Texture::draw(exampleField($recipe), SurfaceFinish::Clear));
});

it('stops after the step that was asked for, and passes over what is switched off', function (): void {
    $all = Build::example();
    $off = Build::example(static function (array $d): array {
        $d['steps'][1]['on'] = false;

        return $d;
    });
    expect(Texture::draw(
        exampleField($all, 'base'),
        SurfaceFinish::Clear,
    ))->toEqual(Texture::draw(exampleField($off), SurfaceFinish::Clear))
        ->and(Texture::draw(
            exampleField($all),
            SurfaceFinish::Clear,
        ))->not->toEqual(Texture::draw(exampleField($off), SurfaceFinish::Clear));
});

it('mirrors the sides row by row, ridge to ridge', function (): void {
    $texture = Texture::draw(exampleField(Build::example()), SurfaceFinish::Matte);
    $rows = str_split($texture->cells, $texture->width * 2);
    expect($rows)->toHaveCount($texture->height);
    foreach (range(0, $texture->height / 2 - 1) as $row) {
        expect($rows[$row])->toBe($rows[$texture->height - 1 - $row]);
    }
});

it('numbers its cells within its palette', function (): void {
    $texture = Texture::draw(exampleField(Build::example()), SurfaceFinish::Clear);
    expect(max(unpack('v*', $texture->cells)))->toBeLessThan(\count($texture->palette))
        ->and(\count($texture->glint))->toBe(\count($texture->palette));
});

it('shines differently where there is pearl, and only there', function (): void {
    $pearl = Build::example(static function (array $d): array {
        $d['paints']['moss']['kind'] = 'pearl';

        return $d;
    });
    $plain = Texture::draw(exampleField(Build::example()), SurfaceFinish::Clear);
    $shiny = Texture::draw(exampleField($pearl), SurfaceFinish::Clear);
    expect($plain->glint)->toBe($plain->palette)->and($shiny->glint)->not->toBe($shiny->palette);
});

it('runs a wet coat into the next', function (): void {
    $wet = static fn(string $by): callable => static function (array $d) use ($by): array {
        $d['steps'][0]['set'] = ['by' => $by];

        return $d;
    };
    expect(Texture::draw(exampleField(Build::example($wet('wet'))), SurfaceFinish::Clear)->palette)->not->toBe(Texture::draw(
        exampleField(Build::example($wet('heat'))),
        SurfaceFinish::Clear,
    )->palette);
});

it('draws an empty recipe as the bare body, and paints without solids as nothing', function (): void {
    $empty = Build::example(static fn(array $d): array => ['steps' => []] + $d);
    $thin = Build::example(static function (array $d): array {
        $d['paints']['moss']['solids'] = 0;

        return $d;
    });
    expect(Texture::draw(exampleField($empty), SurfaceFinish::Clear)->palette)->toHaveCount(1)
        ->and(Texture::draw(exampleField($thin), SurfaceFinish::Clear))->toEqual(Texture::draw(
            exampleField($thin, 'base'),
            SurfaceFinish::Clear,
        ));
});

it('is the same bait after it was written out and read in again', function (): void {
    $recipe = Build::example();
    $again = RecipeReader::read(Node::fromJson((string) json_encode(RecipeWriter::write($recipe))));
    expect(Texture::draw(exampleField($again), SurfaceFinish::Clear))->toEqual(Texture::draw(exampleField($recipe), SurfaceFinish::Clear));
});

it('cuts the film through at a point, and says why it looks so', function (): void {
    $recipe = Build::example(static function (array $d): array {
        $d['steps'][1]['technique'] = ['name' => 'spray'];

        return $d;
    });
    $core = CoreSample::at($recipe, Surface::of($recipe->body, 64, 32), Climate::ordinary(), SurfaceFinish::Clear, 0.5, 10);
    expect($core->coats)->toHaveCount(2)
        ->and($core->coats[0]->dryUm)->toEqualWithDelta(2 * 28 * 0.35, 1e-9)
        ->and($core->coats[0]->passes + $core->coats[0]->returns)->toBeLessThanOrEqual(1.0)
        ->and($core->cause)->toContain('the moss');
    $belly = CoreSample::at($recipe, Surface::of($recipe->body, 64, 32), Climate::ordinary(), SurfaceFinish::Clear, 0.5, 175);
    expect($belly->coats)->toHaveCount(1)->and($belly->cause)->toContain('Only white lies here');
    $bare = CoreSample::at(
        Build::example(static fn(array $d): array => ['steps' => []] + $d),
        Surface::of($recipe->body, 64, 32),
        Climate::ordinary(),
        SurfaceFinish::Clear,
        0.5,
        90,
    );
    expect($bare->cause)->toContain('bare body');
});

it('draws from a part of the bands what all bands give', function (Bands $bands): void {
    $recipe = Build::example(static function (array $d): array {
        $d['paints']['moss']['kind'] = 'fluorescent';
        $d['paints']['white']['kind'] = 'pearl';
        $d['steps'][0]['set'] = ['by' => 'wet'];

        return $d;
    });
    $surface = Surface::of($recipe->body, 64, 32);
    $all = Field::painted($recipe, $surface, Climate::ordinary());
    $some = Field::painted($recipe, $surface, Climate::ordinary(), null, $bands);
    foreach (range(0, 64 * 16 - 1, 37) as $cell) {
        [$full, $quick] = [$all->states[$all->left[$cell]], $some->states[$some->left[$cell]]];
        expect(DeltaE2000::between(
            Lab::fromXyz(Observer::xyz($quick->r, $bands)),
            Lab::fromXyz(Observer::xyz($full->r)),
        ))->toBeLessThan(0.3)
            ->and($quick->glint[1])->toEqualWithDelta($full->glint[1], 1e-3);
    }
})->with([Bands::EverySecond, Bands::EveryThird]);

it('draws one more coat with what an earlier picture worked out as it would without', function (): void {
    $recipe = Build::example();
    $surface = Surface::of($recipe->body, 64, 32);
    [$base, $moss] = $recipe->coats();
    $before = Field::bare($surface)->with($base, Climate::ordinary());
    $pixels = new Pixels(SurfaceFinish::Clear, Bands::All);
    $first = Texture::draw($before, SurfaceFinish::Clear, $pixels);
    $after = $before->with($moss, Climate::ordinary());
    expect(Texture::draw($after, SurfaceFinish::Clear, $pixels))->toEqual(Texture::draw($after, SurfaceFinish::Clear))
        // Another field's states have the same numbers: they must not be taken for these.
        ->and(Texture::draw(
            exampleField($recipe),
            SurfaceFinish::Clear,
            $pixels,
        ))->toEqual(Texture::draw(exampleField($recipe), SurfaceFinish::Clear))
        ->and($first)->toEqual(Texture::draw($before, SurfaceFinish::Clear));
});

it('turns states into the same colours of the screen as one by one', function (SurfaceFinish $finish, string $kind): void {
    $pixels = new Pixels($finish, Bands::All);
    $recipe = Build::example(static function (array $d) use ($kind): array {
        $d['paints']['moss']['kind'] = $kind;

        return $d;
    });
    foreach (\array_slice(exampleField($recipe)->states, 0, 40) as $number => $state) {
        $seen = $finish->seen($state->r, $state->glow);
        $xyz = Observer::xyz($seen);
        $g = $state->glint ?? [0.0, 0.0, 0.0];
        $shine = new Xyz($xyz->x + 100 * $g[0], $xyz->y + 100 * $g[1], $xyz->z + 100 * $g[2]);
        [$flat, $glint] = str_split(\sprintf('#%06x#%06x', $pixels->of($number, $state) >> 24, $pixels->of($number, $state) & 0xFFFFFF), 7);
        foreach ([[$flat, $xyz], [$glint, $shine]] as [$hex, $light]) {
            $one = Srgb::fromXyz($light)->hex();
            foreach (str_split(substr($one, 1), 2) as $i => $channel) {
                expect(abs(hexdec($channel) - hexdec(substr($hex, 1 + 2 * $i, 2))))->toBeLessThanOrEqual(1);
            }
        }
    }
})->with([SurfaceFinish::Matte, SurfaceFinish::Clear])->with(['transparent', 'pearl', 'fluorescent']);
