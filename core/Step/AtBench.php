<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Coat\Hazard;

/** How a step goes at the bench: what it takes, on what of the baits, and what may come out otherwise. */
interface AtBench
{
    /** What it takes: cup, hands, waiting. */
    public function work(Job $job): Work;

    /** Minutes in which the recipe lets the bait rest, in an ordinary room. */
    public function restMin(): float;

    /** @return list<Hazard> what can hurt in it; none where nothing does */
    public function hazards(): array;

    /** Whether it is done for all baits of a run at once, rather than bait by bait. */
    public function forAll(): bool;

    /** @return list<'left'|'right'> the sides of a bait that it is done on by themselves */
    public function sides(): array;

    /** @return list<'coats'|'psi'|'strokes'|'thinning_percent'> figures that the bench may find to be others */
    public static function figures(): array;

    /**
     * As it was really done.
     *
     * @param array<string, float|int> $figures by name, those of {@see figures}
     */
    public function asUsed(array $figures): static;

    /** Whether it tries out the next coat away from the bait: figures found here become those of that coat. */
    public function triesNextCoat(): bool;

    /** How hot what the bait is dipped into stands, in C; null where nothing is molten. */
    public function meltC(): ?float;

    /** Air in C below which what it lays does not set as it should; null where it hardly matters. */
    public function coldestC(): ?float;
}
