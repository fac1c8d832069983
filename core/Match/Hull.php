<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

/** A body that bulges everywhere: for many directions, the cells of {@see Rays}, how far it reaches, so that a few products tell what lies beyond it as a whole. */
final readonly class Hull
{
    /** What it may reach further than the places by which it is known, of the way from its centre. */
    private const SPARE = 1.02;

    /** @var list<float> how far it reaches in each direction, from where the axes meet */
    public array $reach;

    /**
     * @param array{float, float, float}|null $centre from which cells are seen; null: where the axes meet
     * @param list<array{float, float, float}> $facing the direction in which it is known, by cell
     * @param list<array{float, float, float}> $places on or in it
     */
    public function __construct(private ?array $centre, public array $facing, array $places)
    {
        [$cx, $cy, $cz] = $centre ?? [0.0, 0.0, 0.0];
        $reach = [];
        foreach ($facing as [$x, $y, $z]) {
            $from = $x * $cx + $y * $cy + $z * $cz;
            $most = $from;
            foreach ($places as [$px, $py, $pz]) {
                $along = $x * $px + $y * $py + $z * $pz;
                $most = $along > $most ? $along : $most;
            }
            $reach[] = $from + ($most - $from) * self::SPARE;
        }
        $this->reach = $reach;
    }

    /**
     * Around the middle of some places.
     *
     * @param non-empty-list<array{float, float, float}> $places
     */
    public static function around(Rays $rays, array $places): self
    {
        $count = \count($places);

        return new self([array_sum(array_column($places, 0)) / $count, array_sum(array_column($places, 1)) / $count, array_sum(array_column($places, 2)) / $count], $rays->directions, $places);
    }

    /** The cell in which a place is seen from the centre. */
    public function cell(float $x, float $y, float $z): int
    {
        return $this->centre === null ? Rays::cell($x, $y, $z) : Rays::cell($x - $this->centre[0], $y - $this->centre[1], $z - $this->centre[2]);
    }

    /** How far a place lies beyond it at least; negative in it. */
    public function beyond(float $x, float $y, float $z): float
    {
        $cell = $this->cell($x, $y, $z);
        [$fx, $fy, $fz] = $this->facing[$cell];

        return $x * $fx + $y * $fy + $z * $fz - $this->reach[$cell];
    }

    /**
     * The cell in which the nearest point of a flat triangle is seen.
     *
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     * @param array{float, float, float} $c
     */
    public function toward(array $a, array $b, array $c): int
    {
        if ($this->centre !== null) {
            [$x, $y, $z] = $this->centre;
            $a = [$a[0] - $x, $a[1] - $y, $a[2] - $z];
            $b = [$b[0] - $x, $b[1] - $y, $b[2] - $z];
            $c = [$c[0] - $x, $c[1] - $y, $c[2] - $z];
        }
        [$x, $y, $z] = Triangle::nearest($a, $b, $c);

        return Rays::cell($x, $y, $z);
    }
}
