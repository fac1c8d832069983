<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Clear;

/**
 * How long a mix can be worked. About a third of the minutes on the label, in an ordinary small mix at 21 C (common
 * practice, no published source); half of that for every 10 C warmer, as rates double (common practice; Arrhenius with about
 * 50 kJ/mol says nearly the same). More in the cup heats itself and gels sooner: how much sooner is a guess.
 */
final class PotLife
{
    private const USABLE = 1 / 3;

    private const AT_C = 21.0;

    /** A small mix, ml. */
    public const SMALL_ML = 5.0;

    /** Minutes that it can be worked once it is mixed. */
    public static function minutes(Product $product, float $airC, float $ml): float
    {
        return $product->labelMin * self::USABLE * self::slower($airC) * sqrt(2 / (1 + $ml / self::SMALL_ML));
    }

    /** By what two parts take longer in this air than at 21 C. */
    public static function slower(float $airC): float
    {
        return 2 ** ((self::AT_C - $airC) / 10);
    }
}
