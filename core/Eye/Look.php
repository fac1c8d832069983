<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Eye;

use Hawkbrush\Core\Film\FilmState;
use Hawkbrush\Core\Film\SurfaceFinish;

/**
 * An eye as it is drawn: discs from the rim inwards, its pupil, how high its dome stands and how much of the lamp it throws
 * back. A painted one shows the films of its rings, one over the other, over what lies below it; a bought one its print. How
 * kinds differ to the eye is our own simplification.
 */
final readonly class Look
{
    private const RIM = '#151614';

    private const PUPIL = '#0b0b0a';

    /** A painted one that names no paints: a white disc, its colour within so much of the width. */
    private const WHITE = '#f2f2ee';

    private const INNER = 0.8;

    /** A dot of white on the pupil: its width as a share, and how bright. */
    private const SPARK = [0.16, 0.95];

    /** Charged, what glows is seen by night in this. */
    private const GLOWS = '#9fe8a0';

    /**
     * Of each kind: rim as a share of the width, how far the iris darkens towards its edge, pupil as a share of the width,
     * width of the lamp's glint as a share, and how bright that is.
     */
    private const KINDS = [
        'flat' => [0.05, 0.25, 0.44, 0.0, 0.0],
        'domed' => [0.08, 0.6, 0.46, 0.16, 0.85],
        '3D' => [0.1, 0.85, 0.42, 0.22, 0.9],
        // The lens enlarges what lies below it.
        'glass' => [0.04, 0.7, 0.54, 0.3, 1.0],
        'painted' => [0.0, 0.0, 0.44, 0.0, 0.0],
        'glow' => [0.08, 0.15, 0.4, 0.16, 0.8],
    ];

    /**
     * @param list<array{share: float, hex: string}> $discs each as a share of the width, the widest first
     * @param float $shade how far the innermost disc darkens towards its edge, 0 to 1
     * @param float $pupilShare 0: it has none of its own
     * @param float $domeMm how high it stands on its own base
     * @param string|null $nightHex of its iris, where it glows
     */
    private function __construct(
        public Eye $eye,
        public array $discs,
        public float $shade,
        public float $pupilShare,
        public string $pupilHex,
        public float $domeMm,
        public float $glintShare,
        public float $glint,
        public ?string $nightHex,
        public string $irisHex,
    ) {}

    /** @param FilmState $below what an eye is painted on; a bought one hides it */
    public static function of(Eye $eye, FilmState $below): self
    {
        [$rim, $shade, $pupil, $glintShare, $glint] = self::KINDS[$eye->kind];
        $painted = self::painted($eye->rings, $below);
        $plain = $rim > 0 ? [['share' => 1.0, 'hex' => self::RIM], ['share' => 1 - $rim, 'hex' => $eye->irisHex]] : [
            ['share' => 1.0, 'hex' => self::WHITE], ['share' => self::INNER, 'hex' => $eye->irisHex],
        ];
        $last = $painted === [] ? null : $painted[\count($painted) - 1];
        // Of two rings and more, the innermost is the pupil.
        $ownPupil = \count($painted) > 1 && $last !== null;

        return new self(
            $eye,
            $painted === [] ? $plain : ($ownPupil ? \array_slice($painted, 0, -1) : $painted),
            $shade,
            $ownPupil ? $last['share'] : ($painted === [] ? $pupil : 0.0),
            $ownPupil ? $last['hex'] : self::PUPIL,
            Fit::domeMm($eye->diameterMm, $eye->kind),
            $eye->spark ? self::SPARK[0] : $glintShare,
            $eye->spark ? self::SPARK[1] : $glint,
            $eye->kind === 'glow' ? self::GLOWS : null,
            $painted === [] ? $eye->irisHex : $painted[max(0, \count($painted) - 2)]['hex'],
        );
    }

    /** @return non-empty-list<string> hex of what must stand out from its surround: the iris, of a painted one its widest disc too */
    public function shows(): array
    {
        return $this->eye->kind === 'painted' ? [$this->irisHex, ...array_column(\array_slice($this->discs, 0, 1), 'hex')] : [$this->irisHex];
    }

    /** @return non-empty-list<string> hex of each disc, the widest first, and of its pupil */
    public function colours(): array
    {
        return [...array_column($this->discs, 'hex'), $this->pupilHex];
    }

    /**
     * @param list<Ring> $rings in the order in which they are painted
     *
     * @return list<array{share: float, hex: string}> the widest first
     */
    private static function painted(array $rings, FilmState $below): array
    {
        $shares = array_unique(array_map(static fn(Ring $ring): string => (string) $ring->share, $rings));
        rsort($shares, SORT_NUMERIC);

        return array_map(static function (string $share) use ($rings, $below): array {
            $state = $below;
            foreach ($rings as $ring) {
                // Within this width, all that are at least as wide lie one over the other.
                $state = $ring->share >= (float) $share ? $state->under($ring->film()) : $state;
            }

            return ['share' => (float) $share, 'hex' => $state->colour(SurfaceFinish::Clear)->hex()];
        }, $shares);
    }
}
