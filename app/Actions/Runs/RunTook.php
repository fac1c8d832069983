<?php

declare(strict_types=1);

namespace App\Actions\Runs;

use Hawkbrush\Core\Run\Plan;

/** What a run took and taught, worked out from its record. */
final readonly class RunTook
{
    /**
     * @param int $painted baits
     * @param array<string, float> $dried how many times as long as planned each paint took to dry
     * @param list<string> $masks ids, one for each step that was sprayed through it
     * @param list<array<string, mixed>> $sprayed rows of what was sprayed at what air
     * @param list<array<string, mixed>> $remedies rows of what was tried against faults
     * @param array<int, string> $rejected reasons by position of the bait
     */
    public function __construct(
        public int $painted,
        public Plan $plan,
        public array $dried,
        public array $masks,
        public array $sprayed,
        public array $remedies,
        public array $rejected,
    ) {}
}
