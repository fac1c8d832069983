<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Card;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\GillEdge;
use Hawkbrush\Core\Body\Smooth;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Flat\Shape;
use Hawkbrush\Core\Technique\Anchor;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Cut;
use Hawkbrush\Core\Technique\Grip;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Placed;
use Hawkbrush\Core\Technique\Stencil;

/** The edge of a curved card held behind the gill plate: sharp in front, fading backwards. */
final readonly class Card extends Stencil implements Cut, Placed
{
    private const HOLD_MM = 25.0;

    public function name(): string
    {
        return 'card';
    }

    public function label(): string
    {
        return 'Along a gill card';
    }

    public function how(): string
    {
        return 'Hold the card on the gill edge and spray along its edge.';
    }

    public function settings(): array
    {
        return [
            Parameter::number('behind_mm', 'Behind the gill edge', 'mm', -10, 20, 0)->held(Grip::Behind),
            Parameter::lengthMm('width_mm', 'Width', 0.4, 10, 2)->held(Grip::WidthAlong),
            Parameter::number('top_deg', 'Upper end', 'deg', 0, 180, 45)->held(Grip::Upper),
            Parameter::number('bottom_deg', 'Lower end', 'deg', 0, 180, 145)->held(Grip::Lower),
        ];
    }

    public function anchors(Body $body, Choices $choices): array
    {
        return [new Anchor('edge of the card', $body->marks->gillU + $choices->number('behind_mm') / $body->lengthMm, 90)];
    }

    /** The card itself: its curved edge, and enough in front of it to hold. */
    public function cut(Surface $surface, Choices $choices, int $seed): Shape
    {
        $edge = [];
        $top = $choices->number('top_deg');
        foreach (range($top, max($top + 8, $choices->number('bottom_deg')), 4) as $deg) {
            $edge[] = [self::edgeMm($surface, $choices, $deg), Cells::yMm($surface, $surface->body->marks->gillU, $deg)];
        }
        $front = min(array_column($edge, 0)) - self::HOLD_MM;

        return Shape::of([[...$edge, [$front, $edge[\count($edge) - 1][1]], [$front, $edge[0][1]]]]);
    }

    private static function edgeMm(Surface $surface, Choices $choices, float $deg): float
    {
        return GillEdge::atMm($surface->body, $deg) + $choices->number('behind_mm');
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $width = $choices->number('width_mm');
        $top = $choices->number('top_deg');
        $bottom = $choices->number('bottom_deg');
        $marks = [];
        $length = $surface->body->lengthMm;
        foreach ($surface->theta as $row => $theta) {
            $tall = Smooth::between($top, $bottom, 18, $theta);
            if ($tall <= 0) {
                continue;
            }
            $at = self::edgeMm($surface, $choices, $theta);
            $first = max(0, (int) floor(($at - 0.25) / $length * $surface->columns));
            $last = min($surface->columns - 1, (int) ceil(($at + $width) / $length * $surface->columns));
            for ($column = $first; $column <= $last; $column++) {
                $back = $surface->u[$column] * $length - $at;
                $marks[$row * $surface->columns + $column] = $tall
                    * Smooth::step(-0.25, 0.1, $back)
                    * Smooth::step($width, $width * 0.15, $back);
            }
        }

        return $open->over($marks);
    }
}
