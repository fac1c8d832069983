<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Pattern;

/** The finish: brings the colours up and keeps them. */
final readonly class ClearStep extends Step
{
    public function __construct(
        string $id,
        string $title,
        bool $on,
        string $check,
        public Clear $clear,
        public int $coats,
    ) {
        parent::__construct($id, $title, $on, $check);
    }

    public function type(): string
    {
        return 'clear';
    }
}
