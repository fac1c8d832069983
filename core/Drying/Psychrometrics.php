<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Drying;

/** Water vapour in air. */
final class Psychrometrics
{
    private const A = 17.625;

    private const B = 243.04;

    /** Magnus form of Alduchov and Eskridge, J. Appl. Meteorology 35, 601 (1996), over water; kPa, within 0.4 % from -40 to 50 C. */
    public static function saturationKpa(float $celsius): float
    {
        return 0.61094 * exp(self::A * $celsius / (self::B + $celsius));
    }

    /** @param float $humidityPercent greater than 0 */
    public static function dewPointC(float $celsius, float $humidityPercent): float
    {
        $x = log($humidityPercent / 100) + self::A * $celsius / (self::B + $celsius);

        return self::B * $x / (self::A - $x);
    }

    /**
     * What a wetted surface in moving air comes to: e_w(T_w) - A p (T - T_w) = e, with the coefficient for a ventilated bulb
     * over water of the Guide to Meteorological Instruments (WMO-No. 8, annex 4.B), 6.53e-4 (1 + 0.000944 T_w) per K, at
     * 101.325 kPa.
     *
     * @param float $vapourKpa of the air
     */
    public static function wetBulbC(float $celsius, float $vapourKpa): float
    {
        [$low, $high] = [-40.0, $celsius];
        // It rises with the temperature, so halving finds it; 40 halvings are exact to the last digit that counts.
        for ($i = 0; $i < 40; $i++) {
            $middle = ($low + $high) / 2;
            $holds = self::saturationKpa($middle) - 6.53e-4 * (1 + 0.000944 * $middle) * 101.325 * ($celsius - $middle);
            [$low, $high] = $holds < $vapourKpa ? [$middle, $high] : [$low, $middle];
        }

        return ($low + $high) / 2;
    }
}
