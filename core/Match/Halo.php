<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

use Hawkbrush\Core\Colour\Metric;

/**
 * The colours that are no further off than so much, around the wanted colour: a ball near it, drawn out of shape further
 * away, and, apart from that, {@see Greys} that stand out of it.
 */
final readonly class Halo
{
    /** A grey between those looked at may be nearer by so much, DeltaE00. */
    private const BETWEEN_GREYS = 0.5;

    /** One that stands out by no more, in the units of {@see Metric}, is taken to belong to the rest; nor by no more of what it is further off. */
    private const OUT = 1.5;

    /** By how much a place is moved to tell which way differences grow. */
    private const ASIDE = 0.01;

    /** @var non-empty-list<Hull> what it consists of */
    public array $hulls;

    /** @param float $deltaE how far off its colours are at most */
    public function __construct(Rays $rays, public float $deltaE)
    {
        $edge = $facing = $greys = [];
        foreach ($rays->directions as $cell => [$x, $y, $z]) {
            $far = $rays->leaves($cell, $deltaE);
            $edge[] = [$far * $x, $far * $y, $far * $z];
            $facing[] = self::outward($rays->metric, $far * $x, $far * $y, $far * $z);
        }
        $main = new Hull(null, $facing, $edge);
        foreach ($rays->greys as [[$x, $y, $z], $off]) {
            $beyond = $off <= $deltaE + self::BETWEEN_GREYS ? $main->beyond($x, $y, $z) : 0.0;
            if ($beyond > self::OUT + self::OUT * max(0.0, $off - $deltaE)) {
                $greys[] = [$x, $y, $z];
            } elseif ($beyond > 0 && $off <= $deltaE) {
                $edge[] = [$x, $y, $z];
            }
        }
        $this->hulls = [
            \count($edge) === \count($facing) ? $main : new Hull(null, $facing, $edge),
            ...($greys === [] ? [] : [Hull::around($rays, $greys)]),
        ];
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
