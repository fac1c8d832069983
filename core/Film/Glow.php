<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Colour\Spectrum;

/**
 * The light a fluorescent paint sends out. Our own simplification, no published source: it is excited by light from
 * 400 to 490 nm, sends out in the bands in which its swatch is brightest, in proportion to the film up to a ceiling,
 * and is helped by a bright ground, which sends up again both the light that excites and the glow that went down. What lies
 * above takes its share twice: of the exciting light and of the glow.
 */
final class Glow
{
    /** Part of the ceiling that is reached with each micrometre of dry film. */
    private const PER_UM = 0.12;

    private const CEILING = 0.8;

    /** As bright as this in its brightest band, a swatch glows in full; a black one has nothing to glow with. A guess. */
    private const BRIGHT = 0.6;

    private const EXCITING_BANDS = 10;

    /** @var array<int, list<float>> weight of each band in what excites, by the bands followed */
    private static array $exciting = [];

    public static function ofSwatch(Spectrum $body): Spectrum
    {
        $brightest = max([1e-6, ...$body->values]);

        $full = self::CEILING * min(1.0, $brightest / self::BRIGHT);

        return $body->map(static fn(float $r): float => $full * ($r / $brightest) ** 3);
    }

    /** Share of the ceiling that a film of this thickness reaches, 0 to 1. */
    public static function share(float $dryUm): float
    {
        return 1 - exp(-self::PER_UM * $dryUm);
    }

    /**
     * Share of the exciting light that gets down through a film once.
     *
     * @param list<float> $transmittance by the bands followed
     */
    public static function excitation(array $transmittance, Bands $bands): float
    {
        $excites = 0.0;
        foreach (self::exciting($bands) as $i => $weight) {
            $excites += $weight * $transmittance[$i];
        }

        return $excites;
    }

    /** @return list<float> how much each band excites, together 1, by the bands followed */
    public static function exciting(Bands $bands): array
    {
        return self::$exciting[$bands->value] ??= $bands->gathered([
            ...array_fill(0, self::EXCITING_BANDS, 1 / self::EXCITING_BANDS),
            ...array_fill(0, Spectrum::BANDS - self::EXCITING_BANDS, 0.0),
        ]);
    }
}
