<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Circles;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Flat\Arc;
use Hawkbrush\Core\Flat\Shape;
use Hawkbrush\Core\Technique\Anchor;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Cut;
use Hawkbrush\Core\Technique\Dabs;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Placed;
use Hawkbrush\Core\Technique\Stencil;

/** A row of circles through a circle stencil or a punched card; with a core left free, rings. */
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
            Parameter::number('count', 'Circles a side', '', 1, 40, 6),
            Parameter::lengthMm('diameter_mm', 'Diameter', 0.5, 40, 4),
            Parameter::number('core', 'Free core (0: none)', 'of diameter', 0, 0.9, 0),
            Parameter::number('from_u', 'From', 'of length', 0, 1, 0.35),
            Parameter::number('to_u', 'To', 'of length', 0, 1, 0.85),
            Parameter::number('deg', 'Around', 'deg from the back', 0, 180, 80),
        ];
    }

    public function anchors(Body $body, Choices $choices): array
    {
        $row = self::row($choices);
        $first = new Anchor('middle of the first circle', $row[0], $choices->number('deg'));

        return \count($row) === 1 ? [$first] : [
            $first,
            new Anchor('middle of the last circle', $row[\count($row) - 1], $choices->number('deg')),
        ];
    }

    public function cut(Surface $surface, Choices $choices, int $seed): Shape
    {
        $radius = $choices->number('diameter_mm') / 2;
        $core = $radius * $choices->number('core');
        $rings = [];
        foreach (self::row($choices) as $u) {
            $x = $u * $surface->body->lengthMm;
            $y = Cells::yMm($surface, $u, $choices->number('deg'));
            $rings[] = Arc::ring($x, $y, $radius, $radius);
            if ($core > 0) {
                $rings[] = Arc::ring($x, $y, $core, $core);
            }
        }

        return Shape::of($rings);
    }

    /** @return non-empty-list<float> of the length, at which the circles stand */
    private static function row(Choices $choices): array
    {
        $count = (int) round($choices->number('count'));
        $from = $choices->number('from_u');
        $long = $choices->number('to_u') - $from;

        return $count < 2 ? [$from + $long / 2] : array_map(
            static fn(int $i): float => $from + $long * $i / ($count - 1),
            range(0, $count - 1),
        );
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $radius = $choices->number('diameter_mm') / 2;
        $soft = max(0.12, $radius * 0.12);
        $marks = new Dabs($surface, $open);
        $cores = new Dabs($surface, $open);
        foreach (self::row($choices) as $u) {
            $x = $u * $surface->body->lengthMm;
            $y = Cells::yMm($surface, $u, $choices->number('deg'));
            $marks->dab($x, $y, $radius, $soft);
            if ($choices->number('core') > 0) {
                $cores->dab($x, $y, $radius * $choices->number('core'), $soft);
            }
        }

        $marks->without($cores);

        return $marks->through();
    }
}
