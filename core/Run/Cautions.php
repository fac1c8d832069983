<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Step\Step;

/** The usual cautions where they apply (common practice); the product's own sheet and local rules go first. */
final class Cautions
{
    public const LAST = 'Follow the product’s own sheet and your local rules; they go before anything said here.';

    /** @return list<string> all that apply to a recipe, and the word that the sheets go first */
    public static function of(Recipe $recipe): array
    {
        $cautions = array_merge(...array_map(static fn(Step $step): array => self::ofStep($step, $recipe), $recipe->enabled()));

        return [...array_values(array_unique($cautions)), self::LAST];
    }

    /** @return list<string> */
    public static function ofStep(Step $step, Recipe $recipe): array
    {
        return [...$step->cautions(), ...$recipe->coatTriedBy($step)?->cautions() ?? []];
    }
}
