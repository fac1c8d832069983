<?php

declare(strict_types=1);

namespace App\Present;

use App\Stores\Masks\Mask;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Pattern\Recipe;

/** Which steps of a recipe go through a cut mask, and whether one in the box serves them. */
final class FitView
{
    /**
     * @param list<array{Coat, Mask|null}> $found
     *
     * @return list<array<string, mixed>>
     */
    public static function masks(Recipe $recipe, array $found): array
    {
        return array_map(static fn(array $one): array => [
            'step' => $one[0]->id,
            'number' => $recipe->number($one[0]->id),
            'name' => $recipe->step($one[0]->id)?->label(),
            'technique' => $one[0]->technique->label(),
            'mask' => $one[1] === null ? null : [
                'id' => $one[1]->id,
                'name' => $one[1]->name,
                'uses' => $one[1]->uses,
                'lasts' => $one[1]->lasts,
            ],
        ], $found);
    }
}
