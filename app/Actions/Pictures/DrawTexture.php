<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Keeping\CodeVersion;
use App\Keeping\PictureCache;
use App\Keeping\Shared;
use App\Present\EyeOnBait;
use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Exchange\RecipeWriter;
use Hawkbrush\Core\Exchange\ResultWriter;
use Hawkbrush\Core\Film\SurfaceFinish;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Render\Redrawing;
use Hawkbrush\Core\Render\Texture;

/** The surface of a bait as colours and the eye in it, kept under all that it depends on: a change of anything is another picture. */
final class DrawTexture
{
    /**
     * @param string|null $workedOn id of the step that is being worked on, and will be again
     *
     * @return array<string, mixed>
     *
     * @throws Refused when there is no such step
     */
    public function draw(
        Recipe $recipe,
        SurfaceFinish $finish,
        ?string $upto,
        int $width = 256,
        int $height = 128,
        ?string $workedOn = null,
    ): array {
        $this->check($recipe, $upto);
        $document = RecipeWriter::write($recipe);
        unset($document['name'], $document['species'], $document['water'], $document['notes']);
        $key = 'texture:'.hash('xxh128', serialize([CodeVersion::ofCore(), $document, $finish, $upto, $width, $height]));

        $draw = fn(): array => $this->drawn($recipe, $finish, $upto, $width, $height, $workedOn);
        $shared = new Shared();
        if ($workedOn !== null) {
            // The next edit makes it another one: it is not worth packing and writing.
            return $shared->remember($key, $draw);
        }
        /** @var array<string, mixed>|null $there */
        $there = $shared->get($key);

        return $there ?? PictureCache::remember($key, $draw);
    }

    /**
     * Drawn and not kept: what is only passed over is not asked for again.
     *
     * @param string|null $pulled id of the step whose handle is being pulled: then half as fine is enough
     *
     * @return array<string, mixed>
     *
     * @throws Refused when there is no such step
     */
    public function fleeting(Recipe $recipe, SurfaceFinish $finish, ?string $upto, ?string $pulled = null): array
    {
        $this->check($recipe, $upto);

        return $pulled === null
            ? $this->drawn($recipe, $finish, $upto, 256, 128, null) : $this->drawn($recipe, $finish, $upto, 128, 64, $pulled);
    }

    /** @return array<string, mixed> */
    private function drawn(Recipe $recipe, SurfaceFinish $finish, ?string $upto, int $width, int $height, ?string $workedOn): array
    {
        $drawing = new Redrawing(new Shared());
        $surface = $drawing->surface($recipe->body, $width, $height);
        $eye = EyeOnBait::after($recipe, $upto);

        return ResultWriter::texture(Texture::draw(
            $drawing->painted($recipe, $surface, Climate::ordinary(), $upto, Bands::EveryThird, $workedOn),
            $finish,
            dark: ($eye['night'] ?? null) !== null,
        )) + ($eye === null ? [] : ['eye' => $eye]);
    }

    private function check(Recipe $recipe, ?string $upto): void
    {
        if ($upto !== null && $recipe->number($upto) === 0) {
            throw Refused::at('/upto', 'There is no such step in this version.');
        }
    }
}
