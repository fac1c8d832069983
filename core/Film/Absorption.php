<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

/** How much a film absorbs, by what comes back of it over a known ground: Kubelka-Munk solved for K, by false position (Illinois). */
final class Absorption
{
    /** K is looked for in steps that are even from a ten thousandth of a micrometre's up, as a logarithm. */
    private const SCALE = 1e4;

    private const STEPS = 30;

    private const CLOSE = 1e-8;

    /**
     * @param float $ground reflectance below the film, 0 to 1
     * @param float $scatters S per micrometre
     * @param float $back reflectance of the film over that ground
     *
     * @return float K per micrometre, 0 where even a film that absorbs nothing returns less
     */
    public static function over(float $ground, float $dryUm, float $scatters, float $back): float
    {
        [$near, $nearOff] = [0.0, self::back(0.0, $ground, $dryUm, $scatters) - $back];
        $far = log1p(Optics::STRONGEST_PER_UM * self::SCALE);
        $farOff = self::back(Optics::STRONGEST_PER_UM, $ground, $dryUm, $scatters) - $back;
        if ($nearOff <= 0) {
            return 0.0;
        }
        if ($farOff >= 0) {
            return Optics::STRONGEST_PER_UM;
        }
        for ($step = 0; $step < self::STEPS; $step++) {
            $next = ($near * $farOff - $far * $nearOff) / ($farOff - $nearOff);
            $off = self::back(expm1($next) / self::SCALE, $ground, $dryUm, $scatters) - $back;
            if ($off * $farOff < 0) {
                [$near, $nearOff] = [$far, $farOff];
            } else {
                $nearOff /= 2;
            }
            [$far, $farOff] = [$next, $off];
            if (abs($off) < self::CLOSE) {
                break;
            }
        }

        return min(Optics::STRONGEST_PER_UM, expm1($far) / self::SCALE);
    }

    /** Kubelka-Munk over a ground, see {@see FilmState}. */
    private static function back(float $absorbs, float $ground, float $dryUm, float $scatters): float
    {
        [$r, $t] = KubelkaMunk::film([$absorbs], [$scatters], $dryUm);

        return $r[0] + $t[0] * $t[0] * $ground / (1 - $r[0] * $ground);
    }
}
