<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Difference;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Colour\Spectrum;

/** How many coats of one paint it takes, over a ground: until the ground no longer shows, or until a wanted colour. */
final readonly class CoatCount
{
    public const MOST = 40;

    /** Luminous reflectance of a full film below which a paint hides by darkness alone. */
    private const DARK = 0.02;

    /** Over a full film of the same paint this adds nothing but the glow, if it has one. */
    private const ENDLESS_UM = 1000.0;

    /** So far from its swatch, DeltaE00, a colour is another one. */
    private const OTHER = 12.0;

    /** Hue difference in degrees from which a colour counts as another hue. */
    private const ANOTHER = 60.0;

    /**
     * @param int|null $coats null: never
     * @param list<array{Colour, float}> $after colour after 1, 2, … coats, and how far it is from where it is to go, in DeltaE00
     */
    private function __construct(public ?int $coats, public string $reason, public array $after) {}

    /**
     * Until it hides black and white alike (ISO 6504-3). When this ground no longer shows, which may be sooner or later, is
     * said beside it.
     *
     * @param Lab $swatch the colour it is known by; a film that hides only by being dark, and no longer has it, does not count
     */
    public static function untilHidden(Optics $optics, Spectrum $ground, float $coatUm, SurfaceFinish $finish, Lab $swatch): self
    {
        $full = FilmState::ground(Masstone::of($optics)->values)->under(Film::of($optics, self::ENDLESS_UM))->colour($finish);
        $after = self::lay($optics, $ground, $coatUm, $finish, $full->lab);
        $coats = self::firstOfStandard($optics, $coatUm);
        $shows = self::whatShows($after, $full->lab, $coats);
        if ($coats === null) {
            return new self(null, self::whyNotHidden($optics, $after).$shows, $after);
        }
        $dark = Observer::luminous(Masstone::of($optics)->values) < self::DARK;
        if ($dark && DeltaE2000::between($full->lab, $swatch) > self::OTHER) {
            return new self(null, \sprintf('It never hides in its own colour: it scatters too little light back. Over black it does nothing; over anything lighter it only darkens, to near black with %s.', self::counted($coats)), $after);
        }

        return new self($coats, \sprintf(
            'Then it hides black and white alike (%s).',
            Observer::luminous(Masstone::of($optics)->values) < Hiding::DARK
                ? 'they differ by less than 1 DeltaE00, as counts for so dark a paint' : 'contrast '.Hiding::HIDDEN.', ISO 6504-3',
        ).$shows, $after);
    }

    /**
     * What of this ground shows when it hides, and when it no longer does.
     *
     * @param list<array{Colour, float}> $after
     * @param int|null $hidden coats after which it hides; null: it does not
     */
    private static function whatShows(array $after, Lab $full, ?int $hidden): string
    {
        $unseen = self::firstWithin($after, Hiding::UNSEEN);
        if ($unseen !== null && ($hidden === null || $unseen <= $hidden)) {
            return \sprintf(' This ground no longer shows after %s: it changes the colour by less than 1 DeltaE00.', self::counted($unseen));
        }
        if ($hidden === null) {
            return '';
        }
        $left = new Difference($full, $after[$hidden - 1][0]->lab);

        return \sprintf(
            ' Of this ground %.1f DeltaE00 still show, %s; %s.',
            $left->deltaE,
            $left->words(),
            $unseen === null
                ? \sprintf('%d coats would leave %.1f', self::MOST, $after[self::MOST - 1][1])
                : \sprintf('less than 1 after %s', self::counted($unseen)),
        );
    }

    /** Until it comes within some DeltaE00 of a wanted colour. */
    public static function untilColour(
        Optics $optics,
        Spectrum $ground,
        float $coatUm,
        SurfaceFinish $finish,
        Lab $wanted,
        float $within,
    ): self {
        $after = self::lay($optics, $ground, $coatUm, $finish, $wanted);
        $coats = self::firstWithin($after, $within);
        if ($coats !== null) {
            return new self($coats, \sprintf('Then it is within %.1f DeltaE00 of the wanted colour.', $within), $after);
        }
        $best = 0;
        foreach ($after as $i => [, $missedBy]) {
            $best = $missedBy < $after[$best][1] ? $i : $best;
        }

        return new self(
            null,
            \sprintf(
                'It never gets there. It comes nearest with %s, %.1f DeltaE00 off: %s.',
                self::counted($best + 1),
                $after[$best][1],
                self::whatIsOff($after[$best][0]->lab, $wanted),
            ),
            $after,
        );
    }

    /** @return list<array{Colour, float}> */
    private static function lay(Optics $optics, Spectrum $ground, float $coatUm, SurfaceFinish $finish, Lab $goal): array
    {
        $after = [];
        for ($coats = 1; $coats <= self::MOST; $coats++) {
            $colour = FilmState::ground($ground->values)->under(Film::of($optics, $coatUm * $coats))->colour($finish);
            $after[] = [$colour, DeltaE2000::between($colour->lab, $goal)];
        }

        return $after;
    }

    /** @param list<array{Colour, float}> $after */
    private static function firstWithin(array $after, float $within): ?int
    {
        foreach ($after as $i => [, $missedBy]) {
            if ($missedBy <= $within) {
                return $i + 1;
            }
        }

        return null;
    }

    /** With how many coats it hides a test card, see {@see Hiding}. */
    private static function firstOfStandard(Optics $optics, float $coatUm): ?int
    {
        for ($coats = 1; $coats <= self::MOST; $coats++) {
            if (Hiding::hides($optics, $coatUm * $coats)) {
                return $coats;
            }
        }

        return null;
    }

    private static function counted(int $coats): string
    {
        return $coats === 1 ? '1 coat' : "{$coats} coats";
    }

    /** @param list<array{Colour, float}> $after */
    private static function whyNotHidden(Optics $optics, array $after): string
    {
        $left = $after[self::MOST - 1][1];
        $scatters = Observer::luminous($optics->s->values);
        $takes = Observer::luminous($optics->k->values);
        if ($scatters < 1e-9 && $takes < 1e-9) {
            return 'It never hides: it neither scatters light nor takes any, as a clear varnish.';
        }

        return \sprintf($scatters < $takes || $scatters < 0.01
            ? 'It never hides within %d coats: it scatters too little light back, so the ground keeps showing through (still %.1f DeltaE00 off).'
            : 'It does not hide within %d coats: each adds too little (still %.1f DeltaE00 off).', self::MOST, $left);
    }

    private static function whatIsOff(Lab $is, Lab $wanted): string
    {
        $lighter = $is->l - $wanted->l;
        $purer = $is->chroma() - $wanted->chroma();
        $off = [];
        if (abs($lighter) >= 1) {
            $off[] = \sprintf($lighter > 0 ? '%.0f L* too light' : '%.0f L* too dark', abs($lighter));
        }
        if (abs($purer) >= 1) {
            $off[] = \sprintf($purer > 0 ? '%.0f too strong in chroma' : '%.0f too weak in chroma', abs($purer));
        }
        $turn = fmod($is->hue() - $wanted->hue() + 540, 360) - 180;
        if (min($is->chroma(), $wanted->chroma()) > 5 && abs($turn) >= 3) {
            $off[] = abs($turn) > self::ANOTHER ? 'of another hue' : \sprintf(
                'hue turned %.0f degrees towards %s',
                abs($turn),
                self::towards(deg2rad($wanted->hue()), $turn),
            );
        }

        return $off === [] ? 'a little in everything' : implode(', ', $off);
    }

    /** Which way a hue goes that turns: along the axes of L*a*b*. */
    private static function towards(float $hue, float $turn): string
    {
        $a = $turn > 0 ? -sin($hue) : sin($hue);
        $b = $turn > 0 ? cos($hue) : -cos($hue);

        return abs($a) > abs($b) ? ($a > 0 ? 'red' : 'green') : ($b > 0 ? 'yellow' : 'blue');
    }
}
