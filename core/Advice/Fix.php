<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Advice;

/**
 * The change that mends a finding: fields of one step to set, a step to put in before it, as they stand in a recipe
 * document, or another step to move it before.
 */
final readonly class Fix
{
    /**
     * @param array<string, mixed> $set
     * @param array<string, mixed>|null $insert a step, without its id
     */
    private function __construct(
        public string $label,
        public string $stepId,
        public array $set,
        public ?array $insert,
        public ?string $before = null,
    ) {}

    /** @param array<string, mixed> $set */
    public static function change(string $label, string $stepId, array $set): self
    {
        return new self($label, $stepId, $set, null);
    }

    /** @param string $before id of the step that it goes before */
    public static function move(string $label, string $stepId, string $before): self
    {
        return new self($label, $stepId, [], null, $before);
    }

    /** @param array<string, mixed> $step without its id */
    public static function before(string $label, string $stepId, array $step): self
    {
        return new self($label, $stepId, [], $step);
    }
}
