<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Colour\Spectrum;

/**
 * K and S of a paint that nobody has measured, from the colour of the film itself (without surface reflection) and its
 * kind. A guess; a measured card is better.
 *
 * A kind that hides shows its swatch when it hides: the swatch gives K/S of each band, and the film at which such a paint
 * hides gives how strong both are. A kind that is seen through shows its swatch over white, at a film of its own.
 */
final readonly class Unmeasured
{
    /** Goes up whenever the same swatch and kind are guessed otherwise. */
    public const MODEL = 3;

    /** No paint returns more, none less; and no transparent is purer than this. From memory of measured paints. */
    private const WHITEST = 0.985;

    private const BLACKEST = 0.0005;

    private const DEEPEST_TRANSPARENT = 0.01;

    /**
     * The most a paint absorbs per micrometre. Black carbon absorbs about 7.5 m2/g at 550 nm (Bond and Bergstrom, Aerosol
     * Science and Technology 40, 27 (2006)); 3 to 8 % of it in a dry film of 1.2 g/cm3, and K about twice the ordinary
     * absorption coefficient, make 0.5 to 1.5. Other pigments absorb less. The figure is fitted within that: black comes to 0.7.
     */
    private const MOST_ABSORBED_PER_UM = 1.2;

    /** White that a see-through film shows its swatch over. */
    private const PAPER = 1.0;

    /** Scattering at 550 nm looked for, per micrometre: no paint is weaker or stronger. */
    private const WEAKEST = 1e-4;

    private const STRONGEST = 4.0;

    private const STEPS = 24;

    private function __construct(private Spectrum $body, private Kind $kind) {}

    public static function optics(Spectrum $body, Kind $kind): Optics
    {
        $film = $kind->swatchFilmUm();
        $darkest = $film === null ? self::BLACKEST : self::DEEPEST_TRANSPARENT;
        $bounded = $body->map(static fn(float $r): float => min(self::WHITEST, max($darkest, $r)));
        $paint = new self($bounded, $kind);
        $optics = $film === null ? $paint->hiding($body) : $paint->over($film);

        $shift = $kind === Kind::Holographic || $kind === Kind::ColourShift ? Shift::glints($bounded, $kind) : null;

        return Optics::of(
            $optics->k,
            $optics->s,
            $shift[0] ?? ($kind->glint() > 0 ? self::glint($bounded, $kind) : null),
            $kind->glows() ? Glow::ofSwatch($bounded) : null,
            $shift[1] ?? null,
            $kind === Kind::Phosphorescent ? Phosphorescence::ofSwatch($bounded) : null,
        );
    }

    /** Flakes throw their own colour. Foil throws nearly all, whatever room its swatch shows: only its tint counts. */
    private static function glint(Spectrum $body, Kind $kind): Spectrum
    {
        $by = $kind->glint() / ($kind === Kind::Foil ? max(self::BLACKEST, ...$body->values) : 1.0);

        return $body->map(static fn(float $r): float => $by * $r);
    }

    /** Strong enough to hide at the film at which such a paint does. */
    private function hiding(Spectrum $body): Optics
    {
        $brightest = max(self::BLACKEST, ...$body->values);
        $pure = 1 - min([1.0, ...$body->values]) / $brightest;
        $um = $this->kind->hidingFilmUm(Observer::luminous($body->values), $pure) ?? throw new \LogicException('Only a kind that hides.');
        [$weak, $strong] = [log(self::WEAKEST), log(self::STRONGEST)];
        for ($step = 0; $step < self::STEPS; $step++) {
            $middle = ($weak + $strong) / 2;
            [$weak, $strong] = ! Hiding::hides($this->scattering(exp($middle)), $um)
                ? [$middle, $strong]
                : [$weak, $middle];
        }

        return $this->scattering(exp($strong));
    }

    /**
     * With the K/S of an infinite film, (1 - R)^2 / 2R (Kubelka and Munk 1931). Where K comes near its ceiling, S goes down
     * with it, so that the full film keeps its colour.
     */
    private function scattering(float $s550): Optics
    {
        $k = $s = [];
        foreach ($this->run($s550)->values as $band => $scatters) {
            $r = $this->body->values[$band];
            $absorbs = $scatters * (1 - $r) ** 2 / (2 * $r);
            $left = self::MOST_ABSORBED_PER_UM / ($absorbs + self::MOST_ABSORBED_PER_UM);
            $k[] = $absorbs * $left;
            $s[] = $scatters * $left;
        }

        return Optics::of(Spectrum::of($k), Spectrum::of($s));
    }

    /** Seen through: K is what makes a film of this thickness over white look like the swatch. */
    private function over(float $um): Optics
    {
        [$s550, $most] = $this->kind->seenThrough();
        $s = $this->run($s550);
        $k = array_map(static fn(float $scatters, float $back): float => min(
            $most,
            Absorption::over(self::PAPER, $um, $scatters, $back),
        ), $s->values, $this->body->values);

        return Optics::of(Spectrum::of($k), $s);
    }

    private function run(float $s550): Spectrum
    {
        $slope = $this->kind->slope();

        return $this->body->map(static fn(float $r, int $nm): float => $s550 * (550 / $nm) ** $slope);
    }
}
