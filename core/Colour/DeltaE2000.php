<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Colour;

/**
 * CIEDE2000 colour difference (ISO/CIE 11664-6), kL = kC = kH = 1, with the notes on hue of Sharma, Wu and Dalal,
 * Color Research and Application 30(1), 2005. Made for one colour, so that many can be held against it.
 */
final readonly class DeltaE2000
{
    private const TWENTY_FIVE_TO_SEVEN = 6103515625;

    private const DEG = M_PI / 180;

    private float $chroma;

    public function __construct(private Lab $from)
    {
        $this->chroma = $from->chroma();
    }

    public static function between(Lab $one, Lab $two): float
    {
        return (new self($one))->to($two->l, $two->a, $two->b);
    }

    /** The difference to a colour of this L*, a* and b*. */
    public function to(float $l, float $a, float $b): float
    {
        $from = $this->from;
        $meanChroma7 = (($this->chroma + sqrt($a * $a + $b * $b)) / 2) ** 7;
        $stretch = 1.5 - 0.5 * sqrt($meanChroma7 / ($meanChroma7 + self::TWENTY_FIVE_TO_SEVEN));
        $a1 = $stretch * $from->a;
        $b1 = $from->b;
        $a2 = $stretch * $a;
        $c1 = sqrt($a1 * $a1 + $b1 * $b1);
        $c2 = sqrt($a2 * $a2 + $b * $b);
        // Of a grey, atan2 makes the hue 0.
        $h1 = atan2($b1, $a1);
        $h1 = $h1 < 0 ? $h1 + 2 * M_PI : $h1;
        $h2 = atan2($b, $a2);
        $h2 = $h2 < 0 ? $h2 + 2 * M_PI : $h2;
        if ($c1 === 0.0 || $c2 === 0.0) {
            $turn = 0.0;
            $h = $h1 + $h2;
        } else {
            $turn = $h2 - $h1;
            // The mean hue lies on the shorter way round.
            $h = ($h1 + $h2) / 2;
            if ($turn > M_PI || $turn < -M_PI) {
                $turn -= $turn > 0 ? 2 * M_PI : -2 * M_PI;
                $h += $h < M_PI ? M_PI : -M_PI;
            }
        }
        $c = ($c1 + $c2) / 2;
        $t = 1 - 0.17 * cos($h - 30 * self::DEG) + 0.24 * cos(2 * $h) + 0.32 * cos(3 * $h + 6 * self::DEG) - 0.20 * cos(4 * $h - 63 * self::DEG);
        $lightness = ($from->l + $l) / 2 - 50;
        $lightness *= $lightness;
        $deltaL = ($l - $from->l) / (1 + 0.015 * $lightness / sqrt(20 + $lightness));
        $deltaC = ($c2 - $c1) / (1 + 0.045 * $c);
        $deltaH = 2 * sqrt($c1 * $c2) * sin($turn / 2) / (1 + 0.015 * $c * $t);
        $blue = ($h / self::DEG - 275) / 25;
        $c7 = $c ** 7;
        $rotation = -2 * sqrt($c7 / ($c7 + self::TWENTY_FIVE_TO_SEVEN)) * sin(60 * self::DEG * exp(-$blue * $blue));

        return sqrt(max(0.0, $deltaL * $deltaL + $deltaC * $deltaC + $deltaH * $deltaH + $rotation * $deltaC * $deltaH));
    }
}
