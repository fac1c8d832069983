<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Step\Steps;

/** Writes a recipe as a document that carries all it needs: the body and the optics of its paints. */
final class RecipeWriter
{
    /**
     * @param Habits|null $habits of the shop that it comes from
     *
     * @return array<string, mixed>
     */
    public static function write(Recipe $recipe, ?Habits $habits = null): array
    {
        return [
            'format' => RecipeReader::FORMAT,
            'name' => $recipe->name,
            'species' => $recipe->species,
            'water' => $recipe->water,
            'notes' => $recipe->notes,
            'body' => $recipe->body->document(),
            'paints' => array_map(static fn(Paint $paint): array => $paint->document(), $recipe->paints()),
            'steps' => array_map(Steps::write(...), $recipe->steps),
        ] + ($habits === null ? [] : ['habits' => $habits->all()]);
    }
}
