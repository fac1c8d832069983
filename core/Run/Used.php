<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Pattern\PaintStep;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Pattern\Step;

/** The recipe as it was really painted: the figures of a record in place of the planned ones. */
final class Used
{
    public static function recipe(Recipe $recipe, Record $record): Recipe
    {
        return new Recipe($recipe->name, $recipe->species, $recipe->water, $recipe->notes, $recipe->body,
            array_map(static fn(Step $step): Step => $step instanceof PaintStep && isset($record->figures[$step->id])
                ? self::step($step, $record->figures[$step->id]) : $step, $recipe->steps));
    }

    /** @param array<string, float|int> $figures */
    private static function step(PaintStep $s, array $figures): PaintStep
    {
        return new PaintStep($s->id, $s->title, $s->on, $s->check, $s->mix, $s->technique, $s->choices, $s->seed, $s->place, $s->aimDeg, $s->widthMm,
            (int) ($figures['coats'] ?? $s->coats), $s->weight, (float) ($figures['psi'] ?? $s->psi),
            isset($figures['thinning_percent']) ? $figures['thinning_percent'] / 100 : $s->thinning,
            (int) ($figures['strokes'] ?? $s->strokes), $s->setting);
    }
}
