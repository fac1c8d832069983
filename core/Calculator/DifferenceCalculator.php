<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Node;

/** CIEDE2000 between two colours. */
final class DifferenceCalculator implements Calculator
{
    public function name(): string
    {
        return 'difference';
    }

    public function shape(): string
    {
        return <<<'TEXT'
            in:  a, b: colours
            out: delta_e_2000
            TEXT;
    }

    public function example(): array
    {
        return ['a' => ['lab' => [50, 2.6772, -79.7751]], 'b' => ['lab' => [50, 0, -82.7485]]];
    }

    public function calculate(Node $in): array
    {
        $in->only(['a', 'b']);

        return ['delta_e_2000' => DeltaE2000::between(
            Colour::read($in->field('a'))->lab,
            Colour::read($in->field('b'))->lab,
        )];
    }
}
