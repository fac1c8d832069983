<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Calculator;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;

/** One computation of the core for the command line: JSON in, JSON out. */
interface Calculator
{
    public function name(): string;

    /** The shape of what goes in and comes out, in a few lines. */
    public function shape(): string;

    /** @return array<string, mixed> an input that runs */
    public function example(): array;

    /**
     * @return array<string, mixed>
     *
     * @throws Refused when the input cannot be worked with
     */
    public function calculate(Node $in): array;
}
