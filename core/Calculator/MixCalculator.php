<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Exchange\ResultWriter;
use Hawkbrush\Core\Film\DuncanMixing;
use Hawkbrush\Core\Film\Masstone;
use Hawkbrush\Core\Film\Optics;
use Hawkbrush\Core\Node;

/** Paints mixed by drops. */
final class MixCalculator implements Calculator
{
    public function name(): string
    {
        return 'mix';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  parts: [{paint, drops}], drops of one size and equal solids
            out: k [31], s [31] per micrometre, masstone: hex and lab of a film so thick that nothing below shows
            TEXT;
    }

    public function example(): array
    {
        return ['parts' => [
            ['paint' => ['hex' => '#f2f2ee', 'kind' => 'opaque'], 'drops' => 3],
            ['paint' => ['hex' => '#c8102e', 'kind' => 'opaque'], 'drops' => 1],
        ]];
    }

    public function calculate(Node $in): array
    {
        $parts = [];
        foreach ($in->only(['parts'])->field('parts')->items(1, 20) as $part) {
            $part->only(['paint', 'drops']);
            $parts[] = [Optics::read($part->field('paint')), $part->field('drops')->number(0, 10_000)];
        }
        $optics = DuncanMixing::mix($parts);
        $masstone = Colour::fromReflectance(Masstone::of($optics));

        return [
            'k' => $optics->k->values,
            's' => $optics->s->values,
            'masstone' => ['hex' => $masstone->hex(), 'lab' => ResultWriter::lab($masstone->lab)],
        ];
    }
}
