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
}
