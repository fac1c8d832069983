<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Drying\Climate;

/** What the work of a step depends on beside the step. */
final readonly class Job
{
    /** @param float $coveredMm2 of one bait under the step's coat, each mm2 by its share of the full thickness; 0 where it lays none */
    public function __construct(public int $baits, public Climate $climate, public float $coveredMm2) {}
}
