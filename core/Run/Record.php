<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Step\Step;

/**
 * What the events of a run say, read in their order: what is done, where the bench stands, the figures really used,
 * timers still running. All baits go through a step before the next; prepping, waiting and looking is done for all at
 * once.
 *
 * @phpstan-type NotedFault array{step: string, bait: int|null, at: string, fault: string, psi: float|null, tried: list<array{cause: string, helped: bool}>}
 */
final readonly class Record
{
    /**
     * @param array<string, array<int, true>> $done baits by step id
     * @param array<string, array<int, array<string, bool>>> $sides by step id and bait
     * @param array<string, array<string, float|int>> $figures last figures used, by step id
     * @param list<array{step: string, bait: int|null, text: string, at: string}> $notes
     * @param array<string, Timer> $timers running, by event id
     * @param list<array{step: string, bait: int|null, photo_id: string, at: string}> $photos
     * @param array<int, string> $rejected why, by bait: it is painted no further
     * @param list<NotedFault> $faults
     * @param array<string, list<array{seconds: float, tacky: bool}>> $dried how long coats took until they were felt dry, and whether they were felt tacky before, by step id
     */
    private function __construct(
        private Recipe $recipe,
        private int $baits,
        public array $done,
        public array $sides,
        public array $figures,
        public array $notes,
        public array $timers,
        public array $photos,
        public array $rejected,
        public array $faults,
        public array $dried,
        private bool $oneSideOfAll,
    ) {}

    /**
     * @param iterable<BenchEvent> $events
     * @param bool $oneSideOfAll whether one side of every bait is sprayed before all are turned
     */
    public static function fold(Recipe $recipe, int $baits, iterable $events, bool $oneSideOfAll = false): self
    {
        /** @var array<string, array<int, true>> $done */
        $done = [];
        /** @var array<string, array<int, array<string, bool>>> $sides */
        $sides = [];
        $figures = $notes = $timers = $photos = $rejected = $faults = $dried = $tried = [];
        foreach ($recipe->enabled() as $one) {
            $tried[$one->id] = $recipe->coatTriedBy($one)?->id;
        }
        foreach ($events as $event) {
            $step = $event->stepId;
            $reach = $event->bait === null ? range(1, $baits) : [$event->bait];
            $told = ['step' => $step, 'bait' => $event->bait, 'at' => $event->at];
            switch ($event->type) {
                case 'done':
                    foreach ($reach as $bait) {
                        $done[$step][$bait] = true;
                    }
                    break;
                case 'reopened':
                    foreach ($reach as $bait) {
                        unset($done[$step][$bait], $sides[$step][$bait]);
                    }
                    break;
                case 'side':
                    foreach ($reach as $bait) {
                        $sides[$step][$bait][(string) $event->data['side']] = (bool) $event->data['done'];
                    }
                    break;
                case 'figures':
                    $found = array_filter($event->data, static fn(mixed $v): bool => \is_int($v) || \is_float($v));
                    foreach (array_filter([$step, $tried[$step] ?? null]) as $id) {
                        $figures[$id] = [...$figures[$id] ?? [], ...$found];
                    }
                    break;
                case 'note':
                    $notes[] = $told + ['text' => (string) $event->data['text']];
                    break;
                case 'timer':
                    // Started again, it begins anew.
                    $timers = array_filter($timers, static fn(Timer $t): bool => ! $t->isOf($event));
                    $timers[$event->id] = Timer::started($event);
                    break;
                case 'tacky':
                    $timers = array_map(
                        static fn(Timer $t): Timer => $t->isOf($event) ? $t->longer((float) $event->data['seconds']) : $t,
                        $timers,
                    );
                    break;
                case 'dried':
                    foreach ($timers as $id => $timer) {
                        if ($timer->isOf($event) && ! $timer->dried) {
                            $dried[$step][] = ['seconds' => $timer->ranUntil($event->at), 'tacky' => $timer->tacky];
                            $timers[$id] = $timer->feltDry();
                        }
                    }
                    break;
                case 'timer-stopped':
                    $timers = array_filter($timers, static fn(Timer $t): bool => ! $t->isOf($event));
                    break;
                case 'photo':
                    $photos[] = $told + ['photo_id' => (string) $event->data['photo_id']];
                    break;
                case 'fault':
                    $faults[] = $told + [
                        'fault' => (string) $event->data['fault'],
                        'psi' => isset($event->data['psi']) ? (float) $event->data['psi'] : null,
                        'tried' => [],
                    ];
                    break;
                case 'tried':
                    $faults = self::withTried($faults, $event);
                    break;
                case 'rejected':
                    foreach ($reach as $bait) {
                        $rejected[$bait] = (string) $event->data['reason'];
                    }
                    // What was rejected need not dry.
                    $timers = array_filter($timers, static fn(Timer $t): bool => ! isset($rejected[$t->bait ?? 0]));
                    break;
                case 'taken-back':
                    $rejected = array_diff_key($rejected, array_flip($reach));
                    break;
            }
        }

        return new self($recipe, $baits, $done, $sides, $figures, $notes, $timers, $photos, $rejected, $faults, $dried, $oneSideOfAll);
    }

    /**
     * The step and bait that come next; null when all is done.
     *
     * @return array{step: string, bait: int}|null
     */
    public function position(): ?array
    {
        foreach ($this->recipe->enabled() as $step) {
            $open = array_values(array_filter($this->kept(), fn(int $bait): bool => ! isset($this->done[$step->id][$bait])));
            if ($open !== []) {
                return ['step' => $step->id, 'bait' => $this->turnedTo($step, $open)];
            }
        }

        return null;
    }

    /**
     * The bait whose side comes next: the first side of each, then all are turned.
     *
     * @param non-empty-list<int> $open
     */
    private function turnedTo(Step $step, array $open): int
    {
        $first = $step->sides()[0] ?? null;
        if ($this->oneSideOfAll && $first !== null && ! $step->forAll() && \count($step->sides()) > 1) {
            foreach ($open as $bait) {
                if (! ($this->sides[$step->id][$bait][$first] ?? false)) {
                    return $bait;
                }
            }
        }

        return $open[0];
    }

    /**
     * What was tried belongs to the latest fault of its name on that step.
     *
     * @param list<NotedFault> $faults
     *
     * @return list<NotedFault>
     */
    private static function withTried(array $faults, BenchEvent $event): array
    {
        foreach (array_reverse($faults, true) as $at => $one) {
            if ($one['step'] === $event->stepId && $one['fault'] === $event->data['fault']) {
                $one['tried'][] = ['cause' => (string) $event->data['cause'], 'helped' => (bool) $event->data['helped']];

                return array_values(array_replace($faults, [$at => $one]));
            }
        }

        return $faults;
    }

    /** @return list<Step> the steps for which not every bait that is kept has a record */
    public function missing(): array
    {
        return array_values(array_filter(
            $this->recipe->enabled(),
            fn(Step $step): bool => array_diff($this->kept(), array_keys($this->done[$step->id] ?? [])) !== [],
        ));
    }

    /** @return list<int> the baits that were not rejected */
    public function kept(): array
    {
        return array_values(array_filter(range(1, $this->baits), fn(int $bait): bool => ! isset($this->rejected[$bait])));
    }

    /** How many baits took paint: all that are kept, and those rejected after their first coat. */
    public function painted(): int
    {
        $coated = [];
        foreach ($this->recipe->coats() as $coat) {
            $coated += $this->done[$coat->id] ?? [];
        }

        return \count($this->kept()) + \count(array_intersect_key($this->rejected, $coated));
    }
}
