<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Refused;

/**
 * One homogeneous dry film of a paint, as light meets it. Curves are plain lists of floats, by the bands followed: this is
 * the inner loop.
 */
final readonly class Film
{
    /**
     * @param list<float> $r reflectance over black
     * @param list<float> $t transmittance, one way
     * @param list<float> $t2 transmittance there and back
     * @param float $excites share of the light that excites a glow which comes through, one way
     * @param array{float, float, float} $dims how much of a glint below comes through, in X, Y and Z
     * @param array{float, float, float}|null $glint what its own flakes throw at the mirror angle, X, Y and Z
     * @param list<float>|null $glow what it sends out itself under daylight
     */
    private function __construct(
        public array $r,
        public array $t,
        public array $t2,
        public float $excites,
        public array $dims,
        public ?array $glint,
        public ?array $glow,
    ) {}

    /** @throws Refused when the thickness is negative or not finite */
    public static function of(Optics $optics, float $dryUm, Bands $bands = Bands::All): self
    {
        if (! is_finite($dryUm) || $dryUm < 0) {
            throw Refused::because('A film is 0 um thick or more.');
        }
        [$r, $t] = KubelkaMunk::film($bands->of($optics->k->values), $bands->of($optics->s->values), $dryUm);
        $t2 = [];
        foreach ($t as $one) {
            $t2[] = $one * $one;
        }

        return new self(
            $r,
            $t,
            $t2,
            Glow::excitation($t, $bands),
            Glint::dimmedBy($t2, $bands),
            $optics->glint === null ? null : Glint::ofFilm($optics->glint->values, $dryUm),
            $optics->glow === null ? null : self::scaled($bands->of($optics->glow->values), Glow::share($dryUm)),
        );
    }

    /**
     * @param list<float> $curve
     *
     * @return list<float>
     */
    private static function scaled(array $curve, float $by): array
    {
        return array_map(static fn(float $value): float => $value * $by, $curve);
    }
}
