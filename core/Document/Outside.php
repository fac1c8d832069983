<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Document;

/** What of a kept document lies outside today's bounds: read all the same, shown, and mended by the painter. */
final class Outside
{
    /** @var array<string, string> what is wrong, by where (JSON Pointer) */
    private array $found = [];

    public function add(string $pointer, string $what): void
    {
        $this->found[$pointer] = $what;
    }

    /** @return array<string, string> what is wrong, by where (JSON Pointer) */
    public function all(): array
    {
        return $this->found;
    }
}
