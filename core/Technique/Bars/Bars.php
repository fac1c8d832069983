<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Bars;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Smooth;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Flat\Shape;
use Hawkbrush\Core\Technique\Anchor;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Chance;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Cut;
use Hawkbrush\Core\Technique\Grip;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Placed;
use Hawkbrush\Core\Technique\Rows;
use Hawkbrush\Core\Technique\Stencil;

/** Upright bars through a flexible stencil, tapering towards the belly, cut with a waver so that they do not look ruled. */
final readonly class Bars extends Stencil implements Cut, Placed
{
    /** Share of its width that a bar loses towards its lower end. */
    private const TAPER = 0.55;

    /** Corners down each edge of a cut bar. */
    private const STEPS = 12;

    /** One sweep goes across so many of their widths. A guess. */
    private const ACROSS = 3.0;

    private const OVER_DEG = 30;

    public function name(): string
    {
        return 'bars';
    }

    public function label(): string
    {
        return 'Bars through a stencil';
    }

    public function how(): string
    {
        return 'Aim at the edge of the openings, a little at a time; lift to look.';
    }

    public function acrossMm(Choices $choices): float
    {
        return self::ACROSS * $choices->number('width_mm');
    }

    public function settings(): array
    {
        return [
            Parameter::number('count', 'Bars', '', 1, 20, 6),
            Parameter::lengthMm('width_mm', 'Width', 0.5, 20, 3.5)->held(Grip::WidthAlong),
            Parameter::number('from_u', 'First at', 'of length', 0, 1, 0.30)->held(Grip::Front),
            Parameter::number('to_u', 'Last at', 'of length', 0, 1, 0.86)->held(Grip::Rear),
            Parameter::number('top_deg', 'Upper end', 'deg', 0, 180, 15)->held(Grip::Upper),
            Parameter::number('bottom_deg', 'Lower end', 'deg', 0, 180, 105)->held(Grip::Lower),
            Parameter::number('waver', 'Wavy, each unlike the next', '', 0, 1, 0.25),
        ];
    }

    public function anchors(Body $body, Choices $choices): array
    {
        $first = new Anchor('middle of the first bar', $choices->number('from_u'), 90);

        return $choices->number('count') < 1.5
            ? [new Anchor('middle of the bar', ($choices->number('from_u') + $choices->number('to_u')) / 2, 90)]
            : [$first, new Anchor('middle of the last bar', $choices->number('to_u'), 90)];
    }

    public function cut(Surface $surface, Choices $choices, int $seed): Shape
    {
        $top = $choices->number('top_deg');
        $rings = [];
        foreach (self::bars($surface, $choices, $seed) as [$x, $half, $bottom, $phase]) {
            $front = $rear = [];
            for ($i = 0; $i <= self::STEPS; $i++) {
                $down = $i / self::STEPS;
                $deg = $top + max(4.0, $bottom - $top) * $down;
                $middle = self::middle($x, $half, $phase, $choices->number('waver'), $deg);
                $here = $half * (1 - self::TAPER * $down);
                $y = Cells::yMm($surface, $x / $surface->body->lengthMm, $deg);
                $front[] = [$middle - $here, $y];
                $rear[] = [$middle + $here, $y];
            }
            $rings[] = [...$front, ...array_reverse($rear)];
        }

        return Shape::of($rings);
    }

    /** @return list<array{float, float, float, float}> of each bar where it stands in mm, half its width, its lower end in degrees, and how it waves */
    private static function bars(Surface $surface, Choices $choices, int $seed): array
    {
        $chance = new Chance($seed);
        $length = $surface->body->lengthMm;
        $width = $choices->number('width_mm');
        $waver = $choices->number('waver');
        $bars = [];
        foreach (Rows::evenly($choices) as $u) {
            $bars[] = [
                $u * $length + $chance->between(-0.3, 0.3) * $width * $waver,
                $width * (1 + $chance->between(-0.3, 0.3) * $waver) / 2,
                $choices->number('bottom_deg') - $chance->between(0, 24) * $waver,
                $chance->between(0, 6.28),
            ];
        }

        return $bars;
    }

    private static function middle(float $x, float $half, float $phase, float $waver, float $deg): float
    {
        // It crosses ridge and keel square, so that it meets the other side's without a kink.
        return $x + $half * $waver * 0.8 * sin($phase + (1 - cos(deg2rad($deg))) * 90 / 16);
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $waver = $choices->number('waver');
        $bars = self::bars($surface, $choices, $seed);
        $marks = [];
        $top = $choices->number('top_deg');
        $columns = $surface->columns;
        $cellMm = $surface->body->lengthMm / $columns;
        foreach ($surface->theta as $row => $theta) {
            $start = $row * $columns;
            foreach ($bars as [$x, $half, $bottom, $phase]) {
                // One that begins at the ridge, or ends at the keel, goes on over it.
                $tall = Smooth::between($top <= 0 ? -self::OVER_DEG : $top, $bottom >= 180 ? 180 + self::OVER_DEG : $bottom, 14, $theta);
                if ($tall <= 0) {
                    continue;
                }
                $down = max(0.0, ($theta - $top) / max(1.0, $bottom - $top));
                $middle = self::middle($x, $half, $phase, $waver, $theta);
                $soft = max(0.35, $half * 0.45);
                $edge = $half * (1 - self::TAPER * $down) + $soft;
                $last = min($columns - 1, (int) (($middle + $edge) / $cellMm));
                for ($column = max(0, (int) (($middle - $edge) / $cellMm)); $column <= $last; $column++) {
                    $in = $edge - abs(($column + 0.5) * $cellMm - $middle);
                    if ($in <= 0) {
                        continue;
                    }
                    // Smooth::step, written out.
                    $in /= 2 * $soft;
                    $share = $in >= 1 ? $tall : $tall * $in * $in * (3 - 2 * $in);
                    if ($share > ($marks[$start + $column] ?? 0.0)) {
                        $marks[$start + $column] = $share;
                    }
                }
            }
        }

        return $open->over($marks);
    }
}
