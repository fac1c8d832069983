<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Spectrum;

/** A film so thick that nothing below shows: R = 1 + K/S - sqrt((K/S)^2 + 2 K/S) (Kubelka and Munk, Z. techn. Physik 12, 593 (1931)). */
final class Masstone
{
    /** Reflectance of the white that what is seen through shows its swatch over. */
    private const WHITE = 0.9;

    /**
     * The colour that a paint is known by, under clear: that of a full film, or of an ordinary one over white where it is
     * seen through.
     */
    public static function swatch(Optics $optics, Kind $kind): Colour
    {
        $film = $kind->swatchFilmUm();

        return $film === null
            ? SurfaceFinish::Clear->colour(self::of($optics)->values)
            : FilmState::ground(array_fill(0, Spectrum::BANDS, self::WHITE))->under(Film::of($optics, $film))->colour(SurfaceFinish::Clear);
    }

    public static function of(Optics $optics): Spectrum
    {
        return $optics->k->map(static function (float $k, int $nm) use ($optics): float {
            $s = $optics->s->values[intdiv($nm - Spectrum::START_NM, Spectrum::STEP_NM)];
            if ($s <= 0) {
                // What scatters nothing returns nothing, unless it is not there at all.
                return $k > 0 ? 0.0 : 1.0;
            }
            $ratio = $k / $s;

            return 1 + $ratio - sqrt($ratio * $ratio + 2 * $ratio);
        });
    }
}
