<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Coat;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Extent;
use Hawkbrush\Core\Body\Zone;
use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** Where a coat goes: a zone of the body, or a range of one's own along the length (u) and around (degrees). */
final readonly class Place
{
    public const SIDES = ['left', 'right'];

    /** No hand sprays a sharper edge than this, as shares of the length and in degrees; tape does. A guess. */
    private const LEAST_U = 0.02;

    private const LEAST_DEG = 7.0;

    private const ORDINARY_SOFT = 0.3;

    /** How wide the softest edge fades. */
    private const SOFT_U = 0.16;

    private const SOFT_DEG = 50.0;

    /** A range that goes farther around than this is sprayed from all sides. */
    private const ALL_ROUND_DEG = 150.0;

    /** What is swept in one go around and along, and what counts as a small place. Guesses. */
    private const LARGE_MM = 40.0;

    private const LONG_MM = 80.0;

    private const SMALL_MM = 10.0;

    private const LEAST_SWEPT_MM = 4.0;

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

    public static function fields(): Fields
    {
        return new Fields(
            Field::choice('zone', Zone::names())->or(null),
            ...[
                ...Extent::ends(),
                Field::number('soft', 0, 1)->or(self::ORDINARY_SOFT),
                Field::choice('side', [...self::SIDES, 'both'])->or('both'),
            ],
        );
    }

    /** @throws Refused when it is neither a zone nor a range */
    public static function read(Node $node): self
    {
        $in = self::fields()->in($node);
        $said = $in->choice('side', [...self::SIDES, 'both']);
        $side = $said === 'both' ? null : $said;
        if ($in->has('zone')) {
            $node->only(['zone', 'side']);

            return self::zone(Zone::from($node->field('zone')->choice(Zone::names())), $side);
        }

        return self::range(...Extent::readEnds($node), soft: $in->number('soft'), side: $side);
    }

    /** @return array<string, mixed> as it stands in a document */
    public function document(): array
    {
        return ($this->zone !== null
            ? ['zone' => $this->zone->value]
            : [
                'from_u' => $this->fromU,
                'to_u' => $this->toU,
                'from_deg' => $this->fromDeg,
                'to_deg' => $this->toDeg,
                'soft' => $this->soft,
            ])
            + ($this->side === null ? [] : ['side' => $this->side]);
    }

    /** What that is on a body. */
    public function extent(Body $body): Extent
    {
        return $this->zone?->extent($body)
            ?? Extent::set(
                $this->fromU,
                $this->toU,
                max(self::LEAST_U, self::SOFT_U * $this->soft),
                $this->fromDeg,
                $this->toDeg,
                max(self::LEAST_DEG, self::SOFT_DEG * $this->soft),
            );
    }

    /** Whether it leaves something of the bait out. */
    public function cuts(): bool
    {
        return $this->zone !== Zone::Whole;
    }

    /** The same as a range along and around, its open ends at nose, tail, ridge and keel. */
    public function asRange(Body $body): self
    {
        if ($this->zone === null) {
            return $this;
        }
        $extent = $this->zone->extent($body);
        $share = static fn(float $u): float => max(0.0, min(1.0, $u));
        $deg = static fn(float $deg): float => max(0.0, min(180.0, $deg));

        return self::range(
            $share($extent->fromU),
            $share($extent->toU),
            $deg($extent->fromDeg),
            $deg($extent->toDeg),
            max(0.0, min(1.0, max($extent->softU / self::SOFT_U, $extent->softDeg / self::SOFT_DEG))),
            $this->side,
        );
    }

    /**
     * Where a painter aims for it, degrees from straight above; null: the bait is turned under the brush. Common
     * practice, no published source.
     */
    public function usualAimDeg(): ?float
    {
        if ($this->zone === null) {
            $middle = ($this->fromDeg + $this->toDeg) / 2;

            return $this->toDeg - $this->fromDeg > self::ALL_ROUND_DEG ? null : match (true) {
                $middle < 25 => 0.0,
                $middle < 45 => 30.0,
                $middle < 75 => 60.0,
                $middle < 110 => 90.0,
                $middle < 145 => 120.0,
                default => 180.0,
            };
        }

        return match ($this->zone) {
            Zone::Whole, Zone::Head, Zone::Muzzle, Zone::Tail => null,
            Zone::Back, Zone::DorsalFin => 0.0,
            Zone::Shoulder => 60.0,
            Zone::Flank, Zone::GillPlate, Zone::LateralLine, Zone::EyeSurround => 90.0,
            Zone::LowerFlank, Zone::PectoralFin => 120.0,
            Zone::Belly, Zone::Throat, Zone::PelvicFin, Zone::AnalFin => 180.0,
        };
    }

    /**
     * How wide it is swept, in mm. A small place holds a wide sweep back: it goes by little air. Common practice, no
     * published source; the widths are those of a bait of 65 to 110 mm.
     *
     * @param float|null $widthMm of the stroke, if it is known
     */
    public function sweptMm(?float $widthMm): float
    {
        $usual = match ($this->zone) {
            null => max(self::LEAST_SWEPT_MM, min(
                ($this->toU - $this->fromU) * self::LONG_MM,
                ($this->toDeg - $this->fromDeg) / 180 * self::LARGE_MM,
            )),
            Zone::Whole, Zone::Back, Zone::Flank, Zone::Belly => self::LARGE_MM,
            Zone::Shoulder, Zone::LowerFlank => 20.0,
            Zone::Head => 16.0,
            Zone::Tail => 12.0,
            Zone::GillPlate, Zone::Throat, Zone::Muzzle => 8.0,
            Zone::LateralLine, Zone::PectoralFin, Zone::PelvicFin, Zone::AnalFin, Zone::DorsalFin => 6.0,
            Zone::EyeSurround => 5.0,
        };

        return $widthMm === null ? $usual : ($usual <= self::SMALL_MM ? min($usual, $widthMm) : $widthMm);
    }

    /** Whether what is laid is looked at on the right: it is for that side only. */
    public function isRight(): bool
    {
        return $this->side === 'right';
    }

    public function label(): string
    {
        $allRound = $this->fromDeg <= 0.0 && $this->toDeg >= 180.0;
        $where = match (true) {
            $this->zone !== null => $this->zone->value,
            $allRound && $this->fromU <= 0.0 => \sprintf('front %d %%', round(100 * $this->toU)),
            $allRound && $this->toU >= 1.0 => \sprintf('rear %d %%', round(100 * (1 - $this->fromU))),
            default => 'own range',
        };

        return $where.($this->side === null ? '' : ', '.$this->side.' side only');
    }
}
