<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Drying;

/** What blows on the coat: how fast, and how warm the surface gets. */
final readonly class Air
{
    private function __construct(public float $speedMs, public ?float $surfaceC) {}

    /** @param float|null $surfaceC null: as warm as the room */
    public static function of(float $speedMs, ?float $surfaceC): self
    {
        return new self($speedMs, $surfaceC);
    }

    public static function still(): self
    {
        return new self(0.0, null);
    }
}
