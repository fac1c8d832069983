<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

/** How far a zone goes: along the length in u, around in degrees from the back ridge; each fades over its soft width. */
final readonly class Extent
{
    public function __construct(
        public float $fromU,
        public float $toU,
        public float $softU,
        public float $fromDeg,
        public float $toDeg,
        public float $softDeg,
    ) {}

    /** Edges at the very ends are not edges: nothing fades towards nose, tail, ridge or keel. */
    public static function set(float $fromU, float $toU, float $softU, float $fromDeg, float $toDeg, float $softDeg): self
    {
        return new self(
            $fromU <= 0 ? -1.0 : $fromU,
            $toU >= 1 ? 2.0 : $toU,
            $softU,
            $fromDeg <= 0 ? -90.0 : $fromDeg,
            $toDeg >= 180 ? 270.0 : $toDeg,
            $softDeg,
        );
    }

    public function along(float $u): float
    {
        return Smooth::between($this->fromU, $this->toU, $this->softU, $u);
    }

    public function around(float $deg): float
    {
        return Smooth::between($this->fromDeg, $this->toDeg, $this->softDeg, $deg);
    }
}
