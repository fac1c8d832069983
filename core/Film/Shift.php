<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Spectrum;

/**
 * The two colours of flakes that change over with the angle: one thrown near the mirror angle, one away from it. Our own
 * simplification, no published source. Interference moves towards blue as the angle grows; a holographic flake throws the
 * long half of the rainbow here and the short half there. Sparkle of single flakes is not drawn.
 */
final class Shift
{
    /** A colour shift flake seen away from the mirror angle has moved by so many bands of 10 nm towards blue. */
    private const BANDS = 8;

    /** Away from the mirror angle less of the light comes back. */
    private const AWAY = 0.55;

    /** Where the rainbow of a holographic flake is halved, and over how many nm. */
    private const HALVED_NM = 565.0;

    private const OVER_NM = 40.0;

    /** @return array{Spectrum, Spectrum} at the mirror angle and away from it, of flakes that throw so much of the light */
    public static function glints(Spectrum $body, Kind $kind): array
    {
        $thrown = $kind->glint();
        if ($kind === Kind::Holographic) {
            $long = static fn(int $nm): float => 1 / (1 + exp((self::HALVED_NM - $nm) / self::OVER_NM));

            return [
                $body->map(static fn(float $r, int $nm): float => 1.4 * $thrown * $r * $long($nm)),
                $body->map(static fn(float $r, int $nm): float => 1.4 * $thrown * self::AWAY * $r * (1 - $long($nm))),
            ];
        }
        $last = Spectrum::BANDS - 1;

        return [
            $body->map(static fn(float $r): float => $thrown * $r),
            // What stood at 650 nm stands at 570.
            $body->map(static fn(float $_, int $nm): float => $thrown * self::AWAY * $body->values[min(
                $last,
                intdiv($nm - Spectrum::START_NM, Spectrum::STEP_NM) + self::BANDS,
            )]),
        ];
    }
}
