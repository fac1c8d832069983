<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Parallel;

/** Who does pieces of work that do not need each other. */
interface Workers
{
    /** Into how many pieces work is best cut. */
    public function count(): int;

    /**
     * Does all pieces. Each may be done where nothing that it changes is seen by the others or afterwards, so that only
     * what it returns counts: numbers, texts, and lists of these.
     *
     * @template T
     *
     * @param list<callable(): T> $pieces
     *
     * @return list<T> in the same order
     */
    public function do(array $pieces): array;
}
