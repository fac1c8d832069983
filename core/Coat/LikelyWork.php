<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

use Hawkbrush\Core\Air\SprayWork;
use Hawkbrush\Core\Air\Sweep;
use Hawkbrush\Core\Film\Kind;
use Hawkbrush\Core\Technique\Placed;
use Hawkbrush\Core\Technique\Press;
use Hawkbrush\Core\Technique\Stencil;

/** What the airbrush is used for, as technique, place and weight look. Common practice, no published source. */
final class LikelyWork
{
    /** Kinds that a base is laid of. */
    private const BASES = [Kind::Opaque, Kind::SemiOpaque, Kind::Pearl];

    /** Heavy flakes want the air of a coat however narrow they are laid. */
    private const HEAVY = [Kind::Metallic, Kind::Holographic, Kind::ColourShift, Kind::Phosphorescent];

    /** A sweep as narrow as this is an accent, as wide as that a coat. */
    private const NARROW_MM = 10.0;

    private const WIDE_MM = 25.0;

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
            self::shades($coat) => SprayWork::Dusting,
            default => self::free($kind, $coat->weight, $coat->place, $coat->widthMm),
        };
    }

    /** Of free spraying. */
    public static function free(Kind $kind, Weight $weight, Place $place, ?float $widthMm): SprayWork
    {
        $swept = $place->sweptMm($widthMm);

        return match (true) {
            $weight === Weight::Mist => SprayWork::Dusting,
            $kind === Kind::Fluorescent && $weight !== Weight::Light => SprayWork::LayIn,
            ! $place->cuts() && $swept >= self::WIDE_MM && $weight !== Weight::Light && \in_array($kind, self::BASES, true)
                => SprayWork::Base,
            $swept <= self::NARROW_MM && ! \in_array($kind, self::HEAVY, true) => SprayWork::Fade,
            default => SprayWork::Coat,
        };
    }

    /** How wet and wide it is swept on, where that decides the air; null: the work alone does. */
    public static function sweep(Coat $coat, SprayWork $work): ?Sweep
    {
        $across = $coat->technique instanceof Stencil ? $coat->technique->acrossMm($coat->choices) : null;

        return match (true) {
            $work->isFree() => self::freely($coat->mixture->parts[0][0]->kind, $coat->wetUm(), $coat->place->sweptMm($coat->widthMm)),
            $work === SprayWork::Stencil && $across !== null => Sweep::near($coat->wetUm(), $across),
            default => null,
        };
    }

    /** Of free spraying; null: how wide it is does not matter. */
    public static function freely(Kind $kind, float $wetUm, float $sweptMm): ?Sweep
    {
        return \in_array($kind, self::HEAVY, true) ? null : Sweep::near($wetUm, $sweptMm);
    }

    /** Whether it is reduced paint from above. */
    private static function shades(Coat $coat): bool
    {
        return $coat->place->cuts() && $coat->aimDeg !== null && $coat->aimDeg <= self::FROM_ABOVE_DEG && $coat->thinning >= self::REDUCED;
    }
}
