<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Units;

/** A unit that something can be shown in: shown = stored x factor + offset, rounded to so many digits. */
final readonly class Unit
{
    private function __construct(public string $name, public float $factor, public float $offset, public int $digits) {}

    public static function of(string $name, float $factor, int $digits, float $offset = 0.0): self
    {
        return new self($name, $factor, $offset, $digits);
    }

    public function show(float $stored): float
    {
        return round($stored * $this->factor + $this->offset, $this->digits);
    }

    public function read(float $shown): float
    {
        return ($shown - $this->offset) / $this->factor;
    }
}
