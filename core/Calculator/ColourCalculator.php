<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Exchange\ResultWriter;
use Hawkbrush\Core\Node;

/** What a colour is in every way of giving it. */
final class ColourCalculator implements Calculator
{
    public function name(): string
    {
        return 'colour';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  a colour: {"hex": "#rrggbb"}, {"lab": [L, a, b]} or
                 {"reflectance": {"start": 400, "step": 10, "values": [31 numbers 0..1]}}
            out: hex, xyz [3] (Y of white = 100), lab [3], lch [3], in_gamut, reflectance
            TEXT;
    }

    public function example(): array
    {
        return ['hex' => '#a1431a'];
    }

    public function calculate(Node $in): array
    {
        $colour = Colour::read($in);
        $xyz = $colour->lab->toXyz();

        return [
            'hex' => $colour->hex(),
            'xyz' => [$xyz->x, $xyz->y, $xyz->z],
            'lab' => ResultWriter::lab($colour->lab),
            'lch' => [$colour->lab->l, $colour->lab->chroma(), $colour->lab->hue()],
            'in_gamut' => $colour->srgb()->inGamut(),
            'reflectance' => $colour->reflectance()->document(),
        ];
    }
}
