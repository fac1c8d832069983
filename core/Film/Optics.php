<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Refused;

/**
 * What a dry paint does to light: absorption K and scattering S per micrometre in 31 bands; the colour its flakes
 * throw at the mirror angle when they fill a hiding film; and, for a fluorescent, the light it sends out itself.
 */
final readonly class Optics
{
    /** More than any paint has; keeps the exponentials finite. */
    public const STRONGEST_PER_UM = 100.0;

    /** No paint returns more, none less; and no transparent is purer than this. From memory of measured paints. */
    private const WHITEST = 0.985;

    private const BLACKEST = 0.0005;

    private const DEEPEST_TRANSPARENT = 0.01;

    private function __construct(
        public Spectrum $k,
        public Spectrum $s,
        public ?Spectrum $glint,
        public ?Spectrum $glow,
    ) {}

    /** @throws Refused when K or S is negative, or greater than any paint has */
    public static function of(Spectrum $k, Spectrum $s, ?Spectrum $glint = null, ?Spectrum $glow = null): self
    {
        foreach ([
            'k' => [$k, self::STRONGEST_PER_UM],
            's' => [$s, self::STRONGEST_PER_UM],
            'glint' => [$glint, 2.0],
            'glow' => [$glow, 5.0],
        ] as $name => [$curve, $most]) {
            foreach ($curve->values ?? [] as $i => $value) {
                if ($value < 0 || $value > $most) {
                    throw Refused::at("/{$name}/{$i}", "A paint has {$name} from 0 to {$most}; here stands {$value}.");
                }
            }
        }

        return new self($k, $s, $glint, $glow);
    }

    /**
     * A paint that nobody has measured: K and S from the colour of the film itself (without surface reflection) and
     * from its kind. A guess; a measured card is better.
     */
    public static function fromSwatch(Spectrum $body, Kind $kind): self
    {
        [$coloured, $exponent] = $kind->scattering();
        $whiteness = min([1.0, ...$body->values]);
        $s550 = $coloured + $kind->whiteScattering() * $whiteness;
        $s = $body->map(static fn(float $r, int $nm): float => $s550 * (550 / $nm) ** $exponent);
        $film = $kind->swatchFilmUm();
        $bounded = $body->map(static fn(float $r): float => min(
            self::WHITEST,
            max($film === null ? self::BLACKEST : self::DEEPEST_TRANSPARENT, $r),
        ));
        $k = $film === null
            // Infinite film: K/S = (1 - R)^2 / 2R (Kubelka and Munk 1931).
            ? $bounded->map(static fn(float $r, int $nm): float => $s550 * (550 / $nm) ** $exponent * (1 - $r) ** 2 / (2 * $r))
            // A film that hardly scatters over white: R = T^2 = exp(-2KX).
            : $bounded->map(static fn(float $r): float => -log($r) / (2 * $film));
        $glint = $kind->glint() > 0 ? $bounded->map(static fn(float $r): float => $kind->glint() * $r) : null;

        return new self($k, $s, $glint, $kind->glows() ? Glow::ofSwatch($bounded) : null);
    }
}
