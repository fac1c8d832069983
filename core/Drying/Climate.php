<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Drying;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** The air a bait dries in, and what is at hand to blow on it. */
final readonly class Climate
{
    /** Clear goes on only when the surface is this much warmer than the dew point (ISO 8502-4 practice). */
    public const ABOVE_DEW_POINT_C = 3.0;

    /** From the coldest to the warmest room, in C. */
    public const ROOM_C = [-20.0, 60.0];

    /** Dry air has next to no vapour, never none. */
    public const HUMIDITY_PERCENT = [1.0, 100.0];

    /** From a bait out of a cold shed to one from the oven, in C. */
    public const SURFACE_C = [-20.0, 120.0];

    private function __construct(public float $airC, public float $humidityPercent, public Dryer $dryer) {}

    /** @throws Refused when nobody would paint there */
    public static function of(float $airC, float $humidityPercent): self
    {
        if (! self::lies($airC, self::ROOM_C)) {
            throw Refused::at('/air_c', vsprintf('Room temperature runs from %d to %d C here.', self::ROOM_C));
        }
        if (! self::lies($humidityPercent, self::HUMIDITY_PERCENT)) {
            throw Refused::at('/humidity_percent', vsprintf('Humidity runs from %d to %d percent.', self::HUMIDITY_PERCENT));
        }

        return new self($airC, $humidityPercent, Dryer::hairDryer());
    }

    /**
     * {air_c, humidity_percent} among what else stands there.
     *
     * @throws Refused
     */
    public static function read(Node $in): self
    {
        return self::of($in->field('air_c')->number(...self::ROOM_C), $in->field('humidity_percent')->number(...self::HUMIDITY_PERCENT));
    }

    /** The room that the trade's own drying times were learnt in: 21 C, 50 %, still air. Common practice, no published source. */
    public static function ordinary(): self
    {
        return new self(21.0, 50.0, Dryer::hairDryer());
    }

    /** The same room with another dryer in hand. */
    public function with(Dryer $dryer): self
    {
        return new self($this->airC, $this->humidityPercent, $dryer);
    }

    /** What the dryer in hand does to a coat here. */
    public function underDryer(): Airflow
    {
        return $this->dryer->in($this);
    }

    /** How this air is beside an ordinary room, in words; empty where nobody would say so. */
    public function besideOrdinary(): string
    {
        $ordinary = self::ordinary();

        return implode(' and ', array_filter([
            match (true) {
                $this->airC >= $ordinary->airC + 1 => 'warmer',
                $this->airC <= $ordinary->airC - 1 => 'colder',
                default => '',
            },
            match (true) {
                $this->humidityPercent >= $ordinary->humidityPercent + 5 => 'damper',
                $this->humidityPercent <= $ordinary->humidityPercent - 5 => 'drier',
                default => '',
            },
        ]));
    }

    public function dewPointC(): float
    {
        return Psychrometrics::dewPointC($this->airC, $this->humidityPercent);
    }

    public function vapourKpa(): float
    {
        return Psychrometrics::saturationKpa($this->airC) * $this->humidityPercent / 100;
    }

    /** Grams of water in a cubic metre of air: the vapour as an ideal gas, of 461.5 J/(kg K). */
    public function waterGM3(): float
    {
        return $this->vapourKpa() * 1e6 / (461.5 * ($this->airC + 273.15));
    }

    public function clearCoatMayGoOn(?float $surfaceC = null): bool
    {
        return ($surfaceC ?? $this->airC) >= $this->dewPointC() + self::ABOVE_DEW_POINT_C;
    }

    /** @param array{float, float} $bounds */
    private static function lies(float $figure, array $bounds): bool
    {
        return $figure >= $bounds[0] && $figure <= $bounds[1];
    }
}
