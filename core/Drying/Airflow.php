<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Drying;

/** What blows on the coat: how fast, how warm the coat is while it is wet, and how warm the surface gets once it is dry. */
final readonly class Airflow
{
    private function __construct(public float $speedMs, public ?float $surfaceC, public ?float $dryC) {}

    /**
     * @param float|null $surfaceC of the wet coat; null: as warm as the room
     * @param float|null $dryC once it is dry; null: the same
     */
    public static function of(float $speedMs, ?float $surfaceC, ?float $dryC = null): self
    {
        return new self($speedMs, $surfaceC, $dryC ?? $surfaceC);
    }

    /**
     * Hot air on a wet coat. It warms the coat no further than to its wet bulb: what is more goes into the water. The bait
     * itself lends what keeps it as warm as the room.
     */
    public static function hot(float $speedMs, float $blownC, float $roomC, float $vapourKpa): self
    {
        return new self($speedMs, min($blownC, max($roomC, Psychrometrics::wetBulbC($blownC, $vapourKpa))), $blownC);
    }

    public static function still(): self
    {
        return new self(0.0, null, null);
    }
}
