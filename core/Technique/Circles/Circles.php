<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Circles;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Flat\Arc;
use Hawkbrush\Core\Flat\Shape;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Cut;
use Hawkbrush\Core\Technique\Dabs;
use Hawkbrush\Core\Technique\Grip;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Placed;
use Hawkbrush\Core\Technique\Rows;
use Hawkbrush\Core\Technique\Stencil;

/** Circles in a row or a field, through a circle stencil or a punched card; with a core left free, rings. */
final readonly class Circles extends Stencil implements Cut, Placed
{
    public function name(): string
    {
        return 'circles';
    }

    public function label(): string
    {
        return 'Circles through a stencil';
    }

    public function how(): string
    {
        return 'Lay the holes flat on the side, spray each a little, and lift one edge to check before the next.';
    }

    public function settings(): array
    {
        return [
            ...Rows::settings('Circles in a row', 6),
            Parameter::lengthMm('diameter_mm', 'Diameter', 0.5, 40, 4)->held(Grip::Diameter),
            Parameter::number('core', 'Free core (0: none)', 'of diameter', 0, 0.9, 0),
        ];
    }

    public function anchors(Body $body, Choices $choices): array
    {
        return Rows::anchors($choices, 'circle');
    }

    public function cut(Surface $surface, Choices $choices, int $seed): Shape
    {
        $radius = $choices->number('diameter_mm') / 2;
        $core = $radius * $choices->number('core');
        $rings = [];
        foreach (Rows::middles($surface, $choices) as [$x, $y]) {
            $rings[] = Arc::ring($x, $y, $radius, $radius);
            if ($core > 0) {
                $rings[] = Arc::ring($x, $y, $core, $core);
            }
        }

        return Shape::of($rings);
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $radius = $choices->number('diameter_mm') / 2;
        $soft = max(0.12, $radius * 0.12);
        $marks = new Dabs($surface, $open);
        $cores = new Dabs($surface, $open);
        foreach (Rows::middles($surface, $choices) as [$x, $y]) {
            $marks->dab($x, $y, $radius, $soft);
            if ($choices->number('core') > 0) {
                $cores->dab($x, $y, $radius * $choices->number('core'), $soft);
            }
        }

        $marks->without($cores);

        return $marks->through();
    }
}
