<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Colour\Colour;

/** One coat in a {@see CoreSample}. */
final readonly class CoreCoat
{
    /**
     * @param float $passes share of the light that goes down and back through this coat, 0 to 1
     * @param float $returns share that it throws back itself
     * @param float $takes share that it takes on one way through
     * @param float $deltaE what it changed here
     */
    public function __construct(
        public string $stepId,
        public int $number,
        public string $name,
        public float $dryUm,
        public Colour $after,
        public float $passes,
        public float $returns,
        public float $takes,
        public float $deltaE,
        public bool $fromCard,
    ) {}
}
