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
 * @phpstan-import-type NotedFault from Recording
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
     * @param array<string, array{strokes: int, seconds: float}> $paced the beat that strokes were last made to, by step id
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
        public array $paced,
        private bool $oneSideOfAll,
    ) {}

    /**
     * @param iterable<BenchEvent> $events
     * @param bool $oneSideOfAll whether one side of every bait is sprayed before all are turned
     */
    public static function fold(Recipe $recipe, int $baits, iterable $events, bool $oneSideOfAll = false): self
    {
        $record = new Recording($recipe, $baits);
        foreach ($events as $event) {
            $event->applyTo($record);
        }

        return new self(
            $recipe, $baits, $record->done, $record->sides, $record->figures, $record->notes, $record->timers, $record->photos,
            $record->rejected, $record->faults, $record->dried, $record->paced, $oneSideOfAll,
        );
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
