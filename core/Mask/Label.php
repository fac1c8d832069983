<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Mask;

/** Words on a sheet of masks: where their line begins and stands, and how large they are, in mm. */
final readonly class Label
{
    /** Of a letter's height, how wide letters are on the whole. */
    private const WIDE = 0.55;

    public function __construct(public float $x, public float $y, public string $text, public float $size = 2.4) {}

    public function moved(float $x, float $y): self
    {
        return new self($this->x + $x, $this->y + $y, $this->text, $this->size);
    }

    public function widthMm(): float
    {
        return mb_strlen($this->text) * $this->size * self::WIDE;
    }

    /** Whether a line straight down from $top to $bottom at $x runs through it. */
    public function isCut(float $x, float $top, float $bottom): bool
    {
        return $x > $this->x - 0.1 && $x < $this->x + $this->widthMm() + 0.1 && $top < $this->y && $bottom > $this->y - $this->size;
    }

    public function overlaps(self $other): bool
    {
        return $this->x < $other->x + $other->widthMm() && $other->x < $this->x + $this->widthMm()
            && $this->y - $this->size < $other->y && $other->y - $other->size < $this->y;
    }
}
