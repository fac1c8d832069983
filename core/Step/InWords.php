<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Shop\Habits;

/** How a step is told of on the ladder and across the bench. */
interface InWords
{
    /** What it is called where it has no title. */
    public function name(): string;

    /**
     * How it is done, in a sentence as one would say it across the bench.
     *
     * @param bool $maskIsOn whether the mask of the coat before stays on for this one
     * @param Habits|null $habits of the shop; null: the usual ones
     */
    public function how(bool $maskIsOn = false, ?Habits $habits = null): string;
}
