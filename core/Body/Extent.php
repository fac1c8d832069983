<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Body;

use Hawkbrush\Core\Document\Field;
use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/**
 * How far a zone goes: along the length in u, around in degrees from the back ridge; each fades over its own soft width.
 * Where it ends both along and around, its corners are round: nothing sprayed by hand has any.
 */
final readonly class Extent
{
    /** Ends that are none: nothing fades towards nose, tail, ridge or keel. */
    public const NOSE = -1.0;

    public const TAIL = 2.0;

    public const RIDGE = -90.0;

    public const KEEL = 270.0;

    /** Half as long and half as high, or the whole way from an open end. */
    private float $reachU;

    private float $reachDeg;

    /** @var array{float, float} soft widths along and around, as shares of how far it reaches */
    public array $softs;

    /** @var array{float, float} sums of both powers: all of it belongs up to the first, and nothing from the second on */
    public array $edge;

    /** @param bool $oval an ellipse; else a field with round corners (a superellipse of the fourth power) */
    public function __construct(
        public float $fromU,
        public float $toU,
        public float $softU,
        public float $fromDeg,
        public float $toDeg,
        public float $softDeg,
        public bool $oval = false,
    ) {
        $this->reachU = match (true) {
            $fromU <= self::NOSE => $toU,
            $toU >= self::TAIL => 1 - $fromU,
            default => ($toU - $fromU) / 2,
        };
        $this->reachDeg = match (true) {
            $fromDeg <= self::RIDGE => $toDeg,
            $toDeg >= self::KEEL => 180 - $fromDeg,
            default => ($toDeg - $fromDeg) / 2,
        };
        $this->softs = [$softU / max(1e-9, $this->reachU), $softDeg / max(1e-9, $this->reachDeg)];
        $half = max($this->softs) / 2;
        $this->edge = [$this->power(max(0.0, 1 - $half)), $this->power(1 + $half)];
    }

    /** @return list<Field> where a range begins and ends, in documents */
    public static function ends(): array
    {
        return [
            Field::number('from_u', 0, 1)->or(null), Field::number('to_u', 0, 1)->or(null),
            Field::number('from_deg', 0, 180)->or(null), Field::number('to_deg', 0, 180)->or(null),
        ];
    }

    /**
     * @return array{fromU: float, toU: float, fromDeg: float, toDeg: float}
     *
     * @throws Refused when it ends before it begins
     */
    public static function readEnds(Node $node): array
    {
        $fromU = $node->field('from_u')->number(0, 1);
        $fromDeg = $node->field('from_deg')->number(0, 180);

        return [
            'fromU' => $fromU, 'toU' => $node->field('to_u')->number($fromU, 1),
            'fromDeg' => $fromDeg, 'toDeg' => $node->field('to_deg')->number($fromDeg, 180),
        ];
    }

    /** Of a zone set by hand. */
    public static function fields(): Fields
    {
        return new Fields(...self::ends(), ...[Field::number('soft_u', 0, 0.5)->or(0.05), Field::number('soft_deg', 0, 90)->or(15)]);
    }

    /** @throws Refused */
    public static function read(Node $node, bool $oval): self
    {
        $in = self::fields()->in($node);
        $ends = self::readEnds($node);

        return self::set(
            $ends['fromU'], $ends['toU'], $in->number('soft_u'), $ends['fromDeg'], $ends['toDeg'], $in->number('soft_deg'), $oval,
        );
    }

    /** @return array<string, float> within the body, as it stands in a document */
    public function document(): array
    {
        return [
            'from_u' => max(0.0, $this->fromU), 'to_u' => min(1.0, $this->toU), 'soft_u' => $this->softU,
            'from_deg' => max(0.0, $this->fromDeg), 'to_deg' => min(180.0, $this->toDeg), 'soft_deg' => $this->softDeg,
        ];
    }

    public static function set(
        float $fromU,
        float $toU,
        float $softU,
        float $fromDeg,
        float $toDeg,
        float $softDeg,
        bool $oval = false,
    ): self {
        return new self(
            $fromU <= 0 ? self::NOSE : $fromU,
            $toU >= 1 ? self::TAIL : $toU,
            $softU,
            $fromDeg <= 0 ? self::RIDGE : $fromDeg,
            $toDeg >= 180 ? self::KEEL : $toDeg,
            $softDeg,
            $oval,
        );
    }

    /** Whether it ends along the length and around, so that it has corners to round. */
    public function hasCorners(): bool
    {
        return ($this->fromU > self::NOSE || $this->toU < self::TAIL) && ($this->fromDeg > self::RIDGE || $this->toDeg < self::KEEL);
    }

    /** Share that belongs to it, 0 to 1, where it is widest around. */
    public function along(float $u): float
    {
        return $this->share($this->outU($u), 0.0);
    }

    /** Share that belongs to it, 0 to 1, where it is longest. */
    public function around(float $deg): float
    {
        return $this->share(0.0, $this->outDeg($deg));
    }

    public function at(float $u, float $deg): float
    {
        return $this->share($this->outU($u), $this->outDeg($deg));
    }

    /** How far out along the length: 0 in its middle or at an open end, 1 at its edge. */
    public function outU(float $u): float
    {
        $nose = $this->fromU <= self::NOSE;
        $tail = $this->toU >= self::TAIL;

        return match (true) {
            $nose && $tail => 0.0,
            $nose => max(0.0, $u) / max(1e-9, $this->reachU),
            $tail => max(0.0, 1 - $u) / max(1e-9, $this->reachU),
            default => abs($u - ($this->fromU + $this->toU) / 2) / max(1e-9, $this->reachU),
        };
    }

    /** The same around. */
    public function outDeg(float $deg): float
    {
        $ridge = $this->fromDeg <= self::RIDGE;
        $keel = $this->toDeg >= self::KEEL;

        return match (true) {
            $ridge && $keel => 0.0,
            $ridge => $deg / max(1e-9, $this->reachDeg),
            $keel => (180 - $deg) / max(1e-9, $this->reachDeg),
            default => abs($deg - ($this->fromDeg + $this->toDeg) / 2) / max(1e-9, $this->reachDeg),
        };
    }

    /** Share by how far out it is both ways. */
    public function share(float $outU, float $outDeg): float
    {
        return $this->fade($this->power($outU), $this->power($outDeg));
    }

    /** How far out one way, so that both ways add up. */
    public function power(float $out): float
    {
        $square = $out * $out;

        return $this->oval ? $square : $square * $square;
    }

    /**
     * Share by the {@see power} of how far out it is both ways; fades across its edge over the soft width of the way it lies.
     */
    public function fade(float $alongPower, float $aroundPower): float
    {
        $sum = $alongPower + $aroundPower;
        if ($sum <= 0) {
            return 1.0;
        }
        $out = $this->oval ? sqrt($sum) : sqrt(sqrt($sum));
        [$softU, $softDeg] = $this->softs;
        $soft = ($alongPower * $softU + $aroundPower * $softDeg) / $sum;

        return $soft > 0 ? Smooth::step(1 + $soft / 2, 1 - $soft / 2, $out) : ($out <= 1 ? 1.0 : 0.0);
    }

    /**
     * {@see fade} of a row of places, written out: this runs for every cell of every coat, and roots are needed at the soft
     * edge only.
     *
     * @param array<int, float> $along power by column
     *
     * @return array<int, float> share by column; those that get none are not in it
     */
    public function fades(array $along, float $aroundPower): array
    {
        [$inner, $outer] = $this->edge;
        [$softU, $softDeg] = $this->softs;
        $oval = $this->oval;
        $shares = [];
        foreach ($along as $column => $power) {
            $sum = $power + $aroundPower;
            if ($sum <= $inner) {
                $shares[$column] = 1.0;
            } elseif ($sum < $outer) {
                $half = ($power * $softU + $aroundPower * $softDeg) / $sum / 2;
                $in = 1 + $half - ($oval ? sqrt($sum) : sqrt(sqrt($sum)));
                $full = 2 * $half;
                if ($in >= $full) {
                    $shares[$column] = 1.0;
                } elseif ($in > 0) {
                    $in /= $full;
                    $shares[$column] = $in * $in * (3 - 2 * $in);
                }
            }
        }

        return $shares;
    }
}
