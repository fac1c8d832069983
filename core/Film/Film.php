<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Refused;

/** One homogeneous dry film of a paint, as light meets it. Curves are plain lists of 31 floats: this is the inner loop. */
final readonly class Film
{
    /**
     * @param list<float> $r reflectance over black
     * @param list<float> $t transmittance, one way
     * @param list<float> $t2 transmittance there and back
     * @param array{float, float, float} $dims how much of a glint below comes through, in X, Y and Z
     * @param array{float, float, float}|null $glint what its own flakes throw at the mirror angle, X, Y and Z
     * @param list<float>|null $glow what it sends out itself under daylight
     */
    private function __construct(
        public array $r,
        public array $t,
        public array $t2,
        public array $dims,
        public ?array $glint,
        public ?array $glow,
    ) {}

    /** @throws Refused when the thickness is negative or not finite */
    public static function of(Optics $optics, float $dryUm): self
    {
        if (! is_finite($dryUm) || $dryUm < 0) {
            throw Refused::because('A film is 0 um thick or more.');
        }
        [$r, $t] = KubelkaMunk::film($optics->k->values, $optics->s->values, $dryUm);
        $t2 = [];
        foreach ($t as $one) {
            $t2[] = $one * $one;
        }

        return new self(
            $r,
            $t,
            $t2,
            Glint::dimmedBy($t2),
            $optics->glint === null ? null : Glint::ofFilm($optics->glint->values, $dryUm),
            $optics->glow === null ? null : self::scaled($optics->glow->values, Glow::share($dryUm)),
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
