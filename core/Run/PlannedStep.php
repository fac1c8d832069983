<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Air\CleanOut;
use Hawkbrush\Core\Step\Step;
use Hawkbrush\Core\Step\Work;

/** A step in the order of work, when it is done, in minutes from the start of the run, and how the airbrush is cleaned before it, if it is. */
final readonly class PlannedStep
{
    public function __construct(
        public Step $step,
        public int $number,
        public Work $work,
        public float $doneAtMin,
        public ?CleanOut $clean = null,
    ) {}
}
