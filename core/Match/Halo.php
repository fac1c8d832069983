<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

use Hawkbrush\Core\Colour\Metric;

/**
 * The colours that are no further off than so much, as a body around the wanted colour: a ball near it, drawn out of
 * shape further away. For the cell of each ray it is known which way the body faces there and how far it reaches that
 * way, so that a few products tell what lies beyond it as a whole.
 */
final readonly class Halo
{
    /** What the body may reach further between rays than on them. */
    private const SPARE = 1.02;

    /** A grey between those looked at may be nearer by so much, DeltaE00. */
    private const BETWEEN_GREYS = 1.0;

    /** By so much the square of its way has to be more than that of the ray. */
    private const OUT = 1.1;

    /** By how much a place is moved to tell which way differences grow. */
    private const ASIDE = 0.01;

    /** @var list<array{float, float, float}> where each ray leaves it, and greys that stand out of it */
    public array $edge;

    /** @var list<array{float, float, float}> which way it faces there, of length 1 */
    public array $facing;

    /** @var list<float> how far it reaches that way */
    public array $reach;

    /** @param float $deltaE how far off its colours are at most */
    public function __construct(Rays $rays, public float $deltaE)
    {
        $edge = $facing = $reach = [];
        foreach ($rays->directions as $cell => [$x, $y, $z]) {
            $far = $rays->leaves($cell, $deltaE);
            $edge[] = [$far * $x, $far * $y, $far * $z];
            $facing[] = self::outward($rays->metric, $far * $x, $far * $y, $far * $z);
        }
        // Greys that stand out of it are part of it.
        $all = $edge;
        foreach ($rays->greys as [[$x, $y, $z], $off]) {
            if ($off <= $deltaE + self::BETWEEN_GREYS) {
                [$px, $py, $pz] = $edge[Rays::cell($x, $y, $z)];
                if ($x * $x + $y * $y + $z * $z > self::OUT * ($px * $px + $py * $py + $pz * $pz)) {
                    $all[] = [$x, $y, $z];
                }
            }
        }
        foreach ($facing as [$x, $y, $z]) {
            $most = 0.0;
            foreach ($all as [$px, $py, $pz]) {
                $along = $x * $px + $y * $py + $z * $pz;
                $most = $along > $most ? $along : $most;
            }
            $reach[] = $most * self::SPARE;
        }
        $this->edge = $all;
        $this->facing = $facing;
        $this->reach = $reach;
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
