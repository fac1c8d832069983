<?php

declare(strict_types=1);

namespace Tests;

/** Hawkbrush's own commands, run as processes on a data folder. */
final class Artisan
{
    /**
     * @param list<string> $arguments
     *
     * @return array{int, string} exit code, and all that was printed
     */
    public static function run(string $data, array $arguments): array
    {
        $process = self::start($data, $arguments, $pipes);
        $said = stream_get_contents($pipes[1]).stream_get_contents($pipes[2]);

        return [proc_close($process), $said];
    }

    /**
     * @param list<string> $arguments
     * @param array<int, resource>|null $pipes
     *
     * @return resource
     */
    public static function start(string $data, array $arguments, ?array &$pipes)
    {
        $process = proc_open([PHP_BINARY, 'artisan', ...$arguments], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, \dirname(__DIR__),
            [
                'HAWKBRUSH_DATA' => $data,
                'DB_DATABASE' => $data.'/hawkbrush.sqlite',
                'APP_ENV' => 'production',
                'LOG_CHANNEL' => 'null',
                'CACHE_STORE' => 'array',
            ] + self::environment());
        \assert(\is_resource($process));

        return $process;
    }

    /**
     * As it is, without the compiler that the tests run with: what ends at once takes longer with it.
     *
     * @return array<string, string>
     */
    public static function environment(): array
    {
        return array_diff_key(getenv(), ['PHP_INI_SCAN_DIR' => '']);
    }

    /** A folder with a database as it was on the first day: of the first migrations, before one of them was changed in its place. */
    public static function firstDay(): string
    {
        $data = LiveServer::folder();
        touch($data.'/hawkbrush.sqlite');
        $first = \array_slice(glob(\dirname(__DIR__).'/database/migrations/*.php') ?: [], 0, 3);
        self::run(
            $data,
            [
                'migrate',
                '--force',
                '--quiet',
                ...array_map(static fn(string $path): string => '--path=database/migrations/'.basename($path), $first),
            ],
        );
        self::database($data)->exec('ALTER TABLE edits DROP COLUMN touched');

        return $data;
    }

    public static function database(string $data): \PDO
    {
        return new \PDO('sqlite:'.$data.'/hawkbrush.sqlite', null, null, [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
    }
}
