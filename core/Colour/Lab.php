<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Colour;

/** CIELAB under D65 (ISO/CIE 11664-4), with its lightness, chroma and hue angle. */
final readonly class Lab
{
    /** (6/29)^3: below it the cube root gives way to a straight line (ISO/CIE 11664-4, clause 4.1). */
    private const EPSILON = 216 / 24389;

    /** (29/3)^3: slope of that line in L*, so that both meet without a step. */
    private const KAPPA = 24389 / 27;

    public function __construct(public float $l, public float $a, public float $b) {}

    public static function fromXyz(Xyz $xyz): self
    {
        return new self(...self::coordinates($xyz->x / Xyz::WHITE[0], $xyz->y / Xyz::WHITE[1], $xyz->z / Xyz::WHITE[2]));
    }

    /**
     * Of X, Y and Z as parts of white, for loops over many colours.
     *
     * @return array{float, float, float} L*, a* and b*
     */
    public static function coordinates(float $x, float $y, float $z): array
    {
        $fx = self::f($x);
        $fy = self::f($y);
        $fz = self::f($z);

        return [116 * $fy - 16, 500 * ($fx - $fy), 200 * ($fy - $fz)];
    }

    public function toXyz(): Xyz
    {
        $fy = ($this->l + 16) / 116;

        return new Xyz(
            Xyz::WHITE[0] * self::inverse($fy + $this->a / 500),
            Xyz::WHITE[1] * self::inverse($fy),
            Xyz::WHITE[2] * self::inverse($fy - $this->b / 200),
        );
    }

    public function chroma(): float
    {
        return hypot($this->a, $this->b);
    }

    /** Hue angle in degrees, 0 to 360. */
    public function hue(): float
    {
        $degrees = rad2deg(atan2($this->b, $this->a));

        return $degrees < 0 ? $degrees + 360 : $degrees;
    }

    private static function f(float $t): float
    {
        return $t > self::EPSILON ? $t ** (1 / 3) : (self::KAPPA * $t + 16) / 116;
    }

    private static function inverse(float $f): float
    {
        return $f ** 3 > self::EPSILON ? $f ** 3 : (116 * $f - 16) / self::KAPPA;
    }
}
