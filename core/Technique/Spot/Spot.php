<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique\Spot;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Flat\Arc;
use Hawkbrush\Core\Flat\Shape;
use Hawkbrush\Core\Technique\Anchor;
use Hawkbrush\Core\Technique\Cells;
use Hawkbrush\Core\Technique\Choices;
use Hawkbrush\Core\Technique\Cut;
use Hawkbrush\Core\Technique\Dabs;
use Hawkbrush\Core\Technique\FreeHand;
use Hawkbrush\Core\Technique\Grip;
use Hawkbrush\Core\Technique\OpenSpray;
use Hawkbrush\Core\Technique\Parameter;
use Hawkbrush\Core\Technique\Placed;

/** One spot on each side, through a punched card or free-hand; the softer the edge, the further off it was held. */
final readonly class Spot extends FreeHand implements Cut, Placed
{
    public function name(): string
    {
        return 'spot';
    }

    public function label(): string
    {
        return 'Spot';
    }

    public function how(): string
    {
        return 'Index it on the gill edge and the midline, the same on both sides.';
    }

    public function settings(): array
    {
        return [
            Parameter::number('u', 'At', 'of length', 0, 1, 0.29)->held(Grip::Along),
            Parameter::number('deg', 'Around', 'deg from the back', 0, 180, 68)->held(Grip::Around),
            Parameter::lengthMm('diameter_mm', 'Diameter', 0.5, 30, 5)->held(Grip::Diameter),
            Parameter::number('soft', 'Soft edge', '', 0.05, 1, 0.5),
            Parameter::number('core', 'Free centre (0: none)', 'of diameter', 0, 0.9, 0),
        ];
    }

    public function anchors(Body $body, Choices $choices): array
    {
        return [new Anchor('middle of the spot', $choices->number('u'), $choices->number('deg'))];
    }

    public function cut(Surface $surface, Choices $choices, int $seed): Shape
    {
        $u = $choices->number('u');
        $radius = $choices->number('diameter_mm') / 2;

        return Shape::of([Arc::ring($u * $surface->body->lengthMm, Cells::yMm($surface, $u, $choices->number('deg')), $radius, $radius)]);
    }

    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $radius = $choices->number('diameter_mm') / 2;
        $u = $choices->number('u');
        $x = $u * $surface->body->lengthMm;
        $y = Cells::yMm($surface, $u, $choices->number('deg'));
        $soft = max(0.1, $radius * $choices->number('soft'));
        $marks = new Dabs($surface, $open);
        $marks->dab($x, $y, $radius, $soft);
        if ($choices->number('core') > 0) {
            $core = new Dabs($surface, $open);
            $core->dab($x, $y, $radius * $choices->number('core'), $soft * $choices->number('core'));
            $marks->without($core);
        }

        return $marks->through();
    }
}
