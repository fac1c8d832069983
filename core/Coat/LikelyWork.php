<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

use Hawkbrush\Core\Air\SprayWork;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Technique\Placed;
use Hawkbrush\Core\Technique\Press;

/** What the airbrush is used for, as technique, place and weight look. Common practice, no published source. */
final class LikelyWork
{
    /** Kinds that a base is laid of. */
    private const BASES = [Kind::Opaque, Kind::SemiOpaque, Kind::Pearl];

    /** A band as narrow as this is an accent. */
    private const NARROW_MM = 8.0;

    /** Aimed no lower than this, and reduced by so much, a coat shades the back. */
    private const FROM_ABOVE_DEG = 45.0;

    private const REDUCED = 0.3;

    public static function of(Coat $coat): SprayWork
    {
        $kind = $coat->mixture->parts[0][0]->kind;
        $press = $coat->technique->press();

        return match (true) {
            ! $coat->technique->sprayed() => SprayWork::Splatter,
            $press === Press::Clamped => SprayWork::Mesh,
            $press === Press::Held => SprayWork::Stencil,
            $coat->technique instanceof Placed && ! $press->masks() => SprayWork::Dot,
            $coat->weight === Weight::Mist, self::shades($coat) => SprayWork::Dusting,
            $kind === Kind::Fluorescent && $coat->weight === Weight::Heavy => SprayWork::LayIn,
            ! $coat->place->cuts() && $coat->weight !== Weight::Light && \in_array($kind, self::BASES, true) => SprayWork::Base,
            $coat->widthMm !== null && $coat->widthMm <= self::NARROW_MM => SprayWork::Fade,
            $kind === Kind::Pearl && $coat->place->cuts() && $coat->weight === Weight::Light => SprayWork::Fade,
            default => SprayWork::Coat,
        };
    }

    /** Whether it is reduced paint misted from above. */
    private static function shades(Coat $coat): bool
    {
        return $coat->place->cuts() && $coat->aimDeg !== null && $coat->aimDeg <= self::FROM_ABOVE_DEG && $coat->thinning >= self::REDUCED;
    }
}
