<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Flat;

use Hawkbrush\Core\Refused;

/** A transform of the plane as SVG writes it: x' = a x + c y + e, y' = b x + d y + f. */
final readonly class Matrix
{
    private function __construct(
        private float $a,
        private float $b,
        private float $c,
        private float $d,
        private float $e,
        private float $f,
    ) {}

    public static function scale(float $x, float $y): self
    {
        return new self($x, 0, 0, $y, 0, 0);
    }

    /**
     * @param string $text a transform attribute, such as "translate(3 4) rotate(30)"
     *
     * @throws Refused when it is none
     */
    public static function read(string $text): self
    {
        $all = self::scale(1, 1);
        preg_match_all('/([a-zA-Z]+)\s*\(([^)]*)\)/', $text, $steps, PREG_SET_ORDER);
        foreach ($steps as [, $name, $figures]) {
            $n = array_map(floatval(...), preg_split('/[\s,]+/', trim($figures), -1, PREG_SPLIT_NO_EMPTY) ?: []);
            $all = $all->then(self::step($name, $n));
        }

        return $all;
    }

    /** This one after $inner has been done. */
    public function then(self $inner): self
    {
        return new self(
            $this->a * $inner->a + $this->c * $inner->b, $this->b * $inner->a + $this->d * $inner->b,
            $this->a * $inner->c + $this->c * $inner->d, $this->b * $inner->c + $this->d * $inner->d,
            $this->a * $inner->e + $this->c * $inner->f + $this->e, $this->b * $inner->e + $this->d * $inner->f + $this->f,
        );
    }

    /**
     * @param array{float, float} $point
     *
     * @return array{float, float}
     */
    public function apply(array $point): array
    {
        return [$this->a * $point[0] + $this->c * $point[1] + $this->e, $this->b * $point[0] + $this->d * $point[1] + $this->f];
    }

    /** @param list<float> $n */
    private static function step(string $name, array $n): self
    {
        $first = $n[0] ?? 0.0;
        $turn = static fn(float $deg): self => new self(
            cos(deg2rad($deg)),
            sin(deg2rad($deg)),
            -sin(deg2rad($deg)),
            cos(deg2rad($deg)),
            0,
            0,
        );
        $move = static fn(float $x, float $y): self => new self(1, 0, 0, 1, $x, $y);

        return match ($name) {
            'translate' => $move($first, $n[1] ?? 0.0),
            'scale' => self::scale($first, $n[1] ?? $first),
            'rotate' => \count($n) === 3 ? $move($n[1], $n[2])->then($turn($first))->then($move(-$n[1], -$n[2])) : $turn($first),
            'skewX' => new self(1, 0, tan(deg2rad($first)), 1, 0, 0),
            'skewY' => new self(1, tan(deg2rad($first)), 0, 1, 0, 0),
            'matrix' => \count($n) === 6 ? new self(...$n) : throw Refused::because('A matrix in this SVG does not have six figures.'),
            default => throw Refused::because("“{$name}” in this SVG is no transform."),
        };
    }
}
