<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Refused;

/**
 * Mixing by volume of pigment: K and S add in proportion (Duncan, Proc. Phys. Soc. 52, 390 (1940)). Glint and glow
 * are shared out the same way (our own simplification).
 */
final class DuncanMixing
{
    /**
     * @param list<array{Optics, float}> $parts optics and volume of dry paint, in any one unit
     *
     * @throws Refused when nothing is left to mix
     */
    public static function mix(array $parts): Optics
    {
        $total = array_sum(array_map(static fn(array $part): float => max(0.0, $part[1]), $parts));
        if ($total <= 0) {
            throw Refused::because('A mix needs at least one paint with solids in it.');
        }
        if (\count($parts) === 1) {
            return $parts[0][0];
        }

        return Optics::of(
            self::blend($parts, $total, static fn(Optics $o): Spectrum => $o->k) ?? Spectrum::flat(0),
            self::blend($parts, $total, static fn(Optics $o): Spectrum => $o->s) ?? Spectrum::flat(0),
            self::blend($parts, $total, static fn(Optics $o): ?Spectrum => $o->glint),
            self::blend($parts, $total, static fn(Optics $o): ?Spectrum => $o->glow),
            self::blend($parts, $total, static fn(Optics $o): ?Spectrum => $o->away),
            self::blend($parts, $total, static fn(Optics $o): ?Spectrum => $o->afterglow),
        );
    }

    /**
     * @param list<array{Optics, float}> $parts
     * @param callable(Optics): ?Spectrum $curve
     */
    private static function blend(array $parts, float $total, callable $curve): ?Spectrum
    {
        $sum = null;
        foreach ($parts as [$optics, $volume]) {
            $one = $curve($optics);
            if ($one === null || $volume <= 0) {
                continue;
            }
            $share = $volume / $total;
            $sum = ($sum ?? Spectrum::flat(0))->map(
                static fn(float $value, int $nm): float => $value + $share * $one->values[intdiv(
                    $nm - Spectrum::START_NM,
                    Spectrum::STEP_NM,
                )],
            );
        }

        return $sum;
    }
}
