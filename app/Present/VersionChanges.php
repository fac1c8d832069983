<?php

declare(strict_types=1);

namespace App\Present;

use App\Models\Version;
use App\Stores\Rack\Paint;

/** What of a version differs from the one before it, step by step. */
final class VersionChanges
{
    /** What a painter does not set, or what says nothing of the bait. */
    private const LEFT_OUT = ['id', 'type', 'meant', 'seed'];

    /**
     * @param array<string, string> $paints names by id
     *
     * @return list<array{what: string, step: string, fields: list<array{field: string, was: mixed, now: mixed}>}>
     */
    public static function between(Version $was, Version $now, array $paints): array
    {
        $before = array_column($was->steps, null, 'id');
        $after = array_column($now->steps, null, 'id');
        $changes = [];
        foreach ($after as $id => $step) {
            $fields = isset($before[$id]) ? self::fields($before[$id], $step, $paints) : [];
            if (! isset($before[$id]) || $fields !== []) {
                $changes[] = ['what' => isset($before[$id]) ? 'changed' : 'added', 'step' => self::name($step, $paints), 'fields' => $fields];
            }
        }
        foreach (array_diff_key($before, $after) as $step) {
            $changes[] = ['what' => 'removed', 'step' => self::name($step, $paints), 'fields' => []];
        }
        $stayed = array_values(array_intersect(array_keys($before), array_keys($after)));
        foreach (array_values(array_intersect(array_keys($after), array_keys($before))) as $i => $id) {
            if ($stayed[$i] !== $id) {
                $changes[] = ['what' => 'moved', 'step' => self::name($after[$id], $paints), 'fields' => []];
                break;
            }
        }

        return $changes;
    }

    /** @return array<string, string> names by id */
    public static function paintNames(): array
    {
        $names = [];
        foreach (Paint::query()->get(['id', 'name']) as $paint) {
            $names[$paint->id] = $paint->name;
        }

        return $names;
    }

    /**
     * @param array<string, mixed> $was
     * @param array<string, mixed> $now
     * @param array<string, string> $paints
     *
     * @return list<array{field: string, was: mixed, now: mixed}>
     */
    private static function fields(array $was, array $now, array $paints): array
    {
        $fields = [];
        foreach (array_diff_key($now, array_flip(self::LEFT_OUT)) as $field => $value) {
            if (($was[$field] ?? null) != $value) {
                $words = static fn(mixed $of): mixed => match (true) {
                    $field === 'mix' => self::mix($of, $paints),
                    \is_array($of) => null,
                    default => $of,
                };
                $fields[] = ['field' => $field, 'was' => $words($was[$field] ?? null), 'now' => $words($value)];
            }
        }

        return $fields;
    }

    /** @param array<string, string> $paints */
    private static function mix(mixed $mix, array $paints): string
    {
        $names = [];
        foreach (\is_array($mix) ? $mix : [] as $part) {
            $id = \is_array($part) && \is_string($part['paint'] ?? null) ? $part['paint'] : '';
            $names[] = $paints[$id] ?? 'a paint that is gone';
        }

        return implode(' + ', $names);
    }

    /**
     * @param array<string, mixed> $step
     * @param array<string, string> $paints
     */
    private static function name(array $step, array $paints): string
    {
        $title = \is_string($step['title'] ?? null) ? $step['title'] : '';
        $type = \is_string($step['type'] ?? null) ? $step['type'] : '';

        return $title !== '' ? $title : (isset($step['mix']) ? self::mix($step['mix'], $paints) : $type);
    }
}
