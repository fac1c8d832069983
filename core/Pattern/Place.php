<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Pattern;

use Hawkbrush\Core\Body\Marks;
use Hawkbrush\Core\Body\Smooth;
use Hawkbrush\Core\Body\Zone;

/** Where a coat goes: a zone of the body, or a range of one's own along the length (u) and around (degrees). */
final readonly class Place
{
    private function __construct(
        public ?Zone $zone,
        public float $fromU,
        public float $toU,
        public float $fromDeg,
        public float $toDeg,
        public float $soft,
    ) {}

    public static function zone(Zone $zone): self
    {
        return new self($zone, 0, 1, 0, 180, 0);
    }

    /** @param float $soft 0 sharp to 1 very soft */
    public static function range(float $fromU, float $toU, float $fromDeg, float $toDeg, float $soft): self
    {
        return new self(null, $fromU, $toU, $fromDeg, $toDeg, $soft);
    }

    /** How much of the coat lands along the length at $u. */
    public function along(Marks $marks, float $u): float
    {
        [$from, $to, $soft] = $this->zone?->extent($marks)[0] ?? [
            $this->fromU <= 0 ? -1.0 : $this->fromU,
            $this->toU >= 1 ? 2.0 : $this->toU,
            max(0.004, 0.16 * $this->soft),
        ];

        return Smooth::between($from, $to, $soft, $u);
    }

    /** How much of the coat lands around the body at $thetaDeg, 0 to 180. */
    public function around(Marks $marks, float $thetaDeg): float
    {
        [$from, $to, $soft] = $this->zone?->extent($marks)[1] ?? [
            $this->fromDeg <= 0 ? -90.0 : $this->fromDeg,
            $this->toDeg >= 180 ? 270.0 : $this->toDeg,
            max(1.5, 50 * $this->soft),
        ];

        return Smooth::between($from, $to, $soft, $thetaDeg);
    }

    public function label(): string
    {
        return $this->zone !== null ? $this->zone->value : 'own range';
    }
}
