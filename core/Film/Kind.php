<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

/** The kinds of paint painters distinguish, with the optics assumed of an unmeasured one. */
enum Kind: string
{
    case Opaque = 'opaque';
    case SemiOpaque = 'semi-opaque';
    case Transparent = 'transparent';
    case Pearl = 'pearl';
    case Metallic = 'metallic';
    case Fluorescent = 'fluorescent';
    case Ink = 'ink';

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(self $kind): string => $kind->value, self::cases());
    }

    /**
     * Scattering per micrometre at 550 nm of an unmeasured paint, and how steeply it falls with wavelength (finer
     * pigment, steeper). Fitted so that a typical film hides as that kind does: opaque white over black in two or
     * three ordinary coats, transparents never. Common practice, no published source.
     *
     * @return array{float, float} S550 in 1/um, exponent
     */
    public function scattering(): array
    {
        return match ($this) {
            self::Opaque => [0.14, 0.7],
            self::SemiOpaque => [0.060, 2.2],
            self::Metallic => [0.22, 0.3],
            self::Pearl => [0.022, 1.0],
            self::Fluorescent => [0.030, 1.5],
            self::Transparent => [0.0006, 4.0],
            self::Ink => [0.0004, 4.0],
        };
    }

    /**
     * What white pigment adds to S550 where the swatch holds white: titanium white scatters far more than coloured
     * pigment. Zero for the kinds that hold none. Fitted together with {@see scattering}.
     */
    public function whiteScattering(): float
    {
        return $this === self::Opaque ? 0.42 : 0.0;
    }

    /**
     * Dry film over white, in micrometres, at which a paint of this kind shows its swatch; null for the kinds that
     * show it when they hide. Common practice, no published source.
     */
    public function swatchFilmUm(): ?float
    {
        return match ($this) {
            self::Transparent => 8.0,
            self::Fluorescent => 12.0,
            self::Pearl => 10.0,
            self::Ink => 5.0,
            default => null,
        };
    }

    /** Share of the light at the mirror angle that the flakes of a hiding film throw in their own colour. */
    public function glint(): float
    {
        return match ($this) {
            self::Pearl => 0.42,
            self::Metallic => 0.75,
            default => 0.0,
        };
    }

    public function glows(): bool
    {
        return $this === self::Fluorescent;
    }

    /** Dry film of one ordinary coat, in micrometres. Common practice, no published source. */
    public function ordinaryCoatUm(): float
    {
        return match ($this) {
            self::Opaque, self::Fluorescent => 10.0,
            self::SemiOpaque, self::Metallic => 7.0,
            self::Pearl => 6.0,
            self::Transparent => 5.0,
            self::Ink => 4.0,
        };
    }
}
