<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Flat;

use Hawkbrush\Core\Refused;

/**
 * A flat shape in millimetres, cut from tape, card or film: closed rings of corners, x to the right and y downwards. What
 * lies inside an odd number of rings is open, so a ring within a ring stays standing.
 */
final readonly class Shape
{
    public const MOST_CORNERS = 2000;

    private const FARTHEST_MM = 10_000.0;

    /** @param non-empty-list<non-empty-list<array{float, float}>> $rings each of three corners or more, the last not repeating the first */
    private function __construct(public array $rings) {}

    /**
     * @param list<list<array{float, float}>> $rings
     *
     * @throws Refused when there is nothing to cut
     */
    public static function of(array $rings): self
    {
        $kept = $corners = [];
        foreach ($rings as $ring) {
            $ring = self::tidy($ring);
            if (\count($ring) >= 3) {
                $kept[] = $ring;
                $corners[] = \count($ring);
            }
        }
        if ($kept === [] || abs(self::areaOf($kept[0])) < 1e-9) {
            throw Refused::because('This outline encloses nothing: it needs at least three corners that do not lie on one line.');
        }
        if (array_sum($corners) > self::MOST_CORNERS) {
            throw Refused::because(\sprintf('This outline has %d corners; %d is the most. Make it simpler.', array_sum($corners), self::MOST_CORNERS));
        }

        return new self($kept);
    }

    /** @return array{float, float, float, float} left, top, right, bottom */
    public function bounds(): array
    {
        $x = $y = [];
        foreach ($this->rings as $ring) {
            array_push($x, ...array_column($ring, 0));
            array_push($y, ...array_column($ring, 1));
        }

        return [min($x), min($y), max($x), max($y)];
    }

    public function width(): float
    {
        [$left, , $right] = $this->bounds();

        return $right - $left;
    }

    public function height(): float
    {
        [, $top, , $bottom] = $this->bounds();

        return $bottom - $top;
    }

    /** Open area in mm2, islands taken off. */
    public function areaMm2(): float
    {
        $area = 0.0;
        foreach ($this->rings as $i => $ring) {
            $depth = 0;
            foreach ($this->rings as $j => $other) {
                $depth += $i !== $j && self::within($other, $ring[0]) ? 1 : 0;
            }
            $area += ($depth % 2 === 0 ? 1 : -1) * abs(self::areaOf($ring));
        }

        return $area;
    }

    public function moved(float $dx, float $dy): self
    {
        return $this->with(static fn(array $p): array => [$p[0] + $dx, $p[1] + $dy]);
    }

    public function scaled(float $by): self
    {
        return $this->with(static fn(array $p): array => [$p[0] * $by, $p[1] * $by]);
    }

    /** Turned clockwise (y runs downwards) about the origin. */
    public function turned(float $deg): self
    {
        $sin = sin(deg2rad($deg));
        $cos = cos(deg2rad($deg));

        return $this->with(static fn(array $p): array => [$p[0] * $cos - $p[1] * $sin, $p[0] * $sin + $p[1] * $cos]);
    }

    /** As it is cut for the other side: left and right exchanged. */
    public function mirrored(): self
    {
        return $this->with(static fn(array $p): array => [-$p[0], $p[1]]);
    }

    /** Its middle laid on the origin. */
    public function centred(): self
    {
        [$left, $top, $right, $bottom] = $this->bounds();

        return $this->moved(-($left + $right) / 2, -($top + $bottom) / 2);
    }

    public function contains(float $x, float $y): bool
    {
        $inside = false;
        foreach ($this->rings as $ring) {
            $inside = $inside !== self::within($ring, [$x, $y]);
        }

        return $inside;
    }

    /**
     * Where a line straight down at $x goes in and out, in order.
     *
     * @return list<float> an even number of y
     */
    public function crossings(float $x): array
    {
        $y = [];
        foreach ($this->rings as $ring) {
            $before = $ring[\count($ring) - 1];
            foreach ($ring as $corner) {
                if (($before[0] > $x) !== ($corner[0] > $x)) {
                    $y[] = $before[1] + ($x - $before[0]) / ($corner[0] - $before[0]) * ($corner[1] - $before[1]);
                }
                $before = $corner;
            }
        }
        sort($y);

        return $y;
    }

    /** @param callable(array{float, float}): array{float, float} $to */
    private function with(callable $to): self
    {
        return new self(array_map(static fn(array $ring): array => array_map($to, $ring), $this->rings));
    }

    /**
     * Corners that stand on the one before them fall away.
     *
     * @param list<array{float, float}> $ring
     *
     * @return list<array{float, float}>
     */
    private static function tidy(array $ring): array
    {
        $kept = [];
        foreach ($ring as $corner) {
            if (abs($corner[0]) > self::FARTHEST_MM || abs($corner[1]) > self::FARTHEST_MM) {
                throw Refused::because('This outline runs farther than 10 m: something is wrong with its units.');
            }
            $last = $kept[\count($kept) - 1] ?? null;
            if ($last === null || hypot($corner[0] - $last[0], $corner[1] - $last[1]) > 1e-6) {
                $kept[] = $corner;
            }
        }
        if (\count($kept) > 1 && hypot($kept[0][0] - $kept[\count($kept) - 1][0], $kept[0][1] - $kept[\count($kept) - 1][1]) <= 1e-6) {
            array_pop($kept);
        }

        return $kept;
    }

    /** @param list<array{float, float}> $ring */
    private static function areaOf(array $ring): float
    {
        $twice = 0.0;
        foreach ($ring as $i => [$x, $y]) {
            [$nx, $ny] = $ring[($i + 1) % \count($ring)];
            $twice += $x * $ny - $nx * $y;
        }

        return $twice / 2;
    }

    /**
     * @param non-empty-list<array{float, float}> $ring
     * @param array{float, float} $point
     */
    private static function within(array $ring, array $point): bool
    {
        [$x, $y] = $point;
        $inside = false;
        $before = $ring[\count($ring) - 1];
        foreach ($ring as $corner) {
            if (
                ($before[1] > $y) !== ($corner[1] > $y)
                && $x < $before[0] + ($y - $before[1]) / ($corner[1] - $before[1]) * ($corner[0] - $before[0])
            ) {
                $inside = ! $inside;
            }
            $before = $corner;
        }

        return $inside;
    }
}
