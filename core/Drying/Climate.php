<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Drying;

use Hawkbrush\Core\Refused;

/** The air a bait dries in, and what is at hand to blow on it. */
final readonly class Climate
{
    /** Clear goes on only when the surface is this much warmer than the dew point (ISO 8502-4 practice). */
    public const ABOVE_DEW_POINT_C = 3.0;

    /** From the coldest to the warmest room, in C. */
    public const ROOM_C = [-20.0, 60.0];

    private function __construct(public float $airC, public float $humidityPercent, public Dryer $dryer) {}

    /** @throws Refused when nobody would paint there */
    public static function of(float $airC, float $humidityPercent): self
    {
        if (! is_finite($airC) || $airC < self::ROOM_C[0] || $airC > self::ROOM_C[1]) {
            throw Refused::at('/air_c', 'Room temperature runs from -20 to 60 C here.');
        }
        if (! is_finite($humidityPercent) || $humidityPercent < 1 || $humidityPercent > 100) {
            throw Refused::at('/humidity_percent', 'Humidity runs from 1 to 100 percent.');
        }

        return new self($airC, $humidityPercent, Dryer::hairDryer());
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
}
