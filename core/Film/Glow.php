<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Spectrum;

/**
 * The light a fluorescent paint sends out. Our own simplification, no published source: it is excited by light from
 * 400 to 490 nm, sends out in the bands in which its swatch is brightest, in proportion to the film up to a ceiling,
 * and is helped by a bright ground, which returns to the eye what was sent downwards. What lies above takes its share
 * twice: of the exciting light and of the glow.
 */
final class Glow
{
    /** Part of the ceiling that is reached with each micrometre of dry film. */
    private const PER_UM = 0.12;

    private const CEILING = 0.55;

    private const EXCITING_BANDS = 10;

    public static function ofSwatch(Spectrum $body): Spectrum
    {
        $brightest = max([1e-6, ...$body->values]);

        return $body->map(static fn(float $r): float => self::CEILING * ($r / $brightest) ** 3);
    }

    /** Share of the ceiling that a film of this thickness reaches, 0 to 1. */
    public static function share(float $dryUm): float
    {
        return 1 - exp(-self::PER_UM * $dryUm);
    }

    /**
     * Share of the exciting light that gets down through a film once.
     *
     * @param list<float> $transmittance 31 bands
     */
    public static function excitation(array $transmittance): float
    {
        $sum = 0.0;
        for ($i = 0; $i < self::EXCITING_BANDS; $i++) {
            $sum += $transmittance[$i];
        }

        return $sum / self::EXCITING_BANDS;
    }
}
