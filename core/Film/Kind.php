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
    /** Stirred into a paint it thins its colour and keeps its body. */
    case Medium = 'clear medium';
    /** Dries clear and stays tacky for a while: glitter clings to it. */
    case Size = 'tacky size';
    /** Tape: a mirror in its own tint; elsewhere it shows the room, as its swatch says. */
    case Foil = 'foil';
    /** Flakes that throw one colour at the mirror angle and another away from it. */
    case Holographic = 'holographic';
    case ColourShift = 'colour shift';
    /** Charged by day, it glows by night. */
    case Phosphorescent = 'glow in the dark';

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(self $kind): string => $kind->value, self::cases());
    }

    /** How steeply scattering falls with wavelength, as a power: the finer the pigment, the steeper. A guess. */
    public function slope(): float
    {
        return match ($this) {
            self::Opaque => 0.7,
            self::SemiOpaque => 2.2,
            self::Metallic, self::Foil => 0.3,
            self::Pearl, self::Holographic, self::ColourShift => 1.0,
            self::Fluorescent, self::Phosphorescent => 2.0,
            self::Transparent, self::Ink, self::Medium, self::Size => 4.0,
        };
    }

    /**
     * Dry film in micrometres at which an unmeasured paint hides, by how light and how colourful its full film is: black
     * in half an ordinary coat, strong colours in 12 to 16, white at about 20 and light colours later than that, for nothing
     * scatters like titanium white; null for the kinds that are seen through. Common practice, no published source;
     * docs/science.md has the table.
     *
     * @param float $light luminous reflectance of the full film, 0 to 1
     * @param float $pure 0 for a grey, 1 where a band is all absorbed
     */
    public function hidingFilmUm(float $light, float $pure): ?float
    {
        $opaque = (1 - $pure) * (3.7 + 3.4 * min(1.0, $light / Hiding::DARK) + 15 * $light) + $pure * (12 + 14.5 * $light);

        return match ($this) {
            self::Opaque => $opaque,
            self::SemiOpaque => 2.3 * $opaque,
            // Flakes lie flat and hide sooner, light ones too.
            self::Metallic, self::Foil => 8 + 4 * $light,
            default => null,
        };
    }

    /**
     * Of an unmeasured paint of a kind that is seen through: scattering at 550 nm, and the most it absorbs in any band, both
     * per micrometre. Fluorescents and pearls have a body; pearls hold little pigment. A guess.
     *
     * @return array{float, float}
     */
    public function seenThrough(): array
    {
        return match ($this) {
            self::Fluorescent => [0.07, 0.6],
            self::Phosphorescent => [0.03, 0.25],
            self::Pearl, self::Holographic => [0.022, 0.25],
            // Clear flakes whose colour is all glint: over white it drowns in what comes back, over black it shows most.
            self::ColourShift => [0.01, 0.02],
            self::Ink => [0.0004, 0.6],
            self::Medium, self::Size => [0.0, 0.0],
            default => [0.0006, 0.6],
        };
    }

    /**
     * Dry film over white, in micrometres, at which a paint of this kind shows its swatch; null for the kinds that
     * show it when they hide. Common practice, no published source.
     */
    public function swatchFilmUm(): ?float
    {
        return match ($this) {
            self::Transparent, self::Medium, self::Size => 8.0,
            self::Fluorescent, self::Phosphorescent => 12.0,
            self::Pearl, self::Holographic, self::ColourShift => 10.0,
            self::Ink => 5.0,
            default => null,
        };
    }

    /** Share of the light at the mirror angle that the flakes of a hiding film throw in their own colour. */
    public function glint(): float
    {
        return match ($this) {
            self::Pearl => 0.42,
            self::Holographic, self::ColourShift => 0.6,
            self::Metallic => 0.75,
            self::Foil => 0.8,
            default => 0.0,
        };
    }

    /** Whether it colours at all. */
    public function colours(): bool
    {
        return $this !== self::Medium && $this !== self::Size;
    }

    /** Whether a plain colour is mixed of it: effects are too dear and too loud for that, and a tape is in no cup. */
    public function mixes(): bool
    {
        return $this->colours() && ! \in_array(
            $this,
            [self::Foil, self::Holographic, self::ColourShift, self::Phosphorescent],
            true,
        );
    }

    public function glows(): bool
    {
        return $this === self::Fluorescent;
    }

    /** Dry film of one ordinary coat, in micrometres. Common practice, no published source. */
    public function ordinaryCoatUm(): float
    {
        return match ($this) {
            self::Opaque, self::Fluorescent, self::Phosphorescent => 10.0,
            self::SemiOpaque, self::Metallic, self::Foil => 7.0,
            self::Pearl, self::Holographic, self::ColourShift => 6.0,
            self::Transparent, self::Medium, self::Size => 5.0,
            self::Ink => 4.0,
        };
    }
}
