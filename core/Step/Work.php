<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Clear\Batch;
use Hawkbrush\Core\Coat\Cup;
use Hawkbrush\Core\Step\Dip\Melt;

/** What a step of a run takes, for all its baits. */
final readonly class Work
{
    /**
     * @param string $waitFor what is waited for, in words; empty without a wait
     * @param Batch|null $batch what is mixed for it beside paint
     * @param Melt|null $melt what is melted for it
     * @param list<array{paintId: string, name: string, ml: float}> $stirs into what is mixed or melted
     * @param float|null $setSeconds to touch dry by the planned way of setting; null where nothing sets, or never
     */
    public function __construct(
        public float $handsOnMin,
        public float $waitMin = 0.0,
        public string $waitFor = '',
        public ?Cup $cup = null,
        public ?float $setSeconds = null,
        public ?Batch $batch = null,
        public ?Melt $melt = null,
        public array $stirs = [],
    ) {}

    /** Nothing but waiting for something to dry. */
    public static function drying(float $minutes): self
    {
        return new self(0.0, $minutes, 'to dry');
    }
}
