<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Drying;

/**
 * How a water-borne coat sets. Water leaves at the rate of Carrier's equation as printed in the ASHRAE Handbook, HVAC
 * Applications: w = (0.089 + 0.0782 V)(p_w - p_a) / Y in kg/(s m2), V in m/s, p in kPa, Y in kJ/kg. A coat is touch dry
 * when its volatile part has left. That is free water; the last of it has to come up through the film, which takes the
 * longer the thicker the film is, as the square: so a heavy coat wants a minute and more even under a dryer.
 */
final class Evaporation
{
    /** Wait before a mask or tape, on top of touch dry, in an ordinary room. Common practice, no published source. */
    private const THROUGH_DRY_S = 1200.0;

    /**
     * Seconds per square micrometre of volatiles for water to come up through the film. Fitted: a light white takes
     * seconds under a dryer, a heavy coat one to three minutes (common practice, no published source).
     */
    private const THROUGH_FILM_S = 0.2;

    /** Volatiles of a mist, um: less than that has as much less to go through. A guess. */
    private const MIST_UM = 2.4;

    /** Dots and lines by hand are dry under a dryer in about a minute, however thick: no deeper than this. Fitted. */
    private const MARK_UM = 13.0;

    /** Whoever waits longer than this does not wait, but warms or dries the air. */
    private const LONGEST_S = 86_400.0;

    /** Water paint freezes, and forms no film. */
    private const FREEZES_C = 0.0;

    /** kg per m2 of one micrometre of volatiles. */
    private const KG_PER_UM = 0.001;

    /** kg/(s m2); zero when the air takes no more water, or the paint is frozen. */
    public static function rate(Climate $climate, Airflow $air): float
    {
        $surface = $air->surfaceC ?? $climate->airC;
        if ($surface <= self::FREEZES_C) {
            return 0.0;
        }
        $latent = 2501.0 - 2.361 * $surface;
        $drive = Psychrometrics::saturationKpa($surface) - $climate->vapourKpa();

        return max(0.0, (0.089 + 0.0782 * $air->speedMs) * $drive / $latent);
    }

    /** How much slower than in an ordinary room things dry here; a wait is never drawn out more than tenfold. */
    public static function slower(Climate $climate): float
    {
        return max(0.5, min(10.0, self::rate(Climate::ordinary(), Airflow::still()) / max(1e-12, self::rate($climate, Airflow::still()))));
    }

    /**
     * @param float $volatileShare part of the wet coat that leaves, 0 to 1
     * @param bool $small whether it lies in small marks, which dry from their edges too
     *
     * @return float|null seconds, null when it does not dry within a day in this air
     */
    public static function touchDryS(float $wetUm, float $volatileShare, Climate $climate, Airflow $air, bool $small = false): ?float
    {
        $volatileUm = $wetUm * $volatileShare;
        if ($volatileUm <= 0) {
            return 0.0;
        }
        if ($small) {
            $volatileUm = min(self::MARK_UM, $volatileUm);
        }

        $leavesS = $volatileUm * self::KG_PER_UM / max(1e-12, self::rate($climate, $air));

        return self::within($leavesS + self::THROUGH_FILM_S * $volatileUm ** 2);
    }

    /**
     * When a mask or tape may be clamped on: touch dry, then the trade's 20 minutes scaled by the same law. Heat dries
     * the face; going dry right through is left to the room.
     */
    public static function maskSafeS(float $wetUm, float $volatileShare, Climate $climate, Airflow $air): ?float
    {
        $touch = self::touchDryS($wetUm, $volatileShare, $climate, $air);
        $through = self::THROUGH_DRY_S * min(1.0, $wetUm * $volatileShare / self::MIST_UM);
        $slower = self::rate(Climate::ordinary(), Airflow::still()) / max(1e-12, self::rate($climate, Airflow::still()));

        return $touch === null ? null : self::within($touch + $through * $slower);
    }

    /** Why something does not dry here, and what to do. */
    public static function whyNot(Climate $climate, Airflow $air): string
    {
        return min($climate->airC, $air->surfaceC ?? $climate->airC) <= self::FREEZES_C
            ? 'Water paint freezes here and forms no film: warm the room and the bait.'
            : 'This air hardly takes up water; it would take more than a day: warm the surface or dry the air.';
    }

    private static function within(float $seconds): ?float
    {
        return $seconds <= self::LONGEST_S ? $seconds : null;
    }
}
