<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Exchange;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Coat\Paint;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Step\Steps;

/** Reads a recipe document (contract/recipe.schema.json) into a {@see Recipe}; refuses with what and where. */
final class RecipeReader
{
    public const FORMAT = 'hawkbrush.recipe/1';

    /**
     * The habits of the shop that a document comes from; null where it does not say.
     *
     * @throws Refused
     */
    public static function habits(Node $node): ?Habits
    {
        $habits = $node->optional('habits');

        return $habits === null ? null : Habits::read($habits);
    }

    /** @throws Refused */
    public static function read(Node $node): Recipe
    {
        $node->only(['format', 'name', 'species', 'water', 'notes', 'body', 'paints', 'steps', 'habits']);
        $format = $node->optional('format');
        if ($format !== null && $format->text() !== self::FORMAT) {
            throw $format->refuse('This document is of another format; '.self::FORMAT.' is read here.');
        }
        $paints = [];
        foreach ($node->optional('paints')?->fields(100) ?? [] as $id => $paint) {
            $paints[$id] = Paint::read($id, $paint);
        }
        $body = Body::read($node->field('body'));
        $steps = $seen = [];
        foreach ($node->field('steps')->items(0, Recipe::MOST_STEPS) as $item) {
            $step = Steps::read($item, $paints);
            if (isset($seen[$step->id])) {
                throw $item->field('id')->refuse("Two steps are called “{$step->id}”.");
            }
            $seen[$step->id] = true;
            $steps[] = $step;
        }

        // What the recipe is does not depend on them; see habits().
        self::habits($node);

        return new Recipe(
            $node->optional('name')?->text(120) ?? 'Unnamed',
            $node->optional('species')?->text(60, true) ?? '',
            $node->optional('water')?->text(60, true) ?? '',
            $node->optional('notes')?->text(4000, true) ?? '',
            $body,
            $steps,
        );
    }
}
