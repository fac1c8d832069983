<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Air;

/** From where to where a figure may stand, where to set it first, and why. */
final readonly class Window
{
    /** Outside by so much, mist or drops are plainly wrong. A guess of our own. */
    private const FAR = 1.6;

    /** No gauge is read more finely: at the edge is within. */
    private const READ = 0.02;

    /** @param list<Factor> $reasons */
    public function __construct(public float $low, public float $set, public float $high, public array $reasons) {}

    public function holds(float $value): bool
    {
        return $this->side($value) === 0;
    }

    /** Below (-1), within (0) or above (1) it. */
    public function side(float $value): int
    {
        return $value < $this->low * (1 - self::READ) ? -1 : ($value > $this->high * (1 + self::READ) ? 1 : 0);
    }

    /** The figure within it that is nearest. */
    public function nearest(float $value): float
    {
        return max($this->low, min($this->high, $value));
    }

    /** Below or above it by far. */
    public function farOff(float $value): bool
    {
        return $value * self::FAR < $this->low || $value > $this->high * self::FAR;
    }
}
