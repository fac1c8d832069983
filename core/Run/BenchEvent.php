<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

use Hawkbrush\Core\Document\Fields;
use Hawkbrush\Core\Document\Given;
use Hawkbrush\Core\Refused;

/**
 * Something that happened at the bench. Never changed afterwards: what was wrong is followed by another event. A kind of event is a
 * class in the folder Event and a line in {@see BenchEvents}; the page applies it by its twin in resources/js/bench/apply.ts.
 */
abstract readonly class BenchEvent
{
    /**
     * @param int|null $bait counted from 1; null for all
     * @param string $at ISO 8601, as the bench's clock had it
     */
    final protected function __construct(
        public string $id,
        public string $stepId,
        public ?int $bait,
        public string $at,
        protected Given $data,
    ) {}

    /** Its `type` in documents. */
    abstract public static function type(): string;

    /** What its `data` says. */
    abstract public static function fields(): Fields;

    /** What the record of the run says from now on. */
    abstract public function applyTo(Recording $record): void;

    /** Whether a finished run takes it too. */
    public static function afterwards(): bool
    {
        return false;
    }

    /** @throws Refused when its data is not as declared */
    final public static function of(string $id, string $stepId, ?int $bait, string $at, Given $data): static
    {
        // What was kept is applied as it is.
        if (! $data->isKept()) {
            $data->all();
        }

        return new static($id, $stepId, $bait, $at, $data);
    }

    /** @return array{step: string, bait: int|null, at: string} */
    final protected function told(): array
    {
        return ['step' => $this->stepId, 'bait' => $this->bait, 'at' => $this->at];
    }
}
