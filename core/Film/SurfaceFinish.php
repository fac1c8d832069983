<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Spectrum;

/**
 * What the air surface does: Saunderson, J. Opt. Soc. Am. 32, 727 (1942), k1 = 0.04 for light coming in, k2 = 0.6 for
 * light inside. Dry acrylic is matte: its first-surface reflection is scattered into the eye and greys the colour;
 * under clear it leaves as gloss and is excluded: the colour deepens.
 */
enum SurfaceFinish: string
{
    case None = 'none';
    case Matte = 'matte';
    case Clear = 'clear';

    private const K1 = 0.04;

    private const K2 = 0.6;

    /** How far a reading of black may fall below what the surface itself sends back: instruments differ so much. A guess. */
    private const READING = 0.75;

    /** No surface sends back more than about this many times what a perfect white does, in any band. From memory of fluorescent standards. */
    public const MOST_SENT = 1.6;

    /**
     * The figures of R seen = first + through R / (1 - inside R), for loops over many films.
     *
     * @return array{float, float, float} first, through, inside
     */
    public function surface(): array
    {
        return match ($this) {
            self::None => [0.0, 1.0, 0.0],
            self::Matte => [self::K1, (1 - self::K1) * (1 - self::K2), self::K2],
            self::Clear => [0.0, (1 - self::K1) * (1 - self::K2), self::K2],
        };
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn(self $finish): string => $finish->value, self::cases());
    }

    /** Reflectance that no reading of a dry film with this finish falls below: its surface always sends some light back. */
    public function darkestReading(): float
    {
        return self::READING * $this->surface()[0];
    }

    /**
     * The correction is for light that is reflected. What the film sends out itself comes on top of it: of that light the surface
     * lets out what is not thrown back inside, and of the rest what the film below returns.
     *
     * @param list<float> $body reflectance of the film itself, 31 bands
     * @param list<float>|null $glow what it sends out
     *
     * @return list<float> as seen
     */
    public function seen(array $body, ?array $glow = null): array
    {
        [$first, $through, $inside] = $this->surface();
        $seen = [];
        foreach ($body as $i => $r) {
            $reflected = $first + $through * $r / (1 - $inside * $r);
            $seen[] = $glow === null ? $reflected : min(self::MOST_SENT, $reflected + $glow[$i] * (1 - $inside) / (1 - $inside * $r));
        }

        return $seen;
    }

    /**
     * @param list<float> $body reflectance of the film itself, 31 bands
     * @param list<float>|null $glow what it sends out
     */
    public function colour(array $body, ?array $glow = null): Colour
    {
        return Colour::fromReflectance(Spectrum::of($this->seen($body, $glow)));
    }

    /** The inverse of {@see seen}: the reflectance of the film itself behind a colour seen, bounded to 0 to 1. */
    public function body(Spectrum $seen): Spectrum
    {
        [$first, $through, $inside] = $this->surface();

        return $seen->map(static function (float $value) use ($first, $through, $inside): float {
            $entered = max(0.0, $value - $first);

            return min(1.0, $entered / ($through + $inside * $entered));
        });
    }
}
