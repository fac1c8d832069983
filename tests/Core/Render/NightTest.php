<?php

declare(strict_types=1);

namespace Tests\Core\Render;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeReader;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Render\Texture;
use Tests\PaintedRecipes;

/** @param list<array<string, mixed>> $steps */
function textureOf(array $steps): Texture
{
    $recipe = RecipeReader::read(Node::root(PaintedRecipes::document($steps)));
    $field = Field::painted($recipe, Surface::of($recipe->body, 64, 32), Climate::ordinary(), null, Bands::EverySecond);

    return Texture::draw($field, SurfaceFinish::Clear);
}

/** @param list<string>|null $palette */
function seenIn(Texture $texture, ?array $palette, float $u, int $row): Colour
{
    /** @var array{1: int} $number */
    $number = unpack('v', $texture->cells, 2 * ($row * $texture->width + (int) ($u * $texture->width)));

    return Colour::fromHex($palette[$number[1]] ?? '#000000');
}

it('shows by night what glows, and hardly anything else', function (): void {
    $texture = textureOf([PaintedRecipes::base(), PaintedRecipes::coat('night', 'spray', 'belly', ['coats' => 2])]);
    expect($texture->night)->toHaveCount(\count($texture->palette))
        ->and(seenIn($texture, $texture->night, 0.5, 15)->lab->l)->toBeGreaterThan(30)
        ->and(seenIn($texture, $texture->night, 0.5, 0)->lab->l)->toBeLessThan(15)
        ->and(seenIn($texture, $texture->palette, 0.5, 0)->lab->l)->toBeGreaterThan(80);
});

it('has a colour away from the mirror angle only where flakes change theirs, and no night where nothing glows', function (): void {
    $plain = textureOf([PaintedRecipes::base(), PaintedRecipes::coat('pearl')]);
    $shift = textureOf([PaintedRecipes::base('black'), PaintedRecipes::coat('shift', 'spray', 'whole', ['coats' => 2])]);
    expect($plain->away)->toBeNull()->and($plain->night)->toBeNull()->and($shift->night)->toBeNull()
        ->and(seenIn($shift, $shift->away, 0.5, 8)->lab->hue())->toBeGreaterThan(seenIn($shift, $shift->glint, 0.5, 8)->lab->hue() + 15);
});

it('gives both back from a document as they were', function (): void {
    $document = PaintedRecipes::document([PaintedRecipes::coat('shift'), PaintedRecipes::coat('night')]);
    $recipe = RecipeReader::read(Node::root($document));
    $again = RecipeReader::read(Node::root(\Hawkbrush\Core\Exchange\RecipeWriter::write($recipe)));
    foreach ($recipe->coats() as $i => $coat) {
        expect($again->coats()[$i]->optics())->toEqual($coat->optics());
    }
});
