<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Spectrum;

/**
 * What a phosphorescent paint sends out by night, charged by day. Our own simplification, no published source: it goes with
 * the film, in the bands in which its swatch is brightest; half goes up, and of the half that goes down as much comes back
 * as the ground returns, so that it is best over white. What lies above takes its share of the light that charges it and of
 * the glow. How long it lasts is not modelled.
 */
final class Phosphorescence
{
    private const PER_UM = 0.05;

    private const BRIGHTEST = 0.45;

    /** The purer this is made, the less it looks like its swatch by day. */
    private const PURER = 9;

    public static function ofSwatch(Spectrum $body): Spectrum
    {
        $brightest = max([1e-6, ...$body->values]);

        return $body->map(static fn(float $r): float => self::BRIGHTEST * ($r / $brightest) ** self::PURER);
    }

    /** Share of the brightest that a film of this thickness reaches, 0 to 1. */
    public static function share(float $dryUm): float
    {
        return 1 - exp(-self::PER_UM * $dryUm);
    }
}
