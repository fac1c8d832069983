<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

use Hawkbrush\Core\Colour\Metric;

/**
 * The colours that are no further off than so much, around the wanted colour: a body that bulges everywhere. For many
 * directions, one for each cell of {@see Rays}, it is known how far it reaches, so that a few products tell what lies
 * beyond it as a whole.
 */
final readonly class Halo
{
    /** What it may reach further than the places by which it is known, of the way from the middle. */
    private const SPARE = 1.02;

    /** By how much a place is moved to tell which way differences grow. */
    private const ASIDE = 0.01;

    /** @var list<array{float, float, float}> the direction in which each cell is known: outward there */
    public array $facing;

    /** @var list<float> how far it reaches in each */
    public array $reach;

    /** @param float $off how far off its colours are at most */
    public function __construct(Rays $rays, public float $off)
    {
        $edge = $facing = $reach = [];
        foreach ($rays->directions as $cell => [$x, $y, $z]) {
            $far = $rays->leaves($cell, $off);
            $edge[] = [$far * $x, $far * $y, $far * $z];
            $facing[] = self::outward($rays->metric, $far * $x, $far * $y, $far * $z);
        }
        foreach ($facing as [$x, $y, $z]) {
            $most = 0.0;
            foreach ($edge as [$px, $py, $pz]) {
                $along = $x * $px + $y * $py + $z * $pz;
                $most = $along > $most ? $along : $most;
            }
            $reach[] = $most * self::SPARE;
        }
        $this->facing = $facing;
        $this->reach = $reach;
    }

    /**
     * The cell in which the nearest point of a flat triangle is seen.
     *
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     * @param array{float, float, float} $c
     */
    public static function toward(array $a, array $b, array $c): int
    {
        return Rays::cell(...Triangle::nearest($a, $b, $c));
    }

    /** @return array{float, float, float} which way differences grow at a place */
    private static function outward(Metric $metric, float $x, float $y, float $z): array
    {
        $here = $metric->off($x, $y, $z);
        $gx = $metric->off($x + self::ASIDE, $y, $z) - $here;
        $gy = $metric->off($x, $y + self::ASIDE, $z) - $here;
        $gz = $metric->off($x, $y, $z + self::ASIDE) - $here;
        $size = max(1e-9, sqrt($gx * $gx + $gy * $gy + $gz * $gz));

        return [$gx / $size, $gy / $size, $gz / $size];
    }
}
