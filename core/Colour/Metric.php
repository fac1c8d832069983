<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Colour;

/**
 * CIEDE2000 close to one colour as an ordinary distance: a turned and stretched L*a*b*, in which a step of length 1 is
 * one DeltaE00. Taken from {@see DeltaE2000} by small steps; further away it is only a way of telling near from far.
 */
final readonly class Metric
{
    private const STEP = 0.05;

    private function __construct(private float $ll, private float $la, private float $lb, private float $aa, private float $ab, private float $bb) {}

    public static function at(Lab $colour): self
    {
        $square = static fn(float $l, float $a, float $b): float => (DeltaE2000::between($colour, new Lab($colour->l + $l * self::STEP, $colour->a + $a * self::STEP, $colour->b + $b * self::STEP)) / self::STEP) ** 2;
        [$l, $a, $b] = [$square(1, 0, 0), $square(0, 1, 0), $square(0, 0, 1)];
        $mixed = static fn(float $both, float $one, float $two): float => ($both - $one - $two) / 2;
        // Cholesky: the form is the square of an upper triangle.
        $ll = sqrt($l);
        $la = $mixed($square(1, 1, 0), $l, $a) / $ll;
        $lb = $mixed($square(1, 0, 1), $l, $b) / $ll;
        $aa = sqrt(max(1e-6, $a - $la * $la));
        $ab = ($mixed($square(0, 1, 1), $a, $b) - $la * $lb) / $aa;

        return new self($ll, $la, $lb, $aa, $ab, sqrt(max(1e-6, $b - $lb * $lb - $ab * $ab)));
    }

    /** @return array{float, float, float} the way from one colour to another */
    public function between(Lab $from, Lab $to): array
    {
        return $this->way($to->l - $from->l, $to->a - $from->a, $to->b - $from->b);
    }

    /** @return array{float, float, float} the same, by how far they lie apart in L*, a* and b* */
    public function way(float $l, float $a, float $b): array
    {
        return [$this->ll * $l + $this->la * $a + $this->lb * $b, $this->aa * $a + $this->ab * $b, $this->bb * $b];
    }
}
