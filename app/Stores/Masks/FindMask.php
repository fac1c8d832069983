<?php

declare(strict_types=1);

namespace App\Stores\Masks;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Coat\Coat;
use Hawkbrush\Core\Mask\Plate;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Technique\Cut;
use Illuminate\Database\Eloquent\Collection;

/** Which masks of the box serve a recipe, and for which of its steps a new one is to be cut. */
final class FindMask
{
    /**
     * @return list<array{Coat, Mask|null}> every step through a cut mask, with the one that serves it
     */
    public function forRecipe(Recipe $recipe): array
    {
        $surface = Plate::surface($recipe->body);
        $box = Mask::query()->whereNull('retired_at')->orderBy('uses')->get();
        $found = [];
        foreach ($recipe->coats() as $step) {
            if ($step->technique instanceof Cut) {
                $found[] = [$step, $this->serving($step, $step->technique, $surface, $box)];
            }
        }

        return $found;
    }

    /** @param Collection<int, Mask> $box */
    private function serving(Coat $step, Cut $technique, Surface $surface, Collection $box): ?Mask
    {
        $wanted = Plate::of('', $technique, $step->choices, $step->seed, $surface);

        return $box->first(
            static fn(Mask $mask): bool => $mask->technique['name'] === $step->technique->name() && $wanted->servedBy($mask->plate()),
        );
    }
}
