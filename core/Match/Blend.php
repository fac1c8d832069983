<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Match;

/** Three paints of a rack, or two of which the third is the first again, mixed in whatever shares. */
final readonly class Blend
{
    /** @param int $one which paints, by their place in the rack */
    public function __construct(private Sketch $sketch, public int $one, public int $two, public int $three) {}

    public function ofTwo(): bool
    {
        return $this->three === $this->one;
    }

    /**
     * Where a mix lies, by how much each paint counts in it.
     *
     * @param array{float, float, float} $shares
     *
     * @return array{float, float, float}
     */
    public function at(array $shares): array
    {
        return $this->sketch->at($this->one, $this->two, $this->three, $shares);
    }

    /**
     * Where a mix in whole drops lies.
     *
     * @return array{float, float, float}
     */
    public function of(int $ofOne, int $ofTwo, int $ofThree): array
    {
        $drop = $this->sketch->drop;

        return $this->sketch->place($this->one, $this->two, $this->three, $ofOne * $drop[$this->one], $ofTwo * $drop[$this->two], $ofThree * $drop[$this->three]);
    }
}
