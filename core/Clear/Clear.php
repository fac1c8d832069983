<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Clear;

use Hawkbrush\Core\Coat\Hazard;

/** Clear coats, with their times. Common practice, no published source; the product's own sheet goes first. */
enum Clear: string
{
    case Epoxy = 'two-part epoxy';
    case Resin = 'slow casting resin';
    case Uv = 'UV resin';
    case Urethane = 'moisture-cure urethane dip';
    case Acrylic = 'acrylic spray';

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(self $c): string => $c->value, self::cases());
    }

    /** Minutes from coat to handling at 21 C. */
    public function hardMinutes(): float
    {
        return match ($this) {
            self::Epoxy => 420.0,
            self::Resin => 2880.0,
            self::Uv => 30.0,
            self::Urethane => 1440.0,
            self::Acrylic => 30.0,
        };
    }

    /** Two-part resins: the rate doubles every 10 C (common practice). */
    public function rate(float $airC): float
    {
        return $this === self::Epoxy || $this === self::Resin ? 2 ** (($airC - 21) / 10) : 1.0;
    }

    /** Air in C below which two parts thicken, trap bubbles and may stay soft; null where it hardly matters. */
    public function coldestC(): ?float
    {
        return $this === self::Epoxy || $this === self::Resin ? 16.0 : null;
    }

    /** Whether the painted bait has to be bone dry first: overnight. */
    public function wantsOvernight(): bool
    {
        return $this === self::Uv || $this === self::Urethane;
    }

    /** Whether it is mixed of two parts, and has to be used before it gels. */
    public function isMixed(): bool
    {
        return $this === self::Epoxy || $this === self::Resin;
    }

    /** As it comes, Pa s. Guesses after data sheets of their kind. */
    public function viscosityPaS(): float
    {
        return match ($this) {
            self::Epoxy => 8.0,
            self::Resin => 0.8,
            self::Uv => 1.5,
            self::Urethane => 0.15,
            // Thickened by what flashes off on its way.
            self::Acrylic => 40.0,
        };
    }

    /** Whether it flows for so long that it has to be turned or hung. */
    public function flows(): bool
    {
        return $this === self::Epoxy || $this === self::Resin || $this === self::Urethane;
    }

    public function thicknessUm(): float
    {
        return match ($this) {
            self::Epoxy, self::Resin => 210.0,
            self::Uv => 150.0,
            self::Urethane => 120.0,
            self::Acrylic => 25.0,
        };
    }

    /** How it is laid, in a sentence or two. */
    public function how(): string
    {
        $brushed = 'around joints and line tie first, with a thin brush, keeping them free; then in long even strokes from the tail '
            .'upwards, over the rim of the eye, the nose last.';

        return match ($this) {
            self::Epoxy, self::Resin => "Lay it on {$brushed} Bubbles rise by themselves or under a breath of warm air.",
            self::Uv => "Bone dry first. Lay it on thin, {$brushed} Under the lamp at once, and turned over once.",
            self::Urethane => 'Wires and the drip end crimped, joints and sockets closed; a slow dip, a slower lift, and hung before a fan.',
            self::Acrylic => 'In thin mists from a little way off, each dry before the next: it seals decals and ink.',
        };
    }

    public function hazard(): Hazard
    {
        return match ($this) {
            self::Epoxy, self::Resin => Hazard::Resin,
            self::Uv => Hazard::UvResin,
            self::Urethane => Hazard::Isocyanate,
            self::Acrylic => Hazard::SolventClear,
        };
    }
}
