<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Stores\Stores;

/** Log, runs, patterns and stores as tables (RFC 4180) that any program reads. */
final class ReadableTables
{
    private const TABLES = [
        'log' => "SELECT printf('H-%04d', b.number) AS bait, p.name AS pattern, v.number AS version, f.name AS body, r.number AS run, r.finished_at, v.proven_at, b.lesson, b.rejected
            FROM baits b JOIN runs r ON r.id = b.run_id JOIN versions v ON v.id = r.version_id JOIN patterns p ON p.id = v.pattern_id JOIN bodies f ON f.id = v.body_id ORDER BY b.number",
        'runs' => 'SELECT r.number AS run, p.name AS pattern, v.number AS version, f.name AS body, r.bait_count AS baits, r.air_c, r.humidity_percent, r.starts_at, r.started_at, r.finished_at
            FROM runs r JOIN versions v ON v.id = r.version_id JOIN patterns p ON p.id = v.pattern_id JOIN bodies f ON f.id = v.body_id ORDER BY r.number',
        'bench' => "WITH steps AS MATERIALIZED (
                SELECT r
                    .id AS run, json_extract(s.value, '$.id') AS id, s
                    .key + 1 AS number, json_extract(s.value, '$.title') AS title FROM runs r, json_each(r.recipe, '$.steps') s
            )
            SELECT r
                .number AS run, json_extract(e.event, '$.at') AS at, s
                .number AS step, s
                .title, json_extract(e.event, '$.bait') AS bait, json_extract(e.event, '$.type') AS what, json_extract(e.event, '$.data') AS data
            FROM bench_events e JOIN runs r ON r.id = e.run_id LEFT JOIN steps s ON s.run = e.run_id AND s.id = json_extract(e.event, '$.step') ORDER BY e.seq",
        'patterns' => 'SELECT p.name, p.species, p.water, v.number AS version, f.name AS body, v.note, v.painted_at, v.proven_at, v.steps, p.notes
            FROM versions v JOIN patterns p ON p.id = v.pattern_id JOIN bodies f ON f.id = v.body_id ORDER BY p.name, v.number',
    ];

    /**
     * @param string $database the path of a copy nobody writes to
     *
     * @return array<string, string> by name; a table that an older database does not have yet is left out
     */
    public function inDatabase(string $database): array
    {
        $pdo = new \PDO("sqlite:{$database}", null, null, [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
        $tables = [];
        foreach ([...self::TABLES, ...array_merge(...array_map(static fn(string $store): array => $store::tables(), Stores::ALL))] as $name => $sql) {
            try {
                $answer = $pdo->query($sql);
            } catch (\PDOException) {
                continue;
            }
            $tables[$name] = $answer === false ? '' : self::csv($answer);
        }

        return $tables;
    }

    private static function csv(\PDOStatement $answer): string
    {
        $out = fopen('php://temp', 'r+');
        \assert($out !== false);
        $columns = [];
        for ($i = 0; $i < $answer->columnCount(); $i++) {
            $columns[] = $answer->getColumnMeta($i)['name'] ?? '';
        }
        fputcsv($out, $columns, ',', '"', '', "\r\n");
        while (\is_array($row = $answer->fetch(\PDO::FETCH_NUM))) {
            fputcsv(
                $out,
                array_map(static fn(mixed $value): string => \is_scalar($value) ? self::safe((string) $value) : '', $row),
                ',',
                '"',
                '',
                "\r\n",
            );
        }

        return (string) stream_get_contents($out, null, 0);
    }

    /** A text that a spreadsheet would take for a formula is marked as text. */
    private static function safe(string $value): string
    {
        return preg_match('/^[=+@\t\r]|^-(?![\d.])/', $value) === 1 ? "'".$value : $value;
    }
}
