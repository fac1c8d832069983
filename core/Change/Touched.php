<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Change;

/** What a change has hold of: set again at once, it is the same edit still. */
final readonly class Touched
{
    /** @param list<string> $fields of the step, and the handle by which they were pulled */
    public function __construct(public string $stepId, public array $fields) {}

    public function key(): string
    {
        return implode(' ', [$this->stepId, ...$this->fields]);
    }
}
