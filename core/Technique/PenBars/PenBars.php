<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\PenBars;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\Anchor;
use Hawkbrush\Core\Technique\ByPen;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Dabs;
use Hawkbrush\Core\Technique\Grip;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Placed;
use Hawkbrush\Core\Technique\Rows;

/** Upright bars or strokes drawn with a pen, evenly along the side. */
final readonly class PenBars extends ByPen implements Placed
{
    /** Parts in which a bar is drawn, so that it follows the side. */
    private const STEPS = 10;

    public function name(): string
    {
        return 'pen bars';
    }

    public function label(): string
    {
        return 'Upright bars by pen';
    }

    public function how(): string
    {
        return 'Mark both ends of each bar first; draw from the back downwards, and turn the bait rather than the hand.';
    }

    public function settings(): array
    {
        return [
            Parameter::number('count', 'Bars', '', 1, 40, 9),
            Parameter::lengthMm('width_mm', 'Width', 0.2, 6, 0.8)->held(Grip::WidthAlong),
            Parameter::number('from_u', 'First at', 'of length', 0, 1, 0.3)->held(Grip::Front),
            Parameter::number('to_u', 'Last at', 'of length', 0, 1, 0.85)->held(Grip::Rear),
            Parameter::number('top_deg', 'Upper end', 'deg from the back', 0, 180, 25)->held(Grip::Upper),
            Parameter::number('bottom_deg', 'Lower end', 'deg from the back', 0, 180, 95)->held(Grip::Lower),
            Parameter::lengthMm('lean_mm', 'Lower end farther back by', -20, 20, 0)->held(Grip::Lean),
        ];
    }

    public function anchors(Body $body, Choices $choices): array
    {
        $us = Rows::evenly($choices);
        $first = new Anchor('upper end of the first bar', $us[0], $choices->number('top_deg'));

        return \count($us) === 1 ? [$first] : [
            $first,
            new Anchor('upper end of the last bar', $us[\count($us) - 1], $choices->number('top_deg')),
        ];
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $length = $surface->body->lengthMm;
        $top = $choices->number('top_deg');
        $tall = $choices->number('bottom_deg') - $top;
        $marks = new Dabs($surface, $open);
        foreach (Rows::evenly($choices) as $u) {
            $points = [];
            for ($step = 0; $step <= self::STEPS; $step++) {
                $down = $step / self::STEPS;
                $x = $u * $length + $choices->number('lean_mm') * $down;
                $points[] = [$x, Cells::yMm($surface, max(0.0, min(1.0, $x / $length)), $top + $tall * $down)];
            }
            $marks->stroke($points, $choices->number('width_mm'), 0.12);
        }

        return $marks->through();
    }
}
