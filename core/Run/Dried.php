<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Coat\SetBy;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Drying\DryingFactor;
use Hawkbrush\Core\Pattern\Recipe;

/** What a run says of how long its paints really take to dry, held against the model. */
final class Dried
{
    /**
     * A coat felt dry when its time was up says nothing new: it may have been dry for long. One felt dry before, or still
     * tacky then, does. A time that no paint takes says nothing either. Of a mix, each of its paints is held to it.
     *
     * @return array<string, float> actual over predicted, the mean of what was felt, by paint id
     */
    public static function ratios(Recipe $recipe, Record $record, Climate $climate): array
    {
        $felt = [];
        foreach ($recipe->coats() as $step) {
            $dries = $step->mixture->drying();
            $learnt = $step->touchDryS($climate, $step->setting->air($climate));
            $model = $learnt === null || $dries <= 0 ? null : $learnt / $dries;
            // What is left wet on purpose is not waited for.
            if ($model === null || $model <= 0 || $step->setting->by === SetBy::Wet) {
                continue;
            }
            foreach ($record->dried[$step->id] ?? [] as ['seconds' => $seconds, 'tacky' => $tacky]) {
                if (DryingFactor::tells($seconds / $model) && ($tacky || $seconds < $learnt)) {
                    foreach ($step->mixture->parts as [$paint]) {
                        $felt[$paint->id][] = DryingFactor::bounded($seconds / $model);
                    }
                }
            }
        }

        return array_map(static fn(array $ratios): float => array_sum($ratios) / \count($ratios), $felt);
    }
}
