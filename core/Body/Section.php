<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

/** Corners of a superellipse section at equal steps of theta, as shares of half width and of height; made once for a body. */
final readonly class Section
{
    /**
     * @param list<float> $y share of the half width, towards the left flank
     * @param list<float> $z share of the height, positive above the axis, negative below
     */
    private function __construct(private array $y, private array $z) {}

    /** From the back ridge over the left flank to the belly: $steps + 1 corners. */
    public static function half(int $steps, float $exponent): self
    {
        $power = 2 / $exponent;
        $y = $z = [];
        for ($i = 0; $i <= $steps; $i++) {
            $angle = deg2rad(180 * $i / $steps);
            $sin = sin($angle);
            $cos = cos($angle);
            $y[] = ($sin <=> 0.0) * abs($sin) ** $power;
            $z[] = ($cos <=> 0.0) * abs($cos) ** $power;
        }

        return new self($y, $z);
    }

    /**
     * @return array{list<float>, list<float>} y and z in mm of each corner at this place along the body
     */
    public function rib(Body $body, float $u): array
    {
        $half = $body->halfWidthAt($u);
        $top = $body->topAt($u);
        $bottom = $body->bottomAt($u);
        $ys = $zs = [];
        foreach ($this->y as $i => $y) {
            $ys[] = $half * $y;
            $z = $this->z[$i];
            $zs[] = $z * ($z >= 0 ? $top : $bottom);
        }

        return [$ys, $zs];
    }

    /**
     * The facets between the corners, for a body whose sections are all of this shape: how far each goes across, and
     * where its middle lies, in y and in z above and below the axis; each to be multiplied by the section's own measure.
     *
     * @return list<array{float, float, float, float, float, float}> steps of y, z above and z below, middles of the same
     */
    public function facets(): array
    {
        $facets = [];
        for ($i = 1; $i < \count($this->y); $i++) {
            $above = [max(0.0, $this->z[$i - 1]), max(0.0, $this->z[$i])];
            $below = [min(0.0, $this->z[$i - 1]), min(0.0, $this->z[$i])];
            $facets[] = [
                $this->y[$i] - $this->y[$i - 1], $above[1] - $above[0], $below[1] - $below[0],
                ($this->y[$i] + $this->y[$i - 1]) / 2, ($above[1] + $above[0]) / 2, ($below[1] + $below[0]) / 2,
            ];
        }

        return $facets;
    }
}
