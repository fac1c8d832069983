<?php

declare(strict_types=1);

namespace App\Keeping;

/** What a database is made of beside its rows: tables with their columns, indexes, triggers and views. */
final class Schema
{
    /** A trigger of ours refuses what is not to be changed, and does nothing else. */
    private const REFUSES = '/^CREATE TRIGGER "?\w+"? BEFORE (UPDATE|DELETE)[^;]* BEGIN SELECT RAISE\(ABORT, \'[^\']*\'\); END$/i';

    /**
     * What could do something by itself once the database is written to.
     *
     * @return list<string> in words
     */
    public static function active(string $path): array
    {
        $found = [];
        foreach (self::entries($path) as [$type, $name, , $sql]) {
            if ($type === 'view' || $type === 'trigger' && preg_match(self::REFUSES, $sql) !== 1) {
                $found[] = "the {$type} “{$name}”";
            }
        }

        return $found;
    }

    /**
     * @param string $like a database that is as it should be
     *
     * @return list<string> in words, what is missing in the first or does not belong there
     */
    public static function strange(string $path, string $like): array
    {
        [$is, $should] = [self::of($path), self::of($like)];
        $words = static fn(array $all, string $how): array => array_map(
            static fn(string $name): string => "{$name} {$how}",
            array_keys($all),
        );

        return [
            ...$words(array_diff_key($should, $is), 'is missing'),
            ...$words(array_diff_key($is, $should), 'does not belong there'),
            ...$words(array_diff_assoc(array_intersect_key($is, $should), $should), 'is not as it should be'),
        ];
    }

    /** @return array<string, string> by what it is in words: of a table its columns, of all else how it was made */
    private static function of(string $path): array
    {
        $pdo = self::open($path);
        $all = [];
        foreach (self::entries($path) as [$type, $name, $table, $sql]) {
            if ($type === 'table') {
                $info = $pdo->query('PRAGMA table_info('.$pdo->quote($name).')');
                $columns = $info === false ? [] : $info->fetchAll(\PDO::FETCH_COLUMN, 1);
                sort($columns);
                $sql = implode(' ', array_filter($columns, is_string(...)));
            }
            $all["the {$type} “{$name}”".($type === 'table' ? '' : " of “{$table}”")] = strtolower($sql);
        }

        return $all;
    }

    /** @return list<array{string, string, string, string}> type, name, table, and the text that made it, in single spaces */
    private static function entries(string $path): array
    {
        $rows = self::open($path)->query("SELECT type, name, tbl_name, coalesce(sql, '') FROM sqlite_master WHERE name NOT LIKE 'sqlite\\_%' ESCAPE '\\'");
        $entries = [];
        foreach ($rows === false ? [] : $rows->fetchAll(\PDO::FETCH_NUM) as $row) {
            $text = array_map(static fn(mixed $one): string => \is_string($one) ? $one : '', \is_array($row) ? $row : []);
            $entries[] = [$text[0], $text[1], $text[2], trim((string) preg_replace('/\s+/', ' ', $text[3]))];
        }

        return $entries;
    }

    private static function open(string $path): \PDO
    {
        return new \PDO("sqlite:{$path}", null, null, [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
    }
}
