<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Rescue;

use Hawkbrush\Core\Coat\Coat;

/** One way to go on after a mishap, drawn to its end. */
final readonly class Way
{
    /**
     * @param 'leave'|'cover'|'hide'|'again' $kind
     * @param list<Coat> $coats laid besides those of the pattern, in their order
     * @param string|null $after id of the step that they come after; null: nothing is added
     * @param float $deltaE from the plan, mean over the bait
     * @param array<string, float> $zones the same by zone
     * @param float $minutes besides those of the pattern
     * @param list<string> $again ids of the steps that are done once more
     */
    public function __construct(
        public string $kind,
        public array $coats,
        public ?string $after,
        public float $deltaE,
        public array $zones,
        public float $minutes,
        public array $again,
    ) {}

    /** @param array<string, float> $zones */
    public function with(array $zones): self
    {
        return new self($this->kind, $this->coats, $this->after, $this->deltaE, $zones, $this->minutes, $this->again);
    }

    /** Better first: nearer to the plan, to a tenth that no eye tells, then sooner done. */
    public static function order(self $one, self $other): int
    {
        return [round($one->deltaE, 1), $one->minutes, $one->deltaE] <=> [round($other->deltaE, 1), $other->minutes, $other->deltaE];
    }
}
