<?php

declare(strict_types=1);

namespace App\Keeping;

/** Checks a database file before it is used. */
final class DatabaseFile
{
    /**
     * @return list<string> the migrations that it has been through
     *
     * @throws KeepingTrouble when it is damaged, or no database of Hawkbrush
     */
    public static function check(string $path): array
    {
        if (file_get_contents($path, false, null, 0, 15) !== 'SQLite format 3') {
            throw new KeepingTrouble("{$path} is no database, or damaged.");
        }
        try {
            $pdo = new \PDO("sqlite:{$path}", null, null, [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION, \PDO::ATTR_TIMEOUT => 15]);
            $found = self::column($pdo, 'PRAGMA quick_check(3)');
            if ($found !== ['ok']) {
                throw new KeepingTrouble("{$path} is damaged: ".implode('; ', $found));
            }
            $tables = self::column($pdo, "SELECT name FROM sqlite_master WHERE type = 'table'");

            return \in_array('migrations', $tables, true) ? self::column($pdo, 'SELECT migration FROM migrations ORDER BY id')
                : ($tables === [] ? [] : throw new KeepingTrouble("{$path} is a database, but not one of Hawkbrush."));
        } catch (\PDOException $e) {
            throw new KeepingTrouble("{$path} cannot be read: ".(StorageTrouble::of($e)?->title() ?? $e->getMessage()).'.');
        }
    }

    /** @throws KeepingTrouble when entries refer to what is not there */
    public static function whole(string $path): void
    {
        $pdo = new \PDO("sqlite:{$path}", null, null, [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
        $loose = array_count_values(self::column($pdo, 'PRAGMA foreign_key_check'));
        if ($loose !== []) {
            $words = array_map(static fn(string $table, int $count): string => "{$count} in “{$table}”", array_keys($loose), $loose);
            throw new KeepingTrouble("{$path} is damaged: entries refer to what is not there (".implode(', ', $words).'). Take an older backup.');
        }
    }

    /** A copy at one moment, unaffected by writes meanwhile. */
    public static function copy(string $from, string $to): void
    {
        // SQLite would make an empty one in its place.
        if (! is_file($from)) {
            throw new KeepingTrouble("There is no database {$from}.");
        }
        try {
            $pdo = new \PDO("sqlite:{$from}", null, null, [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION, \PDO::ATTR_TIMEOUT => 30]);
            $pdo->exec('VACUUM INTO '.$pdo->quote($to));
        } catch (\PDOException $e) {
            throw new KeepingTrouble('The database could not be copied: '.(StorageTrouble::of($e)?->title() ?? $e->getMessage()).'.');
        }
    }

    /** @return list<string> */
    private static function column(\PDO $pdo, string $sql): array
    {
        $answer = $pdo->query($sql);

        return $answer === false ? [] : array_values(array_filter($answer->fetchAll(\PDO::FETCH_COLUMN), is_string(...)));
    }
}
