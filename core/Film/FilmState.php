<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Film;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\Lab;
use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Colour\Xyz;

/**
 * How a spot of the surface looks after the films laid so far: reflectance without the air surface, and, where there
 * are any, the glint of its flakes or of a shining body and the glow of its fluorescents. Curves are plain lists of floats, by the bands
 * followed; a film laid over it follows the same.
 */
final readonly class FilmState
{
    /** Whether it only reflects. */
    public bool $plain;

    /** Y of a glint at the least: more than a full pearl throws. */
    private const SHINES = 0.4;

    /**
     * @param list<float> $r
     * @param array{float, float, float}|null $glint X, Y and Z
     * @param list<float>|null $glow
     * @param array{float, float, float, float, float, float}|null $seldom X, Y and Z of what its flakes throw away from the mirror
     *                                                             angle, and of what glows by night
     */
    private function __construct(public array $r, public ?array $glint, public ?array $glow, public ?array $seldom = null)
    {
        $this->plain = $glint === null && $glow === null && $seldom === null;
    }

    /**
     * @param list<float> $reflectance of the ground, by the bands followed
     * @param array{float, float, float}|null $glint X, Y and Z of what it throws at the mirror angle itself
     */
    public static function ground(array $reflectance, ?array $glint = null): self
    {
        return new self($reflectance, $glint, null);
    }

    /**
     * The same state as it was when it was taken down as numbers.
     *
     * @param list<float> $r
     * @param array{array{float, float, float}|null, list<float>|null, array{float, float, float, float, float, float}|null}|null $lights
     */
    public static function fromArray(array $r, ?array $lights): self
    {
        return $lights === null ? new self($r, null, null) : new self($r, ...$lights);
    }

    /** @return array{array{float, float, float}|null, list<float>|null, array{float, float, float, float, float, float}|null}|null what it has beside its reflectance */
    public function lights(): ?array
    {
        return $this->plain ? null : [$this->glint, $this->glow, $this->seldom];
    }

    /** Over a ground Rg: R = R0 + T^2 Rg / (1 - R0 Rg) (Kubelka, J. Opt. Soc. Am. 44, 330 (1954)). */
    public function under(Film $film): self
    {
        $r = [];
        $r0 = $film->r;
        $t2 = $film->t2;
        foreach ($this->r as $i => $ground) {
            $own = $r0[$i];
            $r[] = $own + $t2[$i] * $ground / (1 - $own * $ground);
        }
        if ($this->plain && $film->plain) {
            return new self($r, null, null);
        }
        $seldom = $this->seldom === null && $film->seldom === null ? null : $this->seldomUnder($film);
        $glow = $this->glow === null && $film->glow === null ? null : $this->glowUnder($film);

        return new self($r, $this->glintUnder($film), $glow, $seldom);
    }

    /** As it looks under flat daylight. */
    public function colour(SurfaceFinish $finish): Colour
    {
        return $finish->colour($this->r, $this->glow);
    }

    /** As it looks at the mirror angle: what its glint throws on top of that. Null where nothing shines. */
    public function atMirror(SurfaceFinish $finish): ?Colour
    {
        if ($this->glint === null) {
            return null;
        }
        $flat = Observer::xyz($finish->seen($this->r, $this->glow));
        [$x, $y, $z] = $this->glint;

        return Colour::fromLab(Lab::fromXyz(new Xyz($flat->x + 100 * $x, $flat->y + 100 * $y, $flat->z + 100 * $z)));
    }

    /** Whether it throws so much at the mirror angle that a colour over it is laid for that, not for its flat look. */
    public function shines(): bool
    {
        return $this->glint !== null && $this->glint[1] > self::SHINES;
    }

    /** @return array{float, float, float}|null */
    private function glintUnder(Film $film): ?array
    {
        $below = $this->glint;
        if ($below === null) {
            return $film->glint;
        }
        [$x, $y, $z] = $film->dims();
        $own = $film->glint ?? [0.0, 0.0, 0.0];

        return [$below[0] * $x + $own[0], $below[1] * $y + $own[1], $below[2] * $z + $own[2]];
    }

    /** @return array{float, float, float, float, float, float} */
    private function seldomUnder(Film $film): array
    {
        [$x, $y, $z] = $film->dims();
        $below = $this->seldom ?? [0.0, 0.0, 0.0, 0.0, 0.0, 0.0];
        $own = $film->seldom ?? [0.0, 0.0, 0.0, 0.0, 0.0, 0.0];
        // Half of a glow goes up at once, half goes down and comes back as far as the ground returns it.
        $up = 0.5 * (1 + array_sum($this->r) / \count($this->r));

        return [
            $below[0] * $x + $own[0], $below[1] * $y + $own[1], $below[2] * $z + $own[2],
            $below[3] * $x + $up * $own[3], $below[4] * $y + $up * $own[4], $below[5] * $z + $up * $own[5],
        ];
    }

    /** @return list<float>|null */
    private function glowUnder(Film $film): ?array
    {
        $t = $film->t;
        $own = null;
        if ($film->glow !== null) {
            // What excites comes down, and up again as far as the ground returns it.
            $excited = 0.5 * (1 + $film->returns($this->r));
            foreach ($film->glow as $i => $sent) {
                // Half goes up at once, half goes down and comes back as far as the ground returns it.
                $own[] = $sent * $excited * 0.5 * (1 + $this->r[$i] * $t[$i]);
            }
        }
        if ($this->glow === null) {
            return $own;
        }
        $excited = $film->excites();
        $glow = [];
        foreach ($this->glow as $i => $below) {
            $glow[] = $below * $excited * $t[$i] + ($own[$i] ?? 0.0);
        }

        return $glow;
    }
}
