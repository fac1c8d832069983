<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Document;

/** What of a kept document lies outside today's bounds: read all the same, shown, and mended by the painter. */
final class Outside
{
    /** @var array<string, string> what is wrong, by where (JSON Pointer) */
    private array $found = [];

    /** @param string $at where the document stands that it is about (JSON Pointer) */
    public function __construct(private readonly string $at = '') {}

    public function add(string $pointer, string $what): void
    {
        $this->found[$pointer] = $what;
    }

    /** @return array<string, string> what is wrong, by field of the document, as psi or where/soft */
    public function all(): array
    {
        $fields = array_map(fn(string $pointer): string => substr($pointer, \strlen($this->at) + 1), array_keys($this->found));

        return array_combine($fields, array_values($this->found));
    }
}
