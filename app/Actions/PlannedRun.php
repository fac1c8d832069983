<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Bait;
use App\Models\Body;
use App\Models\Version;
use Hawkbrush\Core\Run\Difference;
use Hawkbrush\Core\Run\Plan;
use Illuminate\Support\Carbon;

/** A plan with what it was made from; not kept yet. */
final readonly class PlannedRun
{
    /** @param list<Difference> $changes against the master, or against the version for another body */
    public function __construct(
        public Version $version,
        public Body $body,
        public ?Bait $repeats,
        public Plan $plan,
        public array $changes,
        public Carbon $startsAt,
    ) {}
}
