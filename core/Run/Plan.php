<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Body\Surface;
use Hawkbrush\Core\Eye\Eye;
use Hawkbrush\Core\Pattern\Recipe;
use Hawkbrush\Core\Refused;
use Hawkbrush\Core\Render\Coverage;
use Hawkbrush\Core\Shop\Shop;
use Hawkbrush\Core\Step\Job;

/**
 * A run planned: a recipe on a number of baits in today's room, step by step, all baits through a step before the next
 * one.
 */
final readonly class Plan
{
    public const MOST_BAITS = 60;

    /**
     * @param list<PlannedStep> $steps
     * @param list<string> $cautions
     */
    private function __construct(
        public Recipe $recipe,
        public int $baits,
        public Shop $shop,
        public array $steps,
        public array $cautions,
    ) {}

    /** @throws Refused when there is nothing to paint, or too many baits at once */
    public static function of(Recipe $recipe, int $baits, Shop $shop): self
    {
        if ($baits < 1 || $baits > self::MOST_BAITS) {
            throw Refused::at('/baits', 'A run has 1 to '.self::MOST_BAITS.' baits.');
        }
        if ($recipe->enabled() === []) {
            throw Refused::at('/version_id', 'This pattern has no step that is switched on: there is nothing to run.');
        }
        $climate = $shop->climate;
        $cleanings = Cleanings::of($recipe, $shop);
        $surface = Surface::of($recipe->body, 96, 64);
        $clock = 0.0;
        $planned = [];
        $before = null;
        $rested = 0.0;
        foreach ($recipe->enabled() as $step) {
            $coat = $step->coat();
            $work = $step->work(new Job(
                $baits,
                $climate,
                $coat === null ? 0.0 : Coverage::land($coat, $surface)->areaMm2($surface),
                $coat?->keepsMaskOf($before) ?? false,
                $rested,
                array_sum($surface->areaMm2) * 2,
                $shop->clears,
                $surface,
            ));
            $clean = $cleanings[$step->id] ?? null;
            $clock += ($clean->minutes ?? 0.0) + $work->handsOnMin + $work->waitMin;
            $rested = $coat === null ? $rested + $work->waitMin : $work->waitMin;
            $before = $coat ?? $before;
            $planned[] = new PlannedStep($step, $recipe->number($step->id), $work, $clock, $clean);
        }

        return new self($recipe, $baits, $shop, $planned, Cautions::of($recipe));
    }

    public function handsOnMin(): float
    {
        return $this->cleanMin() + array_sum(array_map(static fn(PlannedStep $s): float => $s->work->handsOnMin, $this->steps));
    }

    /** Minutes of cleaning between colours; hands-on time too. */
    public function cleanMin(): float
    {
        return array_sum(array_map(static fn(PlannedStep $s): float => $s->clean->minutes ?? 0.0, $this->steps));
    }

    public function cleanerMl(): float
    {
        return array_sum(array_map(static fn(PlannedStep $s): float => $s->clean->cleanerMl ?? 0.0, $this->steps));
    }

    public function totalMin(): float
    {
        return $this->steps === [] ? 0.0 : $this->steps[\count($this->steps) - 1]->doneAtMin;
    }

    /** @return list<array{Eye, int}> the eyes that are set, and how many of each */
    public function takesEyes(): array
    {
        $takes = [];
        foreach ($this->steps as $planned) {
            $eye = $planned->step->eye();
            if ($eye !== null && $eye->kind !== 'painted') {
                $takes[] = [$eye, 2 * $this->baits];
            }
        }

        return $takes;
    }

    /** @return array<string, float> ml of each clear the run takes, by its kind */
    public function takesClearMl(): array
    {
        $takes = [];
        foreach ($this->steps as $planned) {
            $batch = $planned->work->batch;
            if ($batch !== null) {
                $kind = $batch->product->clear->value;
                $takes[$kind] = ($takes[$kind] ?? 0.0) + $batch->takesMl;
            }
        }

        return $takes;
    }

    /** @return array<string, float> ml of each paint the run takes, by paint id */
    public function takesMl(): array
    {
        $takes = [];
        foreach ($this->steps as $planned) {
            foreach ([...$planned->work->cup->paints ?? [], ...$planned->work->stirs] as $part) {
                $takes[$part['paintId']] = ($takes[$part['paintId']] ?? 0.0) + $part['ml'];
            }
        }

        return $takes;
    }
}
