<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Colour;

/**
 * The colours around one colour as places around a point, each as far from it as CIEDE2000 says. Near it that is a
 * turned and stretched L*a*b*, taken from {@see DeltaE2000} by small steps; further away places are drawn in or out along
 * their way to the point.
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
        $x = $this->ll * $dl + $this->la * $da + $this->lb * $db;
        $y = $this->aa * $da + $this->ab * $db;
        $z = $this->bb * $db;
        $size = sqrt($x * $x + $y * $y + $z * $z);
        if ($size < self::STEP) {
            return [$x, $y, $z];
        }
        $drawn = $this->difference->to($l, $a, $b) / $size;

        return [$x * $drawn, $y * $drawn, $z * $drawn];
    }

    /**
     * The colour so far off in a direction.
     *
     * @param array{float, float, float} $direction of length 1
     * @param float $deltaE less than any two colours are apart that light can make
     */
    public function colour(array $direction, float $deltaE): Lab
    {
        $b = $direction[2] / $this->bb;
        $a = ($direction[1] - $this->ab * $b) / $this->aa;
        $l = ($direction[0] - $this->la * $a - $this->lb * $b) / $this->ll;
        $at = fn(float $far): Lab => new Lab($this->colour->l + $l * $far, $this->colour->a + $a * $far, $this->colour->b + $b * $far);
        [$least, $most] = [0.0, 400.0];
        for ($i = 0; $i < 14; $i++) {
            $far = ($least + $most) / 2;
            $to = $at($far);
            if ($this->difference->to($to->l, $to->a, $to->b) < $deltaE) {
                $least = $far;
            } else {
                $most = $far;
            }
        }

        return $at($most);
    }
}
