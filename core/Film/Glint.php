<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Colour\Xyz;

/**
 * What pearl and metallic flakes throw near the mirror angle. Our own simplification, no published source: flakes
 * cover the film's face one by one, so that the glint of a thin film is its share of flake cover; it is dimmed by all
 * that lies above, there and back. A glint is carried as X, Y and Z (Y of a perfect mirror 1), and a film dims each of
 * the three by its own mean: a tenth of the work of 31 bands, and near enough for a figure that is a guess to begin with.
 *
 * Each micrometre dims by the same factor, and what flakes cover of a glint below they replace by their own, so that one
 * film is the same film laid in passes.
 */
final class Glint
{
    /** Part of the face that one micrometre of film covers with flakes at the least. */
    private const COVER_PER_UM = 0.14;

    /** Film at which it is looked how much a micrometre dims: an ordinary coat. */
    private const LOOKED_AT_UM = 5.0;

    /**
     * @param list<float> $full glint of a film full of flakes, 31 bands
     * @param array{float, float, float} $dims of the same film, see {@see dimmedBy}
     *
     * @return array{float, float, float} X, Y and Z
     */
    public static function ofFilm(array $full, array $dims): array
    {
        $xyz = Observer::xyz($full);

        return [$xyz->x / 100 * (1 - $dims[0]), $xyz->y / 100 * (1 - $dims[1]), $xyz->z / 100 * (1 - $dims[2])];
    }

    /**
     * How much of X, Y and Z comes through a film and back. Flakes that hide cover at least as much as they dim.
     *
     * @return array{float, float, float}
     */
    public static function dimmedBy(Optics $optics, float $dryUm, Bands $bands): array
    {
        [, $through] = KubelkaMunk::film($bands->of($optics->k->values), $bands->of($optics->s->values), self::LOOKED_AT_UM);
        $xyz = Observer::xyz(array_map(static fn(float $t): float => $t * $t, $through), $bands);
        $flakes = $optics->glint !== null || $optics->away !== null;
        $by = static function (float $left) use ($flakes, $dryUm): float {
            $perUm = -log(max(1e-12, $left)) / self::LOOKED_AT_UM;

            return exp(-($flakes ? max(self::COVER_PER_UM, $perUm) : $perUm) * $dryUm);
        };

        return [$by($xyz->x / Xyz::WHITE[0]), $by($xyz->y / Xyz::WHITE[1]), $by($xyz->z / Xyz::WHITE[2])];
    }
}
