<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Line;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Smooth;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\Anchor;
use Hawkbrush\Core\Technique\ByPen;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Grip;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Placed;

/** A line along the side, drawn with a pen or let through between two tapes; whole or in dashes. */
final readonly class Line extends ByPen implements Placed
{
    public function name(): string
    {
        return 'line';
    }

    public function label(): string
    {
        return 'Pen or taped line';
    }

    public function how(): string
    {
        return 'Index the line on a mark that is the same on both sides.';
    }

    public function settings(): array
    {
        return [
            Parameter::lengthMm('width_mm', 'Width', 0.3, 12, 1)->held(Grip::WidthAround),
            Parameter::number('deg', 'Around', 'deg from the back', 0, 180, 86)->held(Grip::Around),
            Parameter::number('from_u', 'From', 'of length', 0, 1, 0.25)->held(Grip::Front),
            Parameter::number('to_u', 'To', 'of length', 0, 1, 0.97)->held(Grip::Rear),
            Parameter::number('dash_mm', 'Dashes every (0: none)', 'mm', 0, 12, 0),
        ];
    }

    public function anchors(Body $body, Choices $choices): array
    {
        return [
            new Anchor('start', $choices->number('from_u'), $choices->number('deg')),
            new Anchor('end', $choices->number('to_u'), $choices->number('deg')),
        ];
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $half = $choices->number('width_mm') / 2;
        $length = $surface->body->lengthMm;
        $from = $choices->number('from_u') * $length;
        $to = $choices->number('to_u') * $length;
        $dash = $choices->number('dash_mm');
        $soft = max(0.2, $half * 0.3);
        $edge = $half + $soft;
        $line = Cells::line($surface, $choices->number('deg'));
        $arc = $surface->arcMm;
        $end = $surface->rows * $surface->columns;
        $marks = [];
        foreach ($surface->u as $column => $u) {
            $x = $u * $length;
            if ($x < $from || $x > $to || ($dash > 0 && fmod($x, $dash) > $dash * 0.55)) {
                continue;
            }
            $middle = $line[$column];
            for ($cell = $column; $cell < $end; $cell += $surface->columns) {
                $away = $arc[$cell] - $middle;
                if ($away >= $edge) {
                    break;
                }
                if ($away > -$edge) {
                    $marks[$cell] = Smooth::step($edge, $half - $soft, abs($away));
                }
            }
        }

        return $open->over($marks);
    }
}
