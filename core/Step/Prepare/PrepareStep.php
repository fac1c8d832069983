<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step\Prepare;

use Hawkbrush\Core\Shop\Habits;
use Hawkbrush\Core\Step\Job;
use Hawkbrush\Core\Step\TaskWork;
use Hawkbrush\Core\Step\Work;

/** Gets the body ready for paint: sanding, sealing, masking, wiping. */
final readonly class PrepareStep extends TaskWork
{
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

    public function cautions(): array
    {
        $cautions = [
            '/sand|grit|scuff/' => 'Sanding dust: wear a mask.',
            '/epoxy|sealer/' => 'Epoxies and sealers sensitise skin: gloves, and moving air.',
            '/alcohol/' => 'Alcohol burns: no flame or heat until it has gone.',
            '/cut|knife|scrap|tape/' => 'Blades: cut away from the hand that holds the bait.',
        ];
        $task = mb_strtolower($this->task.' '.$this->title);

        return array_values(array_filter(
            $cautions,
            static fn(string $pattern): bool => preg_match($pattern, $task) === 1,
            ARRAY_FILTER_USE_KEY,
        ));
    }
}
