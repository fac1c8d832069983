<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Colour;

/**
 * From the light D50, which colours of other programs are for, to D65, which is meant everywhere here: by the linear Bradford
 * transform as ISO 15076-1 prints it (annex E), and its white of D50.
 */
final class Adaptation
{
    /** X, Y and Z of the white of D50, Y = 100 (ISO 15076-1, the illuminant of the profile connection space). */
    public const D50 = [96.42, 100.0, 82.49];

    private const CONES = [[0.8951, 0.2664, -0.1614], [-0.7502, 1.7135, 0.0367], [0.0389, -0.0685, 1.0296]];

    /** The inverse of that matrix, to the digits that it has. */
    private const BACK = [
        [0.9869929054667123, -0.14705425642099013, 0.15996265166373122],
        [0.43230526972339456, 0.5183602715367776, 0.04929122821285559],
        [-0.008528664575177328, 0.04004282165408487, 0.9684866957875502],
    ];

    public static function fromD50(Xyz $xyz): Xyz
    {
        $cones = self::times(self::CONES, [$xyz->x, $xyz->y, $xyz->z]);
        $from = self::times(self::CONES, self::D50);
        $to = self::times(self::CONES, Xyz::WHITE);

        return new Xyz(...self::times(self::BACK, [
            $cones[0] * $to[0] / $from[0], $cones[1] * $to[1] / $from[1], $cones[2] * $to[2] / $from[2],
        ]));
    }

    /** L*a*b* that are for D50, as the same colour looks by D65. */
    public static function labFromD50(Lab $lab): Lab
    {
        $xyz = $lab->toXyz();

        return Lab::fromXyz(self::fromD50(new Xyz(
            $xyz->x / Xyz::WHITE[0] * self::D50[0],
            $xyz->y,
            $xyz->z / Xyz::WHITE[2] * self::D50[2],
        )));
    }

    /**
     * @param array{array{float, float, float}, array{float, float, float}, array{float, float, float}} $matrix
     * @param array{float, float, float} $vector
     *
     * @return array{float, float, float}
     */
    private static function times(array $matrix, array $vector): array
    {
        [$x, $y, $z] = $vector;
        [$first, $second, $third] = $matrix;

        return [
            $first[0] * $x + $first[1] * $y + $first[2] * $z,
            $second[0] * $x + $second[1] * $y + $second[2] * $z,
            $third[0] * $x + $third[1] * $y + $third[2] * $z,
        ];
    }
}
