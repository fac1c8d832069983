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
 */
final class Glint
{
    /** Part of the face that one micrometre of film covers with flakes. */
    private const COVER_PER_UM = 0.14;

    /**
     * @param list<float> $full glint of a film full of flakes, 31 bands
     *
     * @return array{float, float, float} X, Y and Z
     */
    public static function ofFilm(array $full, float $dryUm): array
    {
        $cover = (1 - exp(-self::COVER_PER_UM * $dryUm)) / 100;
        $xyz = Observer::xyz($full);

        return [$xyz->x * $cover, $xyz->y * $cover, $xyz->z * $cover];
    }

    /**
     * How much of X, Y and Z comes through a film and back.
     *
     * @param list<float> $t2 transmittance there and back, by the bands followed
     *
     * @return array{float, float, float}
     */
    public static function dimmedBy(array $t2, Bands $bands): array
    {
        $xyz = Observer::xyz($t2, $bands);

        return [$xyz->x / Xyz::WHITE[0], $xyz->y / Xyz::WHITE[1], $xyz->z / Xyz::WHITE[2]];
    }
}
