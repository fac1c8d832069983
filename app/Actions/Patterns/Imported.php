<?php

declare(strict_types=1);

namespace App\Actions\Patterns;

use App\Models\Pattern;

/** A pattern that came with a document, and what it brought into the stores. */
final readonly class Imported
{
    /** @param list<array{what: 'paint'|'body'|'pattern', name: string, how: 'new'|'namesake'|'unchanged'}> $brought what was there already is not named */
    public function __construct(public Pattern $pattern, public array $brought) {}
}
