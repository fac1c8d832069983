<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Typed;

/** Words of a line that mean one thing of a step. */
final readonly class Term
{
    /** A word may be cut short to this many letters. */
    private const LEAST_LETTERS = 2;

    /**
     * @param list<string> $words in small letters
     * @param string $field of the step: kind, paint, technique, zone, side, weight, set, clear, eye or figure
     * @param string $value what that field becomes
     * @param string $means how it is shown to be understood
     * @param int $from so many words of a longer name stand before these
     * @param bool $stretched it stands for that in a wider sense: where nothing is called so
     */
    public function __construct(
        public array $words,
        public string $field,
        public string $value,
        public string $means,
        public int $from = 0,
        public bool $stretched = false,
    ) {}

    /**
     * Every way to begin a name: any of its words may be the first that is typed.
     *
     * @return list<self>
     */
    public static function name(string $name, string $field, string $value): array
    {
        $words = Line::words($name);

        return array_map(
            static fn(int $from): self => new self(\array_slice($words, $from), $field, $value, $name, $from),
            array_keys($words),
        );
    }

    /**
     * How well typed words match, best last: how many, whether spelt out, whether that is all of it, from its first word.
     *
     * @param list<string> $typed from a place of the line on
     *
     * @return array{int, int, int, int, int}|null the first is how many words it takes; null: none
     */
    public function matches(array $typed): ?array
    {
        $taken = $exact = 0;
        foreach ($this->words as $at => $word) {
            $given = $typed[$at] ?? null;
            if ($given === null || ! self::begins($word, $given)) {
                break;
            }
            ++$taken;
            $exact += self::same($word, $given) ? 1 : 0;
        }

        return $taken === 0 ? null : [
            $taken,
            $exact,
            $this->stretched ? 0 : 1,
            $taken === \count($this->words) && $this->from === 0 ? 1 : 0,
            -$this->from,
        ];
    }

    private static function begins(string $word, string $typed): bool
    {
        return self::same($word, $typed) || (mb_strlen($typed) >= self::LEAST_LETTERS && str_starts_with($word, $typed));
    }

    /** Also in the plural. */
    private static function same(string $word, string $typed): bool
    {
        return $word === $typed || $word.'s' === $typed || $word === $typed.'s';
    }
}
