<?php

declare(strict_types=1);

namespace App\Models;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/** Words that are looked for in what a list says of its things. Each must stand there, in whatever case. */
final class Sought
{
    private const MOST_WORDS = 8;

    /**
     * @return list<string> the words of `q`, in small letters
     *
     * @throws Refused
     */
    public static function words(Node $asked): array
    {
        $words = preg_split('/\s+/u', self::folded($asked->optional('q')?->text(200, true) ?? ''), -1, PREG_SPLIT_NO_EMPTY);

        return \array_slice($words === false ? [] : $words, 0, self::MOST_WORDS);
    }

    /** What is kept to be searched: SQLite itself folds no more than A to Z. */
    public static function folded(string $text): string
    {
        return mb_strtolower($text);
    }

    /**
     * @template M of Model
     *
     * @param Builder<M> $query
     *
     * @return Builder<M>
     */
    public static function in(Builder $query, Node $asked, string $column): Builder
    {
        return self::with($query, self::words($asked), $column);
    }

    /**
     * @template M of Model
     *
     * @param Builder<M> $query
     * @param list<string> $words in small letters
     *
     * @return Builder<M>
     */
    public static function with(Builder $query, array $words, string $column): Builder
    {
        foreach ($words as $word) {
            $query->whereRaw("{$column} LIKE ? ESCAPE '\\'", ['%'.addcslashes($word, '\\%_').'%']);
        }

        return $query;
    }
}
