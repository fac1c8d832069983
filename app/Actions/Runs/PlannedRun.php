<?php

declare(strict_types=1);

namespace App\Actions\Runs;

use App\Models\Bait;
use App\Models\Version;
use App\Stores\Bodies\Body;
use Hawkbrush\Core\Run\Change;
use Hawkbrush\Core\Run\Plan;
use Illuminate\Support\Carbon;

/** A plan with what it was made from; not kept yet. */
final readonly class PlannedRun
{
    /**
     * @param list<Change> $figures of the recipe against the master, or against the version for another body
     * @param list<Change> $consequences of them and of today's room: area, drops, waits
     */
    public function __construct(
        public Version $version,
        public Body $body,
        public ?Bait $repeats,
        public Plan $plan,
        public array $figures,
        public array $consequences,
        public Carbon $startsAt,
    ) {}

    /** @return list<Change> all that changes, in the order of the steps */
    public function changes(): array
    {
        $all = [...$this->figures, ...$this->consequences];
        usort($all, static fn(Change $a, Change $b): int => $a->number <=> $b->number);

        return $all;
    }
}
