<?php

declare(strict_types=1);

namespace Hawkbrush\Core\Step;

/** The paints that the document of a step names, before it is read: in every list of it that has them. */
final class PaintsNamed
{
    /** Fields that are lists of {paint, …}: of a coat and a dip, a clear, a painted eye. */
    private const LISTS = ['mix', 'stirred', 'rings'];

    /**
     * @param array<string, mixed> $document of a step
     *
     * @return list<string> ids
     */
    public static function in(array $document): array
    {
        $ids = [];
        foreach (self::LISTS as $list) {
            foreach (\is_array($document[$list] ?? null) ? $document[$list] : [] as $part) {
                if (\is_array($part) && \is_string($part['paint'] ?? null)) {
                    $ids[$part['paint']] = true;
                }
            }
        }

        return array_map(strval(...), array_keys($ids));
    }

    /**
     * @param array<string, mixed> $document of a step
     * @param array<string, string> $ids new by old
     *
     * @return array<string, mixed>
     */
    public static function renamed(array $document, array $ids): array
    {
        foreach (self::LISTS as $list) {
            if (\is_array($document[$list] ?? null)) {
                $document[$list] = array_map(static fn(mixed $part): mixed => \is_array($part) && \is_string($part['paint'] ?? null)
                    ? ['paint' => $ids[$part['paint']] ?? $part['paint']] + $part : $part, $document[$list]);
            }
        }

        return $document;
    }
}
