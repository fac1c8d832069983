<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice;

/** What will go wrong or not show: the rule that says so, the step, the reason with its figures, and the mend. */
final readonly class Finding
{
    public function __construct(
        public string $rule,
        public Severity $severity,
        public string $stepId,
        public string $headline,
        public string $reason,
        public ?Fix $fix,
    ) {}
}
