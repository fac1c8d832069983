<?php

declare(strict_types=1);

namespace Tests;

/** What a client that is broken or means harm puts in the place of a value, and all places where it can. */
final class Hostile
{
    /**
     * Every value of a document, by its path.
     *
     * @param list<int|string> $at
     *
     * @return list<list<int|string>>
     */
    public static function places(mixed $value, array $at = []): array
    {
        $places = $at === [] ? [] : [$at];
        foreach (\is_array($value) ? $value : [] as $key => $inner) {
            array_push($places, ...self::places($inner, [...$at, $key]));
        }

        return $places;
    }

    /**
     * @param array<int|string, mixed> $document
     * @param list<int|string> $at
     *
     * @return array<int|string, mixed>
     */
    public static function spoilt(array $document, array $at, mixed $value): array
    {
        $place = &$document;
        foreach ($at as $key) {
            $place = &$place[$key];
        }
        $place = $value;

        return $document;
    }

    /** @return array<string, mixed> */
    public static function values(): array
    {
        $deep = [];
        for ($i = 0; $i < 40; $i++) {
            $deep = [$deep];
        }

        return [
            'nothing' => null,
            'an empty list' => [],
            'a list in a list' => [[1]],
            'an object' => (object) ['a' => 1],
            'an empty text' => '',
            'a word' => 'NaN',
            'yes' => true,
            'below nothing' => -1,
            'nought' => 0,
            'half' => 0.5,
            'beyond all' => 1e300,
            'the largest number' => PHP_INT_MAX,
            'a long text' => str_repeat('ä', 3000),
            'control characters' => "a\u{0}\u{1b}[2J",
            'a tag' => '<script>alert(1)</script>',
            'a way out' => '../../etc/passwd',
            'a statement' => "'; DROP TABLE paints; --",
            'a deep list' => $deep,
            'a long list' => range(1, 3000),
        ];
    }
}
