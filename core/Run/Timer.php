<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Run;

/** A timer that runs at the bench, by the bench's clock. */
final readonly class Timer
{
    /**
     * @param int|null $bait null for all
     * @param string $at ISO 8601, when it was started
     * @param bool $tacky whether the coat was felt still tacky when its time was up
     * @param bool $dried whether the coat was felt dry
     */
    private function __construct(
        public string $id,
        public string $step,
        public ?int $bait,
        public float $seconds,
        public string $label,
        public string $at,
        public bool $tacky,
        public bool $dried,
    ) {}

    public static function started(BenchEvent $event, float $seconds, string $label): self
    {
        return new self($event->id, $event->stepId, $event->bait, $seconds, $label, $event->at, false, false);
    }

    /** Still tacky: it goes on for so many seconds more. */
    public function longer(float $seconds): self
    {
        return new self($this->id, $this->step, $this->bait, $this->seconds + $seconds, $this->label, $this->at, true, $this->dried);
    }

    public function feltDry(): self
    {
        return new self($this->id, $this->step, $this->bait, $this->seconds, $this->label, $this->at, $this->tacky, true);
    }

    public function isOf(BenchEvent $event): bool
    {
        return $this->step === $event->stepId && $this->bait === $event->bait;
    }

    /** Seconds from its start; none where the clock was set back. */
    public function ranUntil(string $at): float
    {
        return max(0.0, (float) (new \DateTimeImmutable($at))->format('U.u') - (float) (new \DateTimeImmutable($this->at))->format('U.u'));
    }
}
