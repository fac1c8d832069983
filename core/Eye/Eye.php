<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Eye;

use Hawkbrush\Core\Coat\Bounds;
use Hawkbrush\Core\Refused;

/** An eye as it is set on each side, at the body's own eye mark. */
final readonly class Eye
{
    public const PUPILS = ['round', 'slit upright', 'slit slanted'];

    public const KINDS = ['domed', 'flat', '3D', 'glass', 'painted', 'glow'];

    /**
     * @param string $irisHex #rrggbb
     * @param value-of<self::PUPILS> $pupil
     * @param value-of<self::KINDS> $kind
     * @param list<Ring> $rings of a painted one, in the order in which they are painted; none: white, iris and pupil as they are named
     * @param bool $spark whether a painted one gets a dot of white on its pupil
     *
     * @throws Refused when the diameter is outside its {@see Bounds}
     */
    public function __construct(
        public float $diameterMm,
        public string $irisHex,
        public string $pupil,
        public string $kind = 'domed',
        public array $rings = [],
        public bool $spark = false,
    ) {
        Bounds::hold('diameter_mm', $diameterMm);
    }

    /** @param list<Ring> $rings */
    public function ringed(array $rings): self
    {
        return new self($this->diameterMm, $this->irisHex, $this->pupil, $this->kind, $rings, $this->spark);
    }

    /** On another body: its socket decides, else the eye grows with the bait. Eyes are sold in half millimetres. */
    public function fitted(?float $socketMm, float $by): self
    {
        $diameter = $socketMm ?? round($this->diameterMm * $by * 2) / 2;

        return new self(
            Bounds::within('diameter_mm', floor($diameter * 2) / 2),
            $this->irisHex,
            $this->pupil,
            $this->kind,
            $this->rings,
            $this->spark,
        );
    }
}
