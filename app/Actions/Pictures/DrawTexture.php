<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Keeping\CodeVersion;
use App\Keeping\PictureCache;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\EyeWriter;
use Hawkbrush\Core\Exchange\RecipeWriter;
use Hawkbrush\Core\Exchange\ResultWriter;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Render\EyeInPlace;
use Hawkbrush\Core\Render\Field;
use Hawkbrush\Core\Render\Texture;

/** The surface of a bait as colours and the eye in it, kept under all that it depends on: a change of anything is another picture. */
final class DrawTexture
{
    /**
     * @return array<string, mixed>
     *
     * @throws Refused when there is no such step
     */
    public function draw(Recipe $recipe, SurfaceFinish $finish, ?string $upto, int $width = 256, int $height = 128): array
    {
        $this->check($recipe, $upto);
        $document = RecipeWriter::write($recipe);
        unset($document['name'], $document['species'], $document['water'], $document['notes']);
        $key = 'texture:'.hash('xxh128', serialize([CodeVersion::ofCore(), $document, $finish, $upto, $width, $height]));

        return PictureCache::remember($key, fn(): array => $this->drawn($recipe, $finish, $upto, $width, $height));
    }

    /**
     * Drawn and not kept: what is passed over while a handle is pulled is not asked for again.
     *
     * @return array<string, mixed>
     *
     * @throws Refused when there is no such step
     */
    public function fleeting(Recipe $recipe, SurfaceFinish $finish, ?string $upto): array
    {
        $this->check($recipe, $upto);

        return $this->drawn($recipe, $finish, $upto, 256, 128);
    }

    /** @return array<string, mixed> */
    private function drawn(Recipe $recipe, SurfaceFinish $finish, ?string $upto, int $width, int $height): array
    {
        $surface = Surface::of($recipe->body, $width, $height);
        $eye = EyeInPlace::after($recipe, $upto);

        return ResultWriter::texture(Texture::draw(
            Field::painted($recipe, $surface, Climate::ordinary(), $upto, Bands::EveryThird),
            $finish,
            dark: $eye?->nightHex !== null,
        )) + ($eye === null ? [] : ['eye' => EyeWriter::write($eye, $recipe->body)]);
    }

    private function check(Recipe $recipe, ?string $upto): void
    {
        if ($upto !== null && $recipe->number($upto) === 0) {
            throw Refused::at('/upto', 'There is no such step in this version.');
        }
    }
}
