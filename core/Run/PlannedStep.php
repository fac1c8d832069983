<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Pattern\Step;

/** A step in the order of work: what to do it with, and when it is done, in minutes from the start of the run. */
final readonly class PlannedStep
{
    /**
     * @param float|null $setSeconds to touch dry by the planned way of setting; null where nothing sets, or never
     */
    public function __construct(
        public Step $step,
        public int $number,
        public ?Mix $mix,
        public float $handsOnMin,
        public float $waitMin,
        public float $doneAtMin,
        public ?float $setSeconds,
        public string $how,
        public string $waitFor,
    ) {}
}
