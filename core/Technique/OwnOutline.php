<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Flat\PathText;
use Hawkbrush\Core\Flat\Shape;

/** An outline of the painter's own, laid with its middle on a place of the body. */
final class OwnOutline
{
    /** A fin-like form, until the painter gives one. */
    public const PLAIN = 'M0 4L3 1L8 0L13 1.5L16 4L12 5L8 8L5 6Z';

    /** @return list<Parameter> */
    public static function settings(float $longMm = 12): array
    {
        return [
            Parameter::outline('outline', 'Outline', self::PLAIN),
            Parameter::lengthMm('long_mm', 'Length', 0.8, 300, $longMm)->held(Grip::LengthOverMiddle),
            Parameter::number('u', 'Middle at', 'of length', 0, 1, 0.5)->held(Grip::Along),
            Parameter::number('deg', 'Around', 'deg from the back', 0, 180, 90)->held(Grip::Around),
            Parameter::number('turn_deg', 'Turned down by', 'deg', -180, 180, 0)->held(Grip::Turn),
        ];
    }

    public static function anchor(Choices $choices): Anchor
    {
        return new Anchor('middle of the outline', $choices->number('u'), $choices->number('deg'));
    }

    /** @param float $fartherMm towards the tail */
    public static function laid(Surface $surface, Choices $choices, float $fartherMm = 0.0): Shape
    {
        $u = self::u($surface, $choices, $fartherMm);
        $outline = Shape::of(PathText::rings($choices->word('outline')))->centred();

        return $outline->scaled($choices->number('long_mm') / max(0.01, $outline->width()))->turned($choices->number('turn_deg'))
            ->moved($u * $surface->body->lengthMm, Cells::yMm($surface, $u, $choices->number('deg')));
    }

    /** @return array<int, float> the part of the open spray that gets through it, its edge $soft wide */
    public static function through(Surface $surface, Choices $choices, OpenSpray $open, float $soft, float $fartherMm = 0.0): array
    {
        $u = self::u($surface, $choices, $fartherMm);

        return Cells::within($surface, $open, self::laid($surface, $choices, $fartherMm), $u, $choices->number('deg'), $soft);
    }

    private static function u(Surface $surface, Choices $choices, float $fartherMm): float
    {
        return max(0.0, min(1.0, $choices->number('u') + $fartherMm / $surface->body->lengthMm));
    }
}
