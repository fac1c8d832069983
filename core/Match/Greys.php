<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Metric;

/**
 * Nearly neutral colours as seen from a strong one. CIEDE2000 turns its axes where the mean of two hues is a blue, and
 * takes the mean of opposite hues on the one side or the other: to a strong pink some of them are half as far as those
 * beside them. So they are looked at closely, and little is foretold of mixes among them.
 */
final readonly class Greys
{
    /** Colours with less chroma are looked at here if the wanted one has more. */
    private const CHROMA = 15.0;

    /** The hue, in degrees, about which CIEDE2000 turns its axes. */
    private const BLUE = 275;

    /** Looked at are those whose hue has its mean with the wanted colour's there, and so many degrees to either side. */
    private const ASIDE = 75;

    private const HUE_STEP = 5;

    /** They are so much lighter and darker at most, L*, and so far apart. */
    private const LIGHTER = 30;

    private const LIGHT_STEP = 3;

    private const CHROMAS = [0.7, 1.5, 2.5, 4.0, 6.0, 9.0, 13.0, 18.0];

    /** So near to opposite, in degrees, the difference jumps. */
    private const OPPOSITE = 1.0;

    /** Where it does not, it changes by no more than so much, DeltaE00, with each unit of {@see Metric}. */
    private const STEEP = 12;

    /** But for colours of still less chroma. */
    private const NEUTRAL = 1.0;

    /** Whether the wanted colour is strong. */
    private bool $matter;

    private Lab $wanted;

    public function __construct(private Metric $metric)
    {
        $this->wanted = $metric->colour(0.0, 0.0, 0.0);
        $this->matter = $this->wanted->chroma() > self::CHROMA;
    }

    /** @return list<array{array{float, float, float}, float}> places and how far off they are, DeltaE00 */
    public function places(): array
    {
        if (! $this->matter) {
            return [];
        }
        $places = [];
        $hues = [180 + self::OPPOSITE, 180 - self::OPPOSITE];
        for ($aside = -self::ASIDE; $aside <= self::ASIDE; $aside += self::HUE_STEP) {
            $hues[] = 2 * (self::BLUE - $this->wanted->hue()) + $aside;
        }
        for ($l = $this->wanted->l - self::LIGHTER; $l <= $this->wanted->l + self::LIGHTER; $l += self::LIGHT_STEP) {
            foreach ($hues as $turn) {
                $hue = deg2rad($this->wanted->hue() + $turn);
                foreach (self::CHROMAS as $chroma) {
                    [$x, $y, $z] = $this->metric->place($l, $chroma * cos($hue), $chroma * sin($hue));
                    $places[] = [[$x, $y, $z], $this->metric->off($x, $y, $z)];
                }
            }
        }

        return $places;
    }

    /**
     * Whether a mix that is foretold at a place may be within so much though that place is not.
     *
     * @param float $off of the place, DeltaE00
     * @param float $strays how far the mix may lie from it
     */
    public function mayBeWithin(float $deltaE, float $off, float $x, float $y, float $z, float $strays): bool
    {
        if (! $this->matter) {
            return false;
        }
        $colour = $this->metric->colour($x, $y, $z);
        $chroma = $colour->chroma();
        if ($chroma > self::CHROMA) {
            return false;
        }
        if ($chroma < self::NEUTRAL + $strays || $off < $deltaE + self::STEEP * $strays) {
            return true;
        }
        $turn = abs($colour->hue() - $this->wanted->hue());

        return abs($turn - 180) < self::OPPOSITE + rad2deg($strays / $chroma);
    }
}
