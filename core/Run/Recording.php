<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Pattern\Recipe;

/**
 * A record while it is put together from its events, one after the other.
 *
 * @phpstan-type NotedFault array{step: string, bait: int|null, at: string, fault: string, psi: float|null, tried: list<array{cause: string, helped: bool}>}
 */
final class Recording
{
    /** @var array<string, array<int, true>> baits by step id */
    public array $done = [];

    /** @var array<string, array<int, array<string, bool>>> by step id and bait */
    public array $sides = [];

    /** @var array<string, array<string, float|int>> last figures used, by step id */
    public array $figures = [];

    /** @var list<array{step: string, bait: int|null, text: string, at: string}> */
    public array $notes = [];

    /** @var array<string, Timer> running, by event id */
    public array $timers = [];

    /** @var list<array{step: string, bait: int|null, photo_id: string, at: string}> */
    public array $photos = [];

    /** @var array<int, string> why, by bait: it is painted no further */
    public array $rejected = [];

    /** @var list<NotedFault> */
    public array $faults = [];

    /** @var array<string, list<array{seconds: float, tacky: bool}>> how long coats took until they were felt dry, by step id */
    public array $dried = [];

    /** @var array<string, array{strokes: int, seconds: float}> the beat that strokes were last made to, by step id */
    public array $paced = [];

    /** @var array<string, string|null> the step that a step tries out, by its id */
    private array $tries = [];

    public function __construct(Recipe $recipe, private readonly int $baits)
    {
        foreach ($recipe->enabled() as $step) {
            $this->tries[$step->id] = $recipe->coatTriedBy($step)?->id;
        }
    }

    /** @return list<int> the baits that an event is about */
    public function reach(BenchEvent $event): array
    {
        return $event->bait === null ? range(1, $this->baits) : [$event->bait];
    }

    /** @return list<string> the step, and the one whose coat it tries out */
    public function withTried(string $step): array
    {
        return array_values(array_filter([$step, $this->tries[$step] ?? null]));
    }

    /** @param callable(Timer): ?Timer $change of the timers of what an event is about; null stops one */
    public function changeTimers(BenchEvent $event, callable $change): void
    {
        $this->timers = array_filter(array_map(
            static fn(Timer $timer): ?Timer => $timer->isOf($event) ? $change($timer) : $timer,
            $this->timers,
        ));
    }
}
