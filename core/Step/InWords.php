<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

use Hawkbrush\Core\Shop\Habits;

/** What a step is called on the ladder and how it reads at the bench. */
interface InWords
{
    /** What it is called where it has no title. */
    public function name(): string;

    /**
     * How it is done, in a spoken sentence.
     *
     * @param bool $maskIsOn whether the mask of the coat before stays on for this one
     * @param Habits|null $habits of the shop; null: the usual ones
     */
    public function how(bool $maskIsOn = false, ?Habits $habits = null): string;
}
