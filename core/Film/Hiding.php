<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Refused;

/** Contrast ratio Y over black / Y over the white of a test card; a film hides at 0.98 (ISO 6504-3). */
final class Hiding
{
    public const HIDDEN = 0.98;

    /** Reflectance of the white half of a test card (from memory of the standard: Y about 80). */
    private const WHITE_CHART = 0.8;

    /** Fifteen heavy coats: more of one paint nobody lays. Common practice, no published source. */
    private const THICKEST_UM = 150.0;

    public static function contrastRatio(Optics $optics, float $dryUm): float
    {
        $film = Film::of($optics, $dryUm);
        $white = FilmState::ground(array_fill(0, Spectrum::BANDS, self::WHITE_CHART))->under($film);
        $over = Observer::luminous($white->r);

        return $over > 0 ? Observer::luminous($film->r) / $over : 1.0;
    }

    /**
     * @return float|null dry film in micrometres, or null when no film that can be laid hides
     *
     * @throws Refused when the wanted contrast ratio is not between 0 and 1
     */
    public static function thicknessUm(Optics $optics, float $target = self::HIDDEN): ?float
    {
        if ($target <= 0 || $target >= 1) {
            throw Refused::at('/target', 'A contrast ratio lies between 0 and 1.');
        }
        if (self::contrastRatio($optics, self::THICKEST_UM) < $target) {
            return null;
        }
        [$low, $high] = [0.0, self::THICKEST_UM];
        for ($i = 0; $i < 50; $i++) {
            $middle = ($low + $high) / 2;
            if (self::contrastRatio($optics, $middle) < $target) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $high;
    }
}
