<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Drying\Climate;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Eye\Look;
use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Kept;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Unkept;

/** An eye in its place on a bait. Only a painted one is seen through, so only for it is worked out what it lies on. */
final class EyeInPlace
{
    private const CELLS = 48;

    /** The eye of a step, on what is painted before it. */
    public static function of(Recipe $recipe, string $stepId, Eye $eye, Kept $kept = new Unkept()): Look
    {
        if ($eye->rings === []) {
            return Look::of($eye, FilmState::ground($recipe->body->ground->values));
        }
        $drawing = new Redrawing($kept);
        $surface = $drawing->surface($recipe->body, self::CELLS, self::CELLS);
        $before = $recipe->with(\array_slice($recipe->steps, 0, max(0, $recipe->number($stepId) - 1)));
        $marks = $recipe->body->marks;

        return Look::of($eye, $drawing->spot($before, $surface, Climate::ordinary(), $surface->cellAt($marks->eyeU, $marks->eyeDeg)));
    }
}
