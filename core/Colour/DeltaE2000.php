<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Colour;

/**
 * CIEDE2000 colour difference (ISO/CIE 11664-6), kL = kC = kH = 1, with the notes on hue of Sharma, Wu and Dalal,
 * Color Research and Application 30(1), 2005.
 */
final class DeltaE2000
{
    private const TWENTY_FIVE_TO_SEVEN = 6103515625;

    public static function between(Lab $one, Lab $two): float
    {
        $meanChroma7 = (($one->chroma() + $two->chroma()) / 2) ** 7;
        $g = 0.5 * (1 - sqrt($meanChroma7 / ($meanChroma7 + self::TWENTY_FIVE_TO_SEVEN)));
        $a1 = (1 + $g) * $one->a;
        $a2 = (1 + $g) * $two->a;
        $c1 = hypot($a1, $one->b);
        $c2 = hypot($a2, $two->b);
        $h1 = self::degrees($one->b, $a1);
        $h2 = self::degrees($two->b, $a2);

        $deltaL = $two->l - $one->l;
        $deltaC = $c2 - $c1;
        $turn = self::turn($h1, $h2, $c1 * $c2);
        $deltaH = 2 * sqrt($c1 * $c2) * sin(deg2rad($turn / 2));

        $l = ($one->l + $two->l) / 2;
        $c = ($c1 + $c2) / 2;
        $h = self::meanHue($h1, $h2, $c1 * $c2);
        $t = 1 - 0.17 * cos(deg2rad($h - 30)) + 0.24 * cos(deg2rad(2 * $h))
            + 0.32 * cos(deg2rad(3 * $h + 6)) - 0.20 * cos(deg2rad(4 * $h - 63));
        $sl = 1 + 0.015 * ($l - 50) ** 2 / sqrt(20 + ($l - 50) ** 2);
        $sc = 1 + 0.045 * $c;
        $sh = 1 + 0.015 * $c * $t;
        $rotation = -2 * sqrt($c ** 7 / ($c ** 7 + self::TWENTY_FIVE_TO_SEVEN))
            * sin(deg2rad(60 * exp(-((($h - 275) / 25) ** 2))));

        return sqrt(max(0.0,
            ($deltaL / $sl) ** 2 + ($deltaC / $sc) ** 2 + ($deltaH / $sh) ** 2
            + $rotation * ($deltaC / $sc) * ($deltaH / $sh)));
    }

    private static function degrees(float $b, float $a): float
    {
        if ($a === 0.0 && $b === 0.0) {
            return 0.0;
        }
        $degrees = rad2deg(atan2($b, $a));

        return $degrees < 0 ? $degrees + 360 : $degrees;
    }

    private static function turn(float $h1, float $h2, float $chromas): float
    {
        if ($chromas === 0.0) {
            return 0.0;
        }
        $turn = $h2 - $h1;

        return match (true) {
            $turn > 180 => $turn - 360,
            $turn < -180 => $turn + 360,
            default => $turn,
        };
    }

    private static function meanHue(float $h1, float $h2, float $chromas): float
    {
        $sum = $h1 + $h2;

        return match (true) {
            $chromas === 0.0 => $sum,
            abs($h1 - $h2) <= 180 => $sum / 2,
            $sum < 360 => ($sum + 360) / 2,
            default => ($sum - 360) / 2,
        };
    }
}
