<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Run\Event\FeltDry;
use Hawkbrush\Core\Run\Event\FeltTacky;
use Hawkbrush\Core\Run\Event\SideDone;
use Hawkbrush\Core\Run\Event\StepDone;
use Hawkbrush\Core\Run\Event\StepReopened;
use Hawkbrush\Core\Run\Event\TimerStarted;
use Hawkbrush\Core\Run\Event\TimerStopped;

/** When one bait of a run went through its steps, and which of its waits were cut short. */
final readonly class Times
{
    /** A wait that ends so little early is not cut short. */
    private const NEARLY_S = 30.0;

    /**
     * @param array<string, string> $done ISO 8601, by step id
     * @param list<array{step: string, planned_s: float, ran_s: float}> $cutShort
     */
    private function __construct(public array $done, public array $cutShort) {}

    /** @param list<BenchEvent> $events of the run, in their order */
    public static function of(int $bait, array $events): self
    {
        $done = $cut = [];
        /** @var array<string, Timer> $running by step id */
        $running = [];
        foreach ($events as $event) {
            if ($event->bait !== null && $event->bait !== $bait) {
                continue;
            }
            foreach ($running as $step => $timer) {
                if (! self::ends($event, $step)) {
                    continue;
                }
                $ran = $timer->ranUntil($event->at);
                // Felt dry, it need not wait longer.
                if (! $event instanceof FeltDry && $ran < $timer->seconds - self::NEARLY_S) {
                    $cut[] = ['step' => $step, 'planned_s' => $timer->seconds, 'ran_s' => $ran];
                }
                unset($running[$step]);
            }
            if ($event instanceof StepDone) {
                $done[$event->stepId] = $event->at;
            } elseif ($event instanceof StepReopened) {
                unset($done[$event->stepId]);
            } elseif ($event instanceof TimerStarted) {
                $running[$event->stepId] = $event->timer();
            } elseif ($event instanceof FeltTacky && isset($running[$event->stepId])) {
                $running[$event->stepId] = $event->longer($running[$event->stepId]);
            }
        }

        return new self($done, $cut);
    }

    /** Whether the wait after a step is over with this event: it is stopped, felt dry, or the bait is worked on again. */
    private static function ends(BenchEvent $event, string $step): bool
    {
        return $event->stepId === $step
            ? $event instanceof TimerStopped || $event instanceof FeltDry
            : $event instanceof SideDone || $event instanceof StepDone;
    }
}
