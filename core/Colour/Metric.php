<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Colour;

/**
 * The colours around one colour as places around a point: L*a*b* turned and stretched so that near the point a step is
 * one DeltaE00 in every direction, taken from {@see DeltaE2000} by small steps. Further away a step counts for less or
 * more; {@see off} says how far a place truly is.
 */
final readonly class Metric
{
    private const STEP = 0.05;

    private function __construct(
        private Lab $colour,
        private DeltaE2000 $difference,
        private float $ll,
        private float $la,
        private float $lb,
        private float $aa,
        private float $ab,
        private float $bb,
    ) {}

    public static function at(Lab $colour): self
    {
        $difference = new DeltaE2000($colour);
        $square = static fn(float $l, float $a, float $b): float => ($difference->to($colour->l + $l * self::STEP, $colour->a + $a * self::STEP, $colour->b + $b * self::STEP) / self::STEP) ** 2;
        [$l, $a, $b] = [$square(1, 0, 0), $square(0, 1, 0), $square(0, 0, 1)];
        $mixed = static fn(float $both, float $one, float $two): float => ($both - $one - $two) / 2;
        // Cholesky: the form is the square of an upper triangle.
        $ll = sqrt($l);
        $la = $mixed($square(1, 1, 0), $l, $a) / $ll;
        $lb = $mixed($square(1, 0, 1), $l, $b) / $ll;
        $aa = sqrt(max(1e-6, $a - $la * $la));
        $ab = ($mixed($square(0, 1, 1), $a, $b) - $la * $lb) / $aa;

        return new self($colour, $difference, $ll, $la, $lb, $aa, $ab, sqrt(max(1e-6, $b - $lb * $lb - $ab * $ab)));
    }

    /** @return array{float, float, float} where a colour of this L*, a* and b* lies */
    public function place(float $l, float $a, float $b): array
    {
        $dl = $l - $this->colour->l;
        $da = $a - $this->colour->a;
        $db = $b - $this->colour->b;

        return [$this->ll * $dl + $this->la * $da + $this->lb * $db, $this->aa * $da + $this->ab * $db, $this->bb * $db];
    }

    /** The colour of a place. */
    public function colour(float $x, float $y, float $z): Lab
    {
        $b = $z / $this->bb;
        $a = ($y - $this->ab * $b) / $this->aa;
        $l = ($x - $this->la * $a - $this->lb * $b) / $this->ll;

        return new Lab($this->colour->l + $l, $this->colour->a + $a, $this->colour->b + $b);
    }

    /** How far a place is off, DeltaE00. */
    public function off(float $x, float $y, float $z): float
    {
        $b = $z / $this->bb;
        $a = ($y - $this->ab * $b) / $this->aa;
        $l = ($x - $this->la * $a - $this->lb * $b) / $this->ll;

        return $this->difference->to($this->colour->l + $l, $this->colour->a + $a, $this->colour->b + $b);
    }
}
