<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Refused;

/**
 * When a film hides: at a contrast ratio, Y over black / Y over the white of a test card, of 0.98 (ISO 6504-3). Of a dark paint
 * that ratio says little, black grounds and white ones differ by less than anybody sees long before: it hides when the two
 * differ by less than 1 DeltaE00.
 */
final class Hiding
{
    public const HIDDEN = 0.98;

    /** Luminous reflectance of the full film below which a paint is dark. */
    public const DARK = 0.05;

    /** A difference that hardly anybody sees, DeltaE00. */
    public const UNSEEN = 1.0;

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

    /** Whether a film hides black and white alike. */
    public static function hides(Optics $optics, float $dryUm): bool
    {
        if (Observer::luminous(Masstone::of($optics)->values) >= self::DARK) {
            return self::contrastRatio($optics, $dryUm) >= self::HIDDEN;
        }
        $film = Film::of($optics, $dryUm);
        $over = static fn(float $ground): Lab => FilmState::ground(array_fill(0, Spectrum::BANDS, $ground))->under($film)
            ->colour(SurfaceFinish::Clear)->lab;

        return DeltaE2000::between($over(0.0), $over(self::WHITE_CHART)) < self::UNSEEN;
    }

    /**
     * @param float|null $target contrast ratio; null: where it hides
     *
     * @return float|null dry film in micrometres, or null when no film that can be laid does
     *
     * @throws Refused when the wanted contrast ratio is not between 0 and 1
     */
    public static function thicknessUm(Optics $optics, ?float $target = null): ?float
    {
        if ($target !== null && ($target <= 0 || $target >= 1)) {
            throw Refused::at('/target', 'A contrast ratio lies between 0 and 1.');
        }
        $enough = static fn(float $um): bool => $target === null ? self::hides($optics, $um) : self::contrastRatio($optics, $um) >= $target;
        if (! $enough(self::THICKEST_UM)) {
            return null;
        }
        [$low, $high] = [0.0, self::THICKEST_UM];
        for ($i = 0; $i < 50; $i++) {
            $middle = ($low + $high) / 2;
            [$low, $high] = $enough($middle) ? [$low, $middle] : [$middle, $high];
        }

        return $high;
    }
}
