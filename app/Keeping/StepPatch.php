<?php

declare(strict_types=1);

namespace App\Keeping;

use Swaggest\JsonDiff\JsonDiff;
use Swaggest\JsonDiff\JsonPatch;

/**
 * The difference between two lists of steps as a JSON Patch (RFC 6902) of {order: [ids], steps: {id: step}}: a step that
 * is added or moved changes the order and nothing of its neighbours.
 */
final class StepPatch
{
    /**
     * @param list<array<string, mixed>> $from
     * @param list<array<string, mixed>> $to
     *
     * @return list<mixed> the operations that lead from the one to the other
     */
    public static function between(array $from, array $to): array
    {
        $operations = self::plain((new JsonDiff(self::document($from), self::document($to)))->getPatch());

        // It is only ever applied to what it was made from: nothing has to be tested before.
        return array_values(array_filter(
            \is_array($operations) ? $operations : [],
            static fn(mixed $one): bool => \is_array($one) && $one['op'] !== 'test',
        ));
    }

    /**
     * @param list<array<string, mixed>> $steps
     * @param list<mixed> $operations
     *
     * @return list<array<string, mixed>>
     */
    public static function apply(array $steps, array $operations): array
    {
        $document = self::document($steps);
        $read = json_decode(self::json($operations), false, 512, JSON_THROW_ON_ERROR);
        JsonPatch::import(\is_array($read) ? $read : [])->apply($document);
        /** @var array{order: list<string>, steps: array<string, array<string, mixed>>} $after */
        $after = self::plain($document);

        return array_map(static fn(string $id): array => ['id' => $id] + $after['steps'][$id], $after['order']);
    }

    /** @param list<array<string, mixed>> $steps */
    private static function document(array $steps): mixed
    {
        $byId = array_column($steps, null, 'id');

        return json_decode(
            self::json(['order' => array_map(strval(...), array_keys($byId)), 'steps' => (object) $byId]),
            false,
            512,
            JSON_THROW_ON_ERROR,
        );
    }

    private static function plain(mixed $value): mixed
    {
        return json_decode(self::json($value), true, 512, JSON_THROW_ON_ERROR);
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR);
    }
}
