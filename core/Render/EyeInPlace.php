<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Eye\Look;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Pattern\Recipe;

/** An eye in its place on a bait. Only a painted one is seen through, so only for it is worked out what it lies on. */
final class EyeInPlace
{
    private const CELLS = 48;

    /** The eye that is in place after a step (null: after all of them); null while there is none. */
    public static function after(Recipe $recipe, ?string $upto): ?Look
    {
        $step = $recipe->eyeStep($upto);
        $eye = $step?->eye();

        return $step === null || $eye === null ? null : self::of($recipe, $step->id, $eye);
    }

    /** The eye of a step, on what is painted before it. */
    public static function of(Recipe $recipe, string $stepId, Eye $eye): Look
    {
        if ($eye->rings === []) {
            return Look::of($eye, FilmState::ground($recipe->body->ground->values));
        }
        $surface = Surface::of($recipe->body, self::CELLS, self::CELLS);
        $before = $recipe->with(\array_slice($recipe->steps, 0, max(0, $recipe->number($stepId) - 1)));
        $field = Field::painted($before, $surface, Climate::ordinary());
        $marks = $recipe->body->marks;

        return Look::of($eye, $field->states[$field->left[$surface->cellAt($marks->eyeU, $marks->eyeDeg)]]);
    }
}
