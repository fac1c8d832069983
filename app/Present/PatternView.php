<?php

declare(strict_types=1);

namespace App\Present;

use App\Models\Pattern;
use Illuminate\Database\Eloquent\Builder;

/** A pattern on the shelf. */
final class PatternView
{
    public const STATES = ['sketch', 'tried', 'proven', 'retired'];

    /**
     * Patterns in a state, as {@see self::state} says it of one.
     *
     * @param Builder<Pattern> $patterns
     * @param string $state one of {@see self::STATES}; 'all': those that are not retired
     *
     * @return Builder<Pattern>
     */
    public static function inState(Builder $patterns, string $state): Builder
    {
        $proven = static fn(Builder $version): Builder => $version->whereNotNull('proven_at');
        $painted = static fn(Builder $run): Builder => $run->whereNotNull('finished_at');

        return match ($state) {
            'retired' => $patterns->whereNotNull('retired_at'),
            'proven' => $patterns->whereNull('retired_at')->whereHas('versions', $proven),
            'tried' => $patterns->whereNull('retired_at')->whereDoesntHave('versions', $proven)->whereHas('runs', $painted),
            'sketch' => $patterns->whereNull('retired_at')->whereDoesntHave('versions', $proven)->whereDoesntHave('runs', $painted),
            default => $patterns->whereNull('retired_at'),
        };
    }

    /** @return array<string, mixed> */
    public static function of(Pattern $pattern): array
    {
        $current = $pattern->current;

        return [
            'id' => $pattern->id,
            'name' => $pattern->name,
            'species' => $pattern->species,
            'water' => $pattern->water,
            'notes' => $pattern->notes,
            'revision' => $pattern->revision,
            'state' => self::state($pattern),
            'version' => [
                'id' => $current->id, 'number' => $current->number, 'revision' => $current->revision, 'body_id' => $current->body_id,
                'steps' => \count($current->steps),
            ],
            'last_painted' => self::text($pattern, 'last_painted'),
            'parent' => $pattern->parent === null ? null : ['id' => $pattern->parent->id, 'name' => $pattern->parent->name],
            'proven' => self::proven($pattern),
        ];
    }

    private static function state(Pattern $pattern): string
    {
        return match (true) {
            $pattern->retired_at !== null => 'retired',
            $pattern->proven !== null => 'proven',
            self::text($pattern, 'last_painted') !== null => 'tried',
            default => 'sketch',
        };
    }

    /** @return array<string, mixed>|null the version stamped last: it, and on which body, is what is proven */
    private static function proven(Pattern $pattern): ?array
    {
        $version = $pattern->proven;

        return $version === null ? null : [
            'version_id' => $version->id,
            'number' => $version->number,
            'body' => $version->body->name,
            'fitted' => $version->fitted_from_id !== null,
            'current' => $version->id === $pattern->current->id, 'baits' => self::count($pattern, 'proven_baits'),
        ];
    }

    private static function count(Pattern $pattern, string $attribute): int
    {
        $value = $pattern->getAttribute($attribute);

        return is_numeric($value) ? (int) $value : 0;
    }

    private static function text(Pattern $pattern, string $attribute): ?string
    {
        $value = $pattern->getAttribute($attribute);

        return \is_string($value) ? str_replace(' ', 'T', $value).'Z' : null;
    }
}
