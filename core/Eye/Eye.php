<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Eye;

use Hawkbrush\Core\Body\Marks;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Document\Given;
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
     */
    public function __construct(
        public float $diameterMm,
        public string $irisHex,
        public string $pupil,
        public string $kind = 'domed',
        public array $rings = [],
        public bool $spark = false,
    ) {}

    /** Those of an eye of the store too. */
    public static function fields(): Fields
    {
        /** @var Fields|null $fields */
        static $fields = null;

        return $fields ??= new Fields(
            Field::number('diameter_mm', ...Marks::SOCKET_MM),
            Field::colour('iris')->or('#d89a3a'),
            Field::choice('pupil', self::PUPILS)->or('round'),
            Field::choice('kind', self::KINDS)->or('domed'),
        );
    }

    /** @throws Refused */
    public static function read(Given $in): self
    {
        return new self(
            $in->number('diameter_mm'),
            $in->colour('iris'),
            $in->choice('pupil', self::PUPILS),
            $in->choice('kind', self::KINDS),
        );
    }

    /** @return array{diameter_mm: float, iris: string, pupil: string, kind: string} as it stands in a document */
    public function document(): array
    {
        return ['diameter_mm' => $this->diameterMm, 'iris' => $this->irisHex, 'pupil' => $this->pupil, 'kind' => $this->kind];
    }

    /** @param list<Ring> $rings */
    public function ringed(array $rings, ?bool $spark = null): self
    {
        return new self($this->diameterMm, $this->irisHex, $this->pupil, $this->kind, $rings, $spark ?? $this->spark);
    }

    /** On another body: its socket decides, else the eye grows with the bait. Eyes are sold in half millimetres. */
    public function fitted(?float $socketMm, float $by): self
    {
        $diameter = $socketMm ?? round($this->diameterMm * $by * 2) / 2;

        return new self(
            self::fields()->of('diameter_mm')->within(floor($diameter * 2) / 2),
            $this->irisHex,
            $this->pupil,
            $this->kind,
            $this->rings,
            $this->spark,
        );
    }
}
