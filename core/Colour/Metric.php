<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Colour;

/**
 * The colours around one colour as places around a point, and how far off they are: by DeltaE00, or plainly.
 *
 * By DeltaE00, L*a*b* is turned and stretched so that near the point a step is one in every direction, taken from
 * {@see DeltaE2000} by small steps. Further away a step counts for less or more; {@see off} says how far a place truly is.
 */
final readonly class Metric
{
    private const STEP = 0.05;

    private function __construct(
        private Lab $colour,
        private ?DeltaE2000 $difference,
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
        $square = static fn(float $l, float $a, float $b): float => ($difference->to(
            $colour->l + $l * self::STEP,
            $colour->a + $a * self::STEP,
            $colour->b + $b * self::STEP,
        ) / self::STEP) ** 2;
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

    /** As the distance in L*a*b* has it (CIE 1976): for what lies further off than DeltaE00 was made for. */
    public static function plain(Lab $colour): self
    {
        return new self($colour, null, 1.0, 0.0, 0.0, 1.0, 0.0, 1.0);
    }

    /** @return array{float, float, float} where a colour of this L*, a* and b* lies */
    public function place(float $l, float $a, float $b): array
    {
        $dl = $l - $this->colour->l;
        $da = $a - $this->colour->a;
        $db = $b - $this->colour->b;

        return [$this->ll * $dl + $this->la * $da + $this->lb * $db, $this->aa * $da + $this->ab * $db, $this->bb * $db];
    }

    /** How far off a colour is. */
    public function from(Lab $colour): float
    {
        return $this->off(...$this->place($colour->l, $colour->a, $colour->b));
    }

    /** How far off a place is. */
    public function off(float $x, float $y, float $z): float
    {
        if ($this->difference === null) {
            return sqrt($x * $x + $y * $y + $z * $z);
        }
        $b = $z / $this->bb;
        $a = ($y - $this->ab * $b) / $this->aa;
        $l = ($x - $this->la * $a - $this->lb * $b) / $this->ll;

        return $this->difference->to($this->colour->l + $l, $this->colour->a + $a, $this->colour->b + $b);
    }
}
