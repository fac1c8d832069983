<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Parallel;

/** Does one piece after the other. */
final readonly class OneWorker implements Workers
{
    public function count(): int
    {
        return 1;
    }

    public function do(array $pieces): array
    {
        return array_map(static fn(callable $piece): mixed => $piece(), $pieces);
    }
}
