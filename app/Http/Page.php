<?php

declare(strict_types=1);

namespace App\Http;

use Hawkbrush\Core\Node;
use Hawkbrush\Core\Refused;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;

/**
 * A page of a list by key: what follows the last one of the page before. It takes as long at the end of a list as at its
 * beginning, and what is added meanwhile moves nothing from one page to the next.
 *
 * @template M of Model
 */
final readonly class Page
{
    /**
     * @param Collection<int, M> $items
     * @param string|null $next to be sent as `after` for the next page; null: this was the last one
     */
    private function __construct(public Collection $items, public ?string $next) {}

    /**
     * @template T of Model
     *
     * @param Builder<T> $query
     * @param Node $asked with `after`, the `next` of the page before
     * @param non-empty-list<string> $keys columns that order the list, together unique
     *
     * @return self<T>
     *
     * @throws Refused when `after` is not one of ours
     */
    public static function of(Builder $query, Node $asked, array $keys, int $size, bool $descending = false): self
    {
        $after = $asked->optional('after');
        if ($after !== null) {
            $key = self::key($after, \count($keys));
            $query->whereRaw(
                '('.implode(', ', $keys).') '.($descending ? '<' : '>').' ('.implode(', ', array_fill(0, \count($keys), '?')).')',
                $key,
            );
        }
        foreach ($keys as $column) {
            $query->orderBy($column, $descending ? 'desc' : 'asc');
        }
        $found = $query->limit($size + 1)->get();
        $items = $found->take($size);
        $last = $items->last();

        return new self(
            $items,
            $last === null || $found->count() <= $size ? null
                : self::cursor(array_map(static fn(string $column): mixed => $last->getAttribute($column), $keys)),
        );
    }

    /**
     * @param callable(M): array<string, mixed> $view
     *
     * @return array<string, mixed> as it is answered
     */
    public function as(string $name, callable $view): array
    {
        return [$name => array_values($this->items->map($view)->all()), 'next' => $this->next];
    }

    /** @return list<int|string> */
    private static function key(Node $after, int $columns): array
    {
        $text = $after->raw();
        $key = \is_string($text) ? json_decode((string) base64_decode(strtr($text, '-_', '+/'), true), true) : null;
        $valid = \is_array($key) && \count($key) === $columns && array_is_list($key)
            && array_filter($key, static fn(mixed $part): bool => ! \is_string($part) && ! \is_int($part)) === [];
        if (! $valid) {
            throw $after->refuse('No list goes on from here. Send the "next" of the page before, or leave it out to begin.');
        }

        /** @var list<int|string> $key */
        return $key;
    }

    /** @param list<mixed> $key */
    private static function cursor(array $key): string
    {
        return strtr(rtrim(base64_encode(json_encode($key, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)), '='), '+/', '-_');
    }
}
