<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Step\Step;

/** The recipe as it was really painted: the figures of a record in place of the planned ones. */
final class Used
{
    public static function recipe(Recipe $recipe, Record $record): Recipe
    {
        return $recipe->with(array_map(static fn(Step $step): Step => $step->asUsed($record->figures[$step->id] ?? []), $recipe->steps));
    }
}
