<?php

declare(strict_types=1);

namespace Hawkbrush\Core;

/** Where what was worked out lies until it is wanted again. It may forget anything at any time. */
interface Kept
{
    /** @return array<mixed>|null as it was put there; null: forgotten, or never there */
    public function get(string $key): ?array;

    /** @param array<mixed> $value of numbers, texts, nulls and arrays of them */
    public function put(string $key, array $value): void;
}
