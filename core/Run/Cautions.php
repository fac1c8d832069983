<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Coat\Hazard;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Step\Step;

/** The usual cautions where they apply (common practice); the product's own sheet and local rules go first. */
final class Cautions
{
    /** @return list<string> all that apply to a recipe, and the word that the sheets go first */
    public static function of(Recipe $recipe): array
    {
        $cautions = array_merge(...array_map(static fn(Step $step): array => self::ofStep($step, $recipe), $recipe->enabled()));

        return [...array_values(array_unique($cautions)), Hazard::LAST];
    }

    /** @return list<string> */
    public static function ofStep(Step $step, Recipe $recipe): array
    {
        return array_map(static fn(Hazard $hazard): string => $hazard->caution(), self::hazards($step, $recipe));
    }

    /** @return list<Hazard> what can hurt in a step, or in trying out the coat that it is for */
    public static function hazards(Step $step, Recipe $recipe): array
    {
        return [...$step->hazards(), ...$recipe->coatTriedBy($step)?->hazards() ?? []];
    }
}
