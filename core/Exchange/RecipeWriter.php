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
            'body' => BodyWriter::write($recipe->body),
            'paints' => array_map(self::paint(...), $recipe->paints()),
            'steps' => array_map(Steps::write(...), $recipe->steps),
        ] + ($habits === null ? [] : ['habits' => $habits->all()]);
    }

    /** @return array<string, mixed> */
    private static function paint(Paint $paint): array
    {
        return array_filter([
            'name' => $paint->name,
            'kind' => $paint->kind->value,
            'hex' => $paint->hex,
            ...$paint->optics->curves(),
            'solids' => $paint->solids,
            'drop_ml' => $paint->dropMl,
            'family' => $paint->family,
            'from_card' => $paint->fromCard,
            'drying' => $paint->drying,
        ], static fn(mixed $value): bool => $value !== null);
    }
}
