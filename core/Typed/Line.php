<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Typed;

/** What a painter types, as words and numbers in order. */
final class Line
{
    public const LONGEST = 200;

    /** @return list<string> in small letters; a number and its unit apart: "8psi" is two */
    public static function words(string $line): array
    {
        preg_match_all('/\d+(?:[.,]\d+)?|[%×]|\bx(?=\d)|\p{L}[\p{L}\p{N}\'’-]*/u', mb_strtolower($line), $found);

        return $found[0];
    }

    public static function number(string $word): ?float
    {
        return preg_match('/^\d+(?:[.,]\d+)?$/', $word) === 1 ? (float) str_replace(',', '.', $word) : null;
    }
}
