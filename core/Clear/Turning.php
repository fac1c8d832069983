<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Clear;

/**
 * Whether a clear runs down before it gels. A film on a standing surface flows at rho g h^2 / (2 eta) at its face (thin film
 * of a Newtonian liquid under its own weight; textbook fluid mechanics); carried further than its own thickness it pools.
 * Assumed: 1.1 g/ml, and a viscosity by kind that stays as it is until it gels, which errs towards turning.
 */
final class Turning
{
    private const DENSITY = 1100.0;

    private const GRAVITY = 9.81;

    private const OFF_THE_BAIT_MM = 100.0;

    /** A bait of about 70 mm. Common practice, no published source. */
    private const SMALL_MM2 = 4500.0;

    /** How far it runs before it gels, mm. */
    public static function runsMm(Clear $clear, float $gelMin): float
    {
        $h = $clear->thicknessUm() * 1e-6;
        $speed = self::DENSITY * self::GRAVITY * $h ** 2 / (2 * $clear->viscosityPaS());

        return $speed * $gelMin * 60 * 1000;
    }

    /** Minutes in which it can run: until it gels, skins, or is lit. The last three are guesses. */
    public static function runsForMin(Product $product, float $airC): float
    {
        return match ($product->clear) {
            Clear::Epoxy, Clear::Resin => $product->labelMin * PotLife::slower($airC),
            Clear::Urethane => 60.0,
            Clear::Acrylic => 3.0,
            Clear::Uv => 1.0,
        };
    }

    /** The same as a figure to show: further than a bait is long it says nothing. */
    public static function shownMm(Clear $clear, float $gelMin): ?float
    {
        $mm = self::runsMm($clear, $gelMin);

        return $mm > self::OFF_THE_BAIT_MM ? null : $mm;
    }

    /** Whether one thin coat may stand all the same: it pools a little at its lowest point, and some accept that. */
    public static function mayStand(Clear $clear, float $areaMm2): bool
    {
        return $clear === Clear::Epoxy && $areaMm2 <= self::SMALL_MM2;
    }

    public static function wanted(Clear $clear, float $gelMin): bool
    {
        return self::runsMm($clear, $gelMin) > $clear->thicknessUm() / 1000;
    }
}
