<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Technique;

use Hawkbrush\Core\Body\Surface;

/** One way of putting paint on: what a painter sets for it, and where it lets paint through. */
interface Technique
{
    /** Its key in documents. */
    public function name(): string;

    /** Its name as painters say it. */
    public function label(): string;

    /** How it is done at the bench, in a sentence; empty when the aim says it all. Common practice, no published source. */
    public function how(): string;

    /** @return list<Parameter> what can be set, in the order a painter thinks of it */
    public function settings(): array;

    /** What bears on the coat below, and how hard: so dry must that be. */
    public function press(): Press;

    /** What carries the paint. */
    public function tool(): Tool;

    /** Whether it comes out of the airbrush, so that what is turned away from it gets less. */
    public function sprayed(): bool;

    /** Whether both sides come out alike; a random one differs from side to side. */
    public function mirrored(): bool;

    /**
     * What of the open spray gets through to each cell of the left half.
     *
     * @return array<int, float> share of paint, 0 to 1, by cell as in {@see Surface}; cells that get none are not in it. Cells numbered
     *                           on from the last are those of the other half, for marks that reach over ridge or keel
     */
    public function through(Surface $surface, Choices $choices, int $seed, OpenSpray $open): array;
}
