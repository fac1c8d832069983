<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step\Inspect;

use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Step\Job;
use Hawkbrush\Core\Step\TaskWork;
use Hawkbrush\Core\Step\Work;

/** Looks the baits over before the next step. */
final readonly class InspectStep extends TaskWork
{
    public static function kind(): string
    {
        return 'inspect';
    }

    public function name(): string
    {
        return 'Inspect';
    }

    public function how(bool $maskIsOn = false, ?Habits $habits = null): string
    {
        return $this->task !== '' ? $this->task : 'Look it over.';
    }

    public function work(Job $job): Work
    {
        return new Work($this->minutes * $job->baits);
    }

    public function restMin(): float
    {
        return 0.0;
    }

    public function hazards(): array
    {
        return [];
    }
}
