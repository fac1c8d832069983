<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Colour;

/**
 * CIEDE2000 colour difference (ISO/CIE 11664-6) with kL = kC = kH = 1, in the symbols of Sharma, Wu and Dalal, Color
 * Research and Application 30(1), 21 (2005); a dash there is a p here. Made for one colour, so that many can be held
 * against it.
 *
 * It is not continuous: where the two hues lie nearly opposite (|h2' - h1'| about 180 degrees), the mean hue jumps to the
 * other side, and with it T and the difference; by up to 0.27 for pairs less than 5 apart (the paper; figure from memory).
 */
final readonly class DeltaE2000
{
    /** 25^7 */
    private const G_FACTOR = 6103515625;

    private const DEG = M_PI / 180;

    private float $c1;

    public function __construct(private Lab $from)
    {
        $this->c1 = $from->chroma();
    }

    public static function between(Lab $one, Lab $two): float
    {
        return (new self($one))->to($two->l, $two->a, $two->b);
    }

    /** The difference to a colour of this L*, a* and b*. */
    public function to(float $l2, float $a2, float $b2): float
    {
        $l1 = $this->from->l;
        $a1 = $this->from->a;
        $b1 = $this->from->b;
        $cBar7 = (($this->c1 + sqrt($a2 * $a2 + $b2 * $b2)) / 2) ** 7;
        $g = 0.5 * (1 - sqrt($cBar7 / ($cBar7 + self::G_FACTOR)));
        $a1p = (1 + $g) * $a1;
        $a2p = (1 + $g) * $a2;
        $c1p = sqrt($a1p * $a1p + $b1 * $b1);
        $c2p = sqrt($a2p * $a2p + $b2 * $b2);
        // Of a grey, atan2 makes the hue 0.
        $h1p = atan2($b1, $a1p);
        $h1p = $h1p < 0 ? $h1p + 2 * M_PI : $h1p;
        $h2p = atan2($b2, $a2p);
        $h2p = $h2p < 0 ? $h2p + 2 * M_PI : $h2p;
        if ($c1p === 0.0 || $c2p === 0.0) {
            $deltaHue = 0.0;
            $hBarP = $h1p + $h2p;
        } else {
            $deltaHue = $h2p - $h1p;
            $hBarP = ($h1p + $h2p) / 2;
            // The mean hue lies on the shorter way round: here is the discontinuity.
            if ($deltaHue > M_PI || $deltaHue < -M_PI) {
                $deltaHue -= $deltaHue > 0 ? 2 * M_PI : -2 * M_PI;
                $hBarP += $hBarP < M_PI ? M_PI : -M_PI;
            }
        }
        $deltaLp = $l2 - $l1;
        $deltaCp = $c2p - $c1p;
        $deltaHp = 2 * sqrt($c1p * $c2p) * sin($deltaHue / 2);

        $lBar50 = (($l1 + $l2) / 2 - 50) ** 2;
        $cBarP = ($c1p + $c2p) / 2;
        $t = 1
            - 0.17 * cos($hBarP - 30 * self::DEG)
            + 0.24 * cos(2 * $hBarP)
            + 0.32 * cos(3 * $hBarP + 6 * self::DEG)
            - 0.20 * cos(4 * $hBarP - 63 * self::DEG);
        $sl = 1 + 0.015 * $lBar50 / sqrt(20 + $lBar50);
        $sc = 1 + 0.045 * $cBarP;
        $sh = 1 + 0.015 * $cBarP * $t;
        $deltaTheta = 30 * self::DEG * exp(-((($hBarP / self::DEG - 275) / 25) ** 2));
        $cBarP7 = $cBarP ** 7;
        $rt = -2 * sqrt($cBarP7 / ($cBarP7 + self::G_FACTOR)) * sin(2 * $deltaTheta);

        $dl = $deltaLp / $sl;
        $dc = $deltaCp / $sc;
        $dh = $deltaHp / $sh;

        return sqrt(max(0.0, $dl * $dl + $dc * $dc + $dh * $dh + $rt * $dc * $dh));
    }
}
