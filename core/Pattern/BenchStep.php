<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Pattern;

/** Work without paint: preparing, waiting or looking. */
final readonly class BenchStep extends Step
{
    public const TYPES = ['prep', 'wait', 'inspect'];

    /** @param value-of<self::TYPES> $type */
    public function __construct(
        string $id,
        string $title,
        bool $on,
        string $check,
        private string $type,
        public string $task,
        public float $minutes,
    ) {
        parent::__construct($id, $title, $on, $check);
    }

    public function type(): string
    {
        return $this->type;
    }
}
