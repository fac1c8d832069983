<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

/** Something a painter sets for a technique: a number with bounds, one of some words, or an outline. */
final readonly class Parameter
{
    /** @param list<string> $choices */
    private function __construct(
        public string $name,
        public string $label,
        public string $unit,
        public float $min,
        public float $max,
        public float $default,
        public array $choices,
        public bool $scales,
        public string $outline = '',
        public ?Grip $grip = null,
    ) {}

    public static function number(string $name, string $label, string $unit, float $min, float $max, float $default): self
    {
        return new self($name, $label, $unit, $min, $max, $default, [], false);
    }

    /** A length on the bait that grows with the body when a pattern is carried to a larger one. */
    public static function lengthMm(string $name, string $label, float $min, float $max, float $default): self
    {
        return new self($name, $label, 'mm', $min, $max, $default, [], true);
    }

    /** An outline of the painter's own as path data in millimetres; how large it is cut stands in a length beside it. */
    public static function outline(string $name, string $label, string $default): self
    {
        return new self($name, $label, '', 0, 0, 0, [], false, $default);
    }

    /** @param non-empty-list<string> $choices the first is the default */
    public static function choice(string $name, string $label, array $choices): self
    {
        return new self($name, $label, '', 0, \count($choices) - 1, 0, $choices, false);
    }

    /** The same, taken hold of on the bait as what it is there. */
    public function held(Grip $grip): self
    {
        return new self(
            $this->name, $this->label, $this->unit, $this->min, $this->max, $this->default, $this->choices, $this->scales,
            $this->outline, $grip,
        );
    }
}
