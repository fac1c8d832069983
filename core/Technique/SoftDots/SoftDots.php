<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\SoftDots;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Dabs;
use Hawkbrush\Core\Technique\FreeHand;
use Hawkbrush\Core\Technique\Grip;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Placed;
use Hawkbrush\Core\Technique\Rows;

/** Soft dots by airbrush, free-hand in a row or a field; towards the tail they may grow smaller. */
final readonly class SoftDots extends FreeHand implements Placed
{
    public function name(): string
    {
        return 'soft dots';
    }

    public function label(): string
    {
        return 'Soft dots by airbrush';
    }

    public function how(): string
    {
        return 'Set each from close up with one touch of the trigger; try the size on paper first.';
    }

    public function settings(): array
    {
        return [
            ...Rows::settings('Dots in a row', 7),
            Parameter::lengthMm('diameter_mm', 'Diameter', 0.5, 30, 3)->held(Grip::Diameter),
            Parameter::number('soft', 'Soft edge', '', 0.1, 1, 0.6),
            Parameter::number('smaller', 'Smaller towards the tail', 'of diameter', 0, 0.9, 0.3),
        ];
    }

    public function anchors(Body $body, Choices $choices): array
    {
        return Rows::anchors($choices, 'dot');
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $marks = new Dabs($surface, $open);
        $from = $choices->number('from_u') * $surface->body->lengthMm;
        $long = max(1e-6, $choices->number('to_u') * $surface->body->lengthMm - $from);
        foreach (Rows::middles($surface, $choices) as [$x, $y]) {
            $back = max(0.0, min(1.0, ($x - $from) / $long));
            $radius = $choices->number('diameter_mm') / 2 * (1 - $choices->number('smaller') * $back);
            $marks->dab($x, $y, $radius, max(0.1, $radius * $choices->number('soft')));
        }

        return $marks->through();
    }
}
