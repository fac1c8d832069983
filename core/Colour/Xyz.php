<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Colour;

/** CIE 1931 tristimulus values under D65, Y of a perfect white = 100. */
final readonly class Xyz
{
    /** The white of sRGB (IEC 61966-2-1), x = 0.3127, y = 0.3290. */
    public const WHITE = [95.0455927, 100.0, 108.9057751];

    public function __construct(public float $x, public float $y, public float $z) {}
}
