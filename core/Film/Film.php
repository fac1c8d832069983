<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Bands;
use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Colour\Spectrum;
use Hawkbrush\Core\Refused;

/**
 * One homogeneous dry film of a paint, as light meets it. Curves are plain lists of floats, by the bands followed: this is
 * the inner loop.
 */
final class Film
{
    /** Whether it only reflects and lets through. */
    public readonly bool $plain;

    private ?float $excites = null;

    /** @var array{float, float, float}|null */
    private ?array $dims = null;

    /**
     * @param list<float> $r reflectance over black
     * @param list<float> $t transmittance, one way
     * @param list<float> $t2 transmittance there and back
     * @param array{float, float, float}|null $glint what its own flakes throw at the mirror angle, X, Y and Z
     * @param list<float>|null $glow what it sends out itself under daylight
     * @param array{float, float, float, float, float, float}|null $seldom what its flakes throw away from the mirror angle, X, Y and Z,
     *                                                             and what it sends out by night
     */
    private function __construct(
        public readonly array $r,
        public readonly array $t,
        public readonly array $t2,
        public readonly ?array $glint,
        public readonly ?array $glow,
        public readonly ?array $seldom,
        private readonly Bands $bands,
        private readonly Optics $optics,
        private readonly float $dryUm,
    ) {
        $this->plain = $glint === null && $glow === null && $seldom === null;
    }

    /** @throws Refused when the thickness is negative or not finite */
    public static function of(Optics $optics, float $dryUm, Bands $bands = Bands::All): self
    {
        if (! is_finite($dryUm) || $dryUm < 0) {
            throw Refused::because('A film is 0 µm thick or more.');
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
            $optics->glint === null ? null : Glint::ofFilm($optics->glint->values, Glint::dimmedBy($optics, $dryUm, $bands)),
            $optics->glow === null ? null : self::scaled($bands->of($optics->glow->values), Glow::share($dryUm)),
            $optics->away === null && $optics->afterglow === null ? null : self::seldom($optics, $dryUm, $bands),
            $bands,
            $optics,
            $dryUm,
        );
    }

    /** Share of the light that excites a glow which comes through, one way. Worked out when asked for: most films lie over none. */
    public function excites(): float
    {
        return $this->excites ??= Glow::excitation($this->t, $this->bands);
    }

    /**
     * Share of the exciting light that a ground sends up again through the film.
     *
     * @param list<float> $ground reflectance, by the bands followed
     */
    public function returns(array $ground): float
    {
        return Glow::excitation(array_map(static fn(float $t, float $r): float => $t * $r, $this->t, $ground), $this->bands);
    }

    /** @return array{float, float, float} how much of a glint below comes through, in X, Y and Z */
    public function dims(): array
    {
        return $this->dims ??= Glint::dimmedBy($this->optics, $this->dryUm, $this->bands);
    }

    /** @return array{float, float, float, float, float, float} */
    private static function seldom(Optics $optics, float $dryUm, Bands $bands): array
    {
        $away = $optics->away === null ? [0.0, 0.0, 0.0] : Glint::ofFilm($optics->away->values, Glint::dimmedBy($optics, $dryUm, $bands));
        $night = Observer::xyz(self::scaled($optics->afterglow->values ?? Spectrum::flat(0)->values, Phosphorescence::share($dryUm) / 100));

        return [...$away, $night->x, $night->y, $night->z];
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
