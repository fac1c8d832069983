<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\EdgeLine;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\GillEdge;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\Anchor;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Dabs;
use Hawkbrush\Core\Technique\FreeHand;
use Hawkbrush\Core\Technique\Grip;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Placed;

/** A line drawn free along an edge of the head: the gill plate, or the mouth. */
final readonly class EdgeLine extends FreeHand implements Placed
{
    private const STEPS = 24;

    /** The corner of the mouth, as a share of the way from the nose to the eye. Common practice, no published source. */
    private const CORNER = 1.15;

    public function name(): string
    {
        return 'edge line';
    }

    public function label(): string
    {
        return 'Line along gill or mouth';
    }

    public function how(): string
    {
        return 'Follow the edge from close up in one go, with little air; cap off, and no stopping on the way.';
    }

    public function settings(): array
    {
        return [
            Parameter::choice('along', 'Along', ['gill edge', 'mouth']),
            Parameter::lengthMm('width_mm', 'Width', 0.3, 10, 1.2)->held(Grip::WidthAlong),
            Parameter::number('soft', 'Soft edge', '', 0.1, 1, 0.5),
            Parameter::number('behind_mm', 'Behind it', 'mm', -10, 10, 0)->held(Grip::Behind),
            Parameter::number('top_deg', 'Upper end', 'deg from the back', 0, 180, 50)->held(Grip::Upper),
            Parameter::number('bottom_deg', 'Lower end', 'deg from the back', 0, 180, 140)->held(Grip::Lower),
        ];
    }

    public function anchors(Body $body, Choices $choices): array
    {
        return [new Anchor('middle of the line', self::xMm($body, $choices, 0.5) / $body->lengthMm, self::deg($choices, 0.5))];
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $length = $surface->body->lengthMm;
        $points = [];
        for ($step = 0; $step <= self::STEPS; $step++) {
            $x = self::xMm($surface->body, $choices, $step / self::STEPS);
            $points[] = [$x, Cells::yMm($surface, max(0.0, min(1.0, $x / $length)), self::deg($choices, $step / self::STEPS))];
        }
        $width = $choices->number('width_mm');
        $marks = new Dabs($surface, $open);
        $marks->stroke($points, $width, max(0.12, $width / 2 * $choices->number('soft')));

        return $marks->through();
    }

    private static function deg(Choices $choices, float $share): float
    {
        $top = $choices->number('top_deg');

        return $top + ($choices->number('bottom_deg') - $top) * $share;
    }

    /** Of the mouth, the upper end lies at the nose and the lower end at its corner. */
    private static function xMm(Body $body, Choices $choices, float $share): float
    {
        return $choices->number('behind_mm') + ($choices->word('along') === 'mouth'
            ? self::CORNER * $body->marks->eyeU * $body->lengthMm * sin($share * M_PI_2)
            : GillEdge::atMm($body, self::deg($choices, $share)));
    }
}
