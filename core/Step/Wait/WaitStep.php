<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step\Wait;

use Hawkbrush\Core\Drying\Evaporation;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Step\Job;
use Hawkbrush\Core\Step\TaskWork;
use Hawkbrush\Core\Step\Work;

/** Lets the baits rest, on top of how the coat before was set. */
final readonly class WaitStep extends TaskWork
{
    public static function kind(): string
    {
        return 'wait';
    }

    public function name(): string
    {
        return 'Wait';
    }

    public function how(bool $maskIsOn = false, ?Habits $habits = null): string
    {
        return $this->task !== '' ? $this->task : 'Let them rest; touch nothing.';
    }

    public function work(Job $job): Work
    {
        return Work::drying($this->minutes * Evaporation::slower($job->climate));
    }

    public function restMin(): float
    {
        return $this->minutes;
    }

    public function hazards(): array
    {
        return [];
    }
}
