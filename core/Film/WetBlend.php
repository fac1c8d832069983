<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Bands;

/**
 * Two coats, the lower not set: a share of each runs together into a third film between them, up to full
 * mixing. The share is how wet the lower coat still is, from the drying model.
 */
final class WetBlend
{
    /**
     * @param FilmState $ground what lies under both
     * @param float $share 0 (set) to 1 (runs together fully)
     */
    public static function lay(
        FilmState $ground,
        Optics $lower,
        float $lowerUm,
        Optics $upper,
        float $upperUm,
        float $share,
        Bands $bands = Bands::All,
    ): FilmState {
        $state = $ground;
        if ($share < 1) {
            $state = $state->under(Film::of($lower, $lowerUm * (1 - $share), $bands));
        }
        if ($share > 0) {
            $mixed = DuncanMixing::mix([[$lower, $lowerUm], [$upper, $upperUm]]);
            $state = $state->under(Film::of($mixed, ($lowerUm + $upperUm) * $share, $bands));
        }

        return $share < 1 ? $state->under(Film::of($upper, $upperUm * (1 - $share), $bands)) : $state;
    }
}
