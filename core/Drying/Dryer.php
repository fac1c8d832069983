<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Drying;

use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/**
 * What is blown on a coat to set it: how hot and how fast it comes out, how wide, and how far off it is held. A round jet
 * keeps its speed for some diameters and then loses it as one over the distance, its warmth a little sooner (free
 * turbulent jets: speed 6.2 d/x, warmth 5 d/x; figures from memory of the textbooks). It is waved over the bait, so that
 * no spot has it all the time.
 */
final readonly class Dryer
{
    public const KINDS = ['hair dryer', 'heat gun', 'fan', 'lamp box'];

    /** Plastic softens above this at its surface, C. Common practice, no published source. */
    public const SOFTENS_C = 70.0;

    /** To begin with. Common practice, no published source. */
    private const USUAL = [
        'hair dryer' => ['out_c' => 90.0, 'out_m_s' => 12.0, 'outlet_mm' => 45.0, 'distance_mm' => 150.0],
        'heat gun' => ['out_c' => 300.0, 'out_m_s' => 10.0, 'outlet_mm' => 35.0, 'distance_mm' => 500.0],
        'fan' => ['out_c' => 21.0, 'out_m_s' => 3.0, 'outlet_mm' => 250.0, 'distance_mm' => 1000.0],
        'lamp box' => ['out_c' => 45.0, 'out_m_s' => 0.3, 'outlet_mm' => 300.0, 'distance_mm' => 200.0],
    ];

    private const SPEED_KEEPS = 6.2;

    private const WARMTH_KEEPS = 5.0;

    /** Share of the time that a spot has a waved dryer on it, for speed and for warmth. Fitted to 3 m/s and 50 C at a hand's width. */
    private const WAVED_SPEED = 0.25;

    private const WAVED_WARMTH = 0.42;

    /**
     * @param value-of<self::KINDS> $kind
     * @param float $outC temperature where it comes out, $outMs speed there, $outletMm width there, $distanceMm to the bait
     */
    private function __construct(
        public string $kind,
        public float $outC,
        public float $outMs,
        public float $outletMm,
        public float $distanceMm,
    ) {}

    /** Figures that are left out are as usual for its kind. */
    public static function fields(): Fields
    {
        /** @var Fields|null $fields */
        static $fields = null;

        return $fields ??= new Fields(
            Field::choice('kind', self::KINDS),
            Field::number('out_c', 0, 650)->or(null),
            Field::number('out_m_s', 0, 30)->or(null),
            Field::number('outlet_mm', 5, 600)->or(null),
            Field::number('distance_mm', 10, 3000)->or(null),
        );
    }

    public static function hairDryer(): self
    {
        return self::usual('hair dryer');
    }

    /** @param value-of<self::KINDS> $kind */
    public static function usual(string $kind): self
    {
        $of = self::USUAL[$kind];

        return new self($kind, $of['out_c'], $of['out_m_s'], $of['outlet_mm'], $of['distance_mm']);
    }

    /** @throws Refused */
    public static function read(Node $node): self
    {
        $in = self::fields()->among($node);
        $kind = $in->choice('kind', self::KINDS);
        $figure = static fn(string $name): float => $in->maybe($name) ?? self::USUAL[$kind][$name];

        return new self($kind, $figure('out_c'), $figure('out_m_s'), $figure('outlet_mm'), $figure('distance_mm'));
    }

    /** @return array{kind: string, out_c: float, out_m_s: float, outlet_mm: float, distance_mm: float} */
    public function document(): array
    {
        return [
            'kind' => $this->kind, 'out_c' => $this->outC, 'out_m_s' => $this->outMs, 'outlet_mm' => $this->outletMm,
            'distance_mm' => $this->distanceMm,
        ];
    }

    /** What of it arrives at the bait. */
    public function in(Climate $room): Airflow
    {
        $roomC = $room->airC;
        $reach = $this->outletMm / $this->distanceMm;
        $waved = $this->kind === 'hair dryer' || $this->kind === 'heat gun';
        $speed = $this->outMs * min(1.0, self::SPEED_KEEPS * $reach) * ($waved ? self::WAVED_SPEED : 1.0);
        // A fan moves the air of the room; a lamp warms the bait itself.
        $warmer = match ($this->kind) {
            'fan' => 0.0,
            'lamp box' => max(0.0, $this->outC - $roomC),
            default => ($this->outC - $roomC) * min(1.0, self::WARMTH_KEEPS * $reach) * self::WAVED_WARMTH,
        };

        // A lamp shines on it, and is not held to what the air has to give.
        return $waved ? Airflow::hot($speed, $roomC + $warmer, $roomC, $room->vapourKpa()) : Airflow::of($speed, $roomC + $warmer);
    }

    /** Whether plastic would soften under it. */
    public function softensPlastic(Climate $room): bool
    {
        return (float) $this->in($room)->dryC > self::SOFTENS_C;
    }
}
