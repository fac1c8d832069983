<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step\Prepare;

use Hawkbrush\Core\Coat\Hazard;
use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Step\Job;
use Hawkbrush\Core\Step\TaskWork;
use Hawkbrush\Core\Step\Work;

/** Gets the body ready for paint: sanding, sealing, masking, wiping. */
final readonly class PrepareStep extends TaskWork
{
    /** Words of a task by which what can hurt in it is known. */
    private const SIGNS = [
        '/sand|grit|scuff/' => Hazard::Dust,
        '/epoxy|sealer/' => Hazard::Sealer,
        '/alcohol/' => Hazard::Alcohol,
        '/cut|knife|scrap|tape/' => Hazard::Blade,
    ];

    public static function kind(): string
    {
        return 'prep';
    }

    public function name(): string
    {
        return 'Prepare';
    }

    public function how(bool $maskIsOn = false, ?Habits $habits = null): string
    {
        return $this->task !== '' ? $this->task : 'Get them ready for paint.';
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
        $task = mb_strtolower($this->task.' '.$this->title);
        $hazards = [];
        foreach (self::SIGNS as $sign => $hazard) {
            if (preg_match($sign, $task) === 1) {
                $hazards[] = $hazard;
            }
        }

        return $hazards;
    }
}
