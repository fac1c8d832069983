<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Refused;

/**
 * K and S of a paint from one card, half white and half black: the inverse of Kubelka-Munk, band by band.
 *
 * From R = R0 + T^2 Rg / (1 - R0 Rg) over two grounds (Kubelka, J. Opt. Soc. Am. 38, 448 (1948)) the terms in R0^2
 * cancel, and R0 = (W Rb - B Rw) / (W - B + W B (Rb - Rw)); then T from either ground, a = (1 + R0^2 - T^2) / 2 R0 and
 * bSX = arsinh(b R0 / T).
 */
final readonly class Drawdown
{
    /** A ground under this share of light counts as black, the other half must return this much more to tell them apart. */
    private const APART = 0.2;

    /** Readings that stray from what any film can do by no more than this are noise and are put right. */
    private const NOISE = 0.02;

    /** Thinner or thicker than anyone draws, um. */
    private const THICKEST_UM = 1000.0;

    private function __construct(public Optics $optics, public float $contrastRatio, public Kind $kind) {}

    /**
     * @param Spectrum $overWhite of the film itself, without its surface, as all four
     *
     * @throws Refused when no paint makes such a card, saying why
     */
    public static function of(Spectrum $overWhite, Spectrum $overBlack, Spectrum $white, Spectrum $black, float $dryUm): self
    {
        if ($dryUm <= 0 || $dryUm > self::THICKEST_UM) {
            throw Refused::at('/dry_um', 'The film of a card is more than 0 and at most '.self::THICKEST_UM.' um thick.');
        }
        if (Observer::luminous($white->values) - Observer::luminous($black->values) < self::APART) {
            throw Refused::at('/white', 'The white of this card is hardly lighter than its black: with such a card opacity cannot be told.');
        }
        if (Observer::luminous($overBlack->values) > Observer::luminous($overWhite->values) + self::NOISE) {
            throw Refused::at('/over_black', 'The black half is lighter than the white half. No paint does that: are the two mixed up?');
        }
        $k = $s = [];
        foreach ($overWhite->values as $i => $seen) {
            [$k[], $s[]] = self::band($seen, $overBlack->values[$i], $white->values[$i], $black->values[$i], $dryUm, $i);
        }
        $optics = Optics::of(Spectrum::of($k), Spectrum::of($s));
        $over = Observer::luminous($overWhite->values);
        $ratio = $over > 0 ? min(1.0, Observer::luminous($overBlack->values) / $over) : 1.0;

        return new self($optics, $ratio, self::kindOf($ratio, $optics));
    }

    /**
     * @return array{float, float} K and S per micrometre
     */
    private static function band(float $overWhite, float $overBlack, float $white, float $black, float $dryUm, int $band): array
    {
        if ($overWhite > $white + self::NOISE && $overWhite > $overBlack + self::NOISE && $overBlack < $black) {
            throw Refused::at("/over_white/reflectance/values/{$band}", 'Here the paint makes the white lighter and the black darker at once. No paint does that.');
        }
        $below = $white - $black + $white * $black * ($overBlack - $overWhite);
        $r0 = $below > 1e-9 ? ($white * $overBlack - $black * $overWhite) / $below : $overBlack;
        $r0 = max(0.0, min(0.9999, $r0));
        $t2 = $white > 1e-9 ? ($overWhite - $r0) * (1 - $r0 * $white) / $white : 0.0;
        $t = sqrt(max(1e-12, min(1.0, $t2)));
        // A film gives back and lets through no more than falls on it.
        $t = min($t, 1 - $r0);
        if ($r0 < 1e-7) {
            return [max(0.0, -log($t) / $dryUm), 0.0];
        }
        $a = max(1.0, (1 + $r0 * $r0 - $t * $t) / (2 * $r0));
        $b = sqrt($a * $a - 1);
        if ($b < 1e-5) {
            return [0.0, $r0 / (1 - $r0) / $dryUm];
        }
        $s = asinh($b * $r0 / $t) / ($b * $dryUm);

        return [$s * ($a - 1), $s];
    }

    /** The kind that hides as this card does; pearl, metal and glow a card does not show. Common practice, no published source. */
    private static function kindOf(float $contrastRatio, Optics $optics): Kind
    {
        $scatters = Observer::luminous($optics->s->values);

        return match (true) {
            $contrastRatio > 0.9 && $scatters > 0.05 => Kind::Opaque,
            $contrastRatio > 0.2 && $scatters > 0.005 => Kind::SemiOpaque,
            default => Kind::Transparent,
        };
    }
}
