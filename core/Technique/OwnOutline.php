<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

use Hawkbrush\Core\Body\Body;
use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Flat\PathText;
use Hawkbrush\Core\Flat\Shape;

/** A mark of the painter's own outline, laid with its middle on a place of the body; mirrored on the other side. */
abstract readonly class OwnOutline implements Cut, Placed, Technique
{
    /** A fin-like form, until the painter gives one. */
    public const PLAIN = 'M0 4L3 1L8 0L13 1.5L16 4L12 5L8 8L5 6Z';

    /** How soft its edge comes out. */
    abstract protected function edgeMm(): float;

    final public function settings(): array
    {
        return [
            Parameter::outline('outline', 'Outline', self::PLAIN),
            Parameter::lengthMm('long_mm', 'Length', 0.8, 300, 12),
            Parameter::number('u', 'Middle at', 'of length', 0, 1, 0.5),
            Parameter::number('deg', 'Around', 'deg from the back', 0, 180, 90),
            Parameter::number('turn_deg', 'Turned down by', 'deg', -180, 180, 0),
        ];
    }

    final public function mirrored(): bool
    {
        return true;
    }

    final public function anchors(Body $body, Choices $choices): array
    {
        return [new Anchor('middle of the outline', $choices->number('u'), $choices->number('deg'))];
    }

    final public function cut(Surface $surface, Choices $choices, int $seed): Shape
    {
        $u = $choices->number('u');
        $outline = Shape::of(PathText::rings($choices->word('outline')))->centred();

        return $outline->scaled($choices->number('long_mm') / max(0.01, $outline->width()))->turned($choices->number('turn_deg'))
            ->moved($u * $surface->body->lengthMm, Cells::yMm($surface, $u, $choices->number('deg')));
    }

    final public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array
    {
        $outline = $this->cut($surface, $choices, $seed);

        return Cells::within($surface, $open, $outline, $choices->number('u'), $choices->number('deg'), $this->edgeMm());
    }
}
