<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Extent;
use Hawkbrush\Core\Body\Zone;

/** Where a coat goes: a zone of the body, or a range of one's own along the length (u) and around (degrees). */
final readonly class Place
{
    public const SIDES = ['left', 'right'];

    /** No hand sprays a sharper edge than this, as shares of the length and in degrees; tape does. A guess. */
    private const LEAST_U = 0.02;

    private const LEAST_DEG = 7.0;

    /** @param value-of<self::SIDES>|null $side */
    private function __construct(
        public ?Zone $zone,
        public float $fromU,
        public float $toU,
        public float $fromDeg,
        public float $toDeg,
        public float $soft,
        public ?string $side,
    ) {}

    /** @param value-of<self::SIDES>|null $side null: both */
    public static function zone(Zone $zone, ?string $side = null): self
    {
        return new self($zone, 0, 1, 0, 180, 0, $side);
    }

    /**
     * @param float $soft 0 sharp to 1 very soft
     * @param value-of<self::SIDES>|null $side null: both
     */
    public static function range(float $fromU, float $toU, float $fromDeg, float $toDeg, float $soft, ?string $side = null): self
    {
        return new self(null, $fromU, $toU, $fromDeg, $toDeg, $soft, $side);
    }

    /** What that is on a body. */
    public function extent(Body $body): Extent
    {
        return $this->zone?->extent($body)
            ?? Extent::set(
                $this->fromU,
                $this->toU,
                max(self::LEAST_U, 0.16 * $this->soft),
                $this->fromDeg,
                $this->toDeg,
                max(self::LEAST_DEG, 50 * $this->soft),
            );
    }

    /** Whether what is laid is looked at on the right: it is for that side only. */
    public function isRight(): bool
    {
        return $this->side === 'right';
    }

    public function label(): string
    {
        return ($this->zone !== null ? $this->zone->value : 'own range').($this->side === null ? '' : ', '.$this->side.' side only');
    }
}
