<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice;

/** What will go wrong or not show: the rule that says so, the step, the reason with its figures, and the mend. */
final readonly class Finding
{
    /**
     * @param bool $meant whether the painter has answered it with “meant so”, see {@see Meant}
     * @param Fix|null $answer the change that answers it so, or takes that back
     */
    public function __construct(
        public string $rule,
        public Severity $severity,
        public string $stepId,
        public string $headline,
        public string $reason,
        public ?Fix $fix,
        public bool $meant = false,
        public ?Fix $answer = null,
    ) {}

    public function answered(bool $meant, ?Fix $answer): self
    {
        return new self($this->rule, $this->severity, $this->stepId, $this->headline, $this->reason, $this->fix, $meant, $answer);
    }
}
