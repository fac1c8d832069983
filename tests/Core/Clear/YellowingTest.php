<?php

declare(strict_types=1);

namespace Tests\Core\Clear;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Render\CoreSample;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Render\Texture;
use Tests\Build;

/** A white bait under a clear that has yellowed so far. */
function yellowed(float $percent, string $clear = 'two-part epoxy', int $coats = 1): Recipe
{
    return Build::recipe(
        Build::paintStep(['coats' => 4, 'weight' => 'heavy'], 'base', 'white'),
        ['id' => 'clear', 'type' => 'clear', 'clear' => $clear, 'coats' => $coats, 'yellow_percent' => $percent],
    );
}

function flankUnder(Recipe $recipe): Lab
{
    $surface = Surface::of($recipe->body, 64, 32);
    $field = Field::painted($recipe, $surface, Climate::ordinary());

    return $field->states[$field->left[$surface->cellAt(0.5, 90)]]->colour(SurfaceFinish::Clear)->lab;
}

it('changes nothing but the gloss while it is water-clear', function (): void {
    $with = flankUnder(yellowed(0));
    expect($with)->toEqual(flankUnder(Build::recipe(Build::paintStep(['coats' => 4, 'weight' => 'heavy'], 'base', 'white'))));
});

it('shifts white to yellow, the more the further it has gone and the thicker it lies', function (): void {
    $b = static fn(float $percent, string $clear = 'two-part epoxy', int $coats = 1): float
        => flankUnder(yellowed($percent, $clear, $coats))->b;
    expect($b(20))->toBeGreaterThan($b(0) + 1)->and($b(60))->toBeGreaterThan($b(20))
        ->and($b(60, coats: 2))->toBeGreaterThan($b(60))
        ->and($b(60, 'acrylic spray'))->toBeLessThan($b(60));
});

it('is the same on the Stage as in a core, and is seen in a picture', function (): void {
    $recipe = yellowed(70);
    $core = CoreSample::at($recipe, Surface::of($recipe->body, 64, 32), Climate::ordinary(), SurfaceFinish::Clear, 0.5, 90);
    $last = $core->coats[\count($core->coats) - 1];
    expect(DeltaE2000::between($last->after->lab, flankUnder($recipe)))->toBeLessThan(0.01)
        ->and($last->stepId)->toBe('clear')->and($last->dryUm)->toBe(210.0);
    // And in the bands that a picture is drawn in.
    $drawn = static fn(float $percent): string => json_encode(Texture::draw(
        Field::painted(yellowed($percent), Surface::of($recipe->body, 32, 16), Climate::ordinary(), null, Bands::EveryThird),
        SurfaceFinish::Clear,
    )) ?: '';
    expect($drawn(70))->not->toBe($drawn(0));
});
