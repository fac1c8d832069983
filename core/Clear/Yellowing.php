<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Clear;

use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Film\Optics;

/**
 * A clear that has yellowed in the bottle or in the sun: a film that takes blue and scatters nothing. How it takes it over
 * the wavelengths falls as one over e in 55 nm, as yellowed resins do about; how much one at 100 percent takes is a guess of
 * our own, so that a thick coat of it turns white to the colour of weak tea.
 */
final class Yellowing
{
    /** At 400 nm, per micrometre, all the way yellowed. */
    private const TAKES_PER_UM = 0.006;

    private const FALLS_NM = 55.0;

    private const BAND_NM = 10.0;

    /**
     * @param float $yellow how far it has gone, 0 to 1
     *
     * @return Optics|null null where it is water-clear: that changes nothing but the gloss
     */
    public static function optics(float $yellow): ?Optics
    {
        if ($yellow <= 0) {
            return null;
        }
        $k = [];
        for ($band = 0; $band < Spectrum::BANDS; $band++) {
            $k[] = $yellow * self::TAKES_PER_UM * exp(-$band * self::BAND_NM / self::FALLS_NM);
        }

        return Optics::of(Spectrum::of($k), Spectrum::flat(0.0));
    }
}
