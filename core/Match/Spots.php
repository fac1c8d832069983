<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

/**
 * Mixes in whole drops, and where each lies in a {@see Patch}. Three lists rather than one of threes: a search goes
 * through hundreds of thousands.
 */
final readonly class Spots
{
    /**
     * @param list<int> $mixes drops as in {@see Drops::$threes}; of two paints the third has none
     * @param list<float> $v of each, how far it is from the first corner towards the second, 0 to 1
     * @param list<float> $w and towards the third
     */
    public function __construct(public array $mixes, public array $v, public array $w) {}

    /** Where they lie once a part of the first corner's mix counts for so much, and one of the second's and third's. */
    public function weighed(float $first, float $second, float $third): self
    {
        $vs = $ws = [];
        foreach ($this->v as $i => $v) {
            $w = $this->w[$i];
            $u = (1 - $v - $w) / $first;
            $v /= $second;
            $w /= $third;
            $whole = $u + $v + $w;
            $vs[] = $v / $whole;
            $ws[] = $w / $whole;
        }

        return new self($this->mixes, $vs, $ws);
    }

    /** @return array{self, self, self, self} those in each quarter, and where they lie in it: at the first corner, the second, the third, and between */
    public function quarters(): array
    {
        $atP = $vP = $wP = $atQ = $vQ = $wQ = $atR = $vR = $wR = $inside = $vI = $wI = [];
        foreach ($this->mixes as $i => $mix) {
            $v = 2 * $this->v[$i];
            $w = 2 * $this->w[$i];
            if ($v + $w <= 1) {
                $atP[] = $mix;
                $vP[] = $v;
                $wP[] = $w;
            } elseif ($v >= 1) {
                $atQ[] = $mix;
                $vQ[] = $v - 1;
                $wQ[] = $w;
            } elseif ($w >= 1) {
                $atR[] = $mix;
                $vR[] = $v;
                $wR[] = $w - 1;
            } else {
                $inside[] = $mix;
                $vI[] = 1 - $v;
                $wI[] = 1 - $w;
            }
        }

        return [new self($atP, $vP, $wP), new self($atQ, $vQ, $wQ), new self($atR, $vR, $wR), new self($inside, $vI, $wI)];
    }
}
