<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice;

/** The change that mends a finding: fields of one step to set, as they stand in a recipe document. */
final readonly class Fix
{
    /** @param array<string, mixed> $set */
    public function __construct(public string $label, public string $stepId, public array $set) {}
}
