<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Render;

use Hawkbrush\Core\Colour\Colour;
use Hawkbrush\Core\Colour\DeltaE2000;
use Hawkbrush\Core\Colour\Observer;
use Hawkbrush\Core\Film\Film;
use Hawkbrush\Core\Step\Step;

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

    /**
     * @param Film $film of it at this place
     * @param Colour $before of what lies below it
     */
    public static function of(
        Step $step,
        int $number,
        string $name,
        Film $film,
        float $um,
        Colour $before,
        Colour $after,
        bool $fromCard,
    ): self {
        $passes = Observer::luminous($film->t);
        $returns = Observer::luminous($film->r);

        return new self(
            $step->id, $number, $name, $um, $after, Observer::luminous($film->t2), $returns, max(0.0, 1 - $passes - $returns),
            DeltaE2000::between($before->lab, $after->lab), $fromCard,
        );
    }
}
