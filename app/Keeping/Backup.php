<?php

declare(strict_types=1);

namespace App\Keeping;

use Illuminate\Support\Carbon;

/**
 * One file with all of the data: a copy of the database as it was at one moment, the photographs, and tables of log, runs,
 * patterns and stores that can be read without Hawkbrush. Among a folder's own backups the photographs lie beside, once for
 * all of them. docs/operations.md describes it.
 */
final readonly class Backup
{
    public const FORMAT = 'hawkbrush.backup/2';

    public function __construct(private ReadableTables $tables) {}

    /**
     * Into the folder's own backups; the last few are kept.
     *
     * @return string its path
     *
     * @throws KeepingTrouble
     */
    public function make(DataFolder $data, BackupKind $kind): string
    {
        $path = $data->backups().'/'.$kind->value.'-'.Carbon::now()->format('Y-m-d-His').'.zip';
        $backups = new Backups($data);
        try {
            $this->put($data, $path, $backups->photographs());
        } catch (KeepingTrouble $e) {
            $backups->failed($e->getMessage());
            throw $e;
        }
        $backups->made($kind);

        return $path;
    }

    /** @throws KeepingTrouble when it could not be written whole; then there is no file */
    public function write(DataFolder $data, string $path): void
    {
        $this->put($data, $path, null);
    }

    private function put(DataFolder $data, string $path, ?BackupPhotos $beside): void
    {
        try {
            WholeFile::write($path, function (string $aside) use ($data, $beside): bool {
                $copy = $aside.'.sqlite';
                try {
                    DatabaseFile::copy($data->database(), $copy);
                    $this->zip($data, $copy, $aside, $beside);
                } finally {
                    @unlink($copy);
                }

                return true;
            });
        } catch (NotWritten $e) {
            throw new KeepingTrouble("The backup could not be written to {$path}: {$e->trouble->title()}.", 0, $e);
        }
    }

    private function zip(DataFolder $data, string $copy, string $to, ?BackupPhotos $beside): void
    {
        $migrations = DatabaseFile::check($copy);
        $zip = new \ZipArchive();
        if ($zip->open($to, \ZipArchive::CREATE | \ZipArchive::EXCL) !== true) {
            throw NotWritten::in(\dirname($to));
        }
        $sums = [DataFolder::DATABASE => (string) hash_file('sha256', $copy)];
        $zip->addFile($copy, DataFolder::DATABASE);
        $photographs = [];
        foreach ($data->photographs() as $photograph) {
            $name = 'photos/'.basename($photograph);
            if ($beside !== null) {
                $beside->keep($photograph);
                $photographs[$name] = (string) hash_file('sha256', $photograph);
            } else {
                $sums[$name] = (string) hash_file('sha256', $photograph);
                $zip->addFile($photograph, $name);
                // A JPEG does not get smaller.
                $zip->setCompressionName($name, \ZipArchive::CM_STORE);
            }
        }
        foreach ($this->tables->inDatabase($copy) as $name => $csv) {
            $zip->addFromString("tables/{$name}.csv", $csv);
        }
        $zip->addFromString('manifest.json', self::manifest([
            'format' => self::FORMAT, 'made_at' => Carbon::now()->toIso8601ZuluString(), 'migrations' => $migrations, 'sha256' => $sums,
            // Those that lie in the folder “photos” beside this file.
            'beside' => $photographs,
        ]));
        if (! @$zip->close()) {
            throw NotWritten::in(\dirname($to));
        }
        // What cannot be brought back is no backup.
        BackupFile::read($to);
    }

    /**
     * A backup whose photographs lie beside it, as one file with all of it.
     *
     * @throws KeepingTrouble
     */
    public static function whole(BackupFile $backup, string $to): void
    {
        try {
            WholeFile::write($to, static function (string $aside) use ($backup): bool {
                Room::for($backup->bytes(), \dirname($aside));
                $zip = new \ZipArchive();
                if (! copy($backup->path, $aside) || $zip->open($aside) !== true) {
                    return false;
                }
                $manifest = $backup->manifest;
                foreach ($backup->beside as $name => $sum) {
                    $zip->addFile($backup->photograph($name), $name);
                    $zip->setCompressionName($name, \ZipArchive::CM_STORE);
                    $manifest['sha256'] = [...(array) $manifest['sha256'], $name => $sum];
                }
                $zip->addFromString('manifest.json', self::manifest(['beside' => []] + $manifest));

                return @$zip->close();
            });
        } catch (NotWritten $e) {
            throw new KeepingTrouble("The backup could not be put together: {$e->trouble->title()}.", 0, $e);
        }
    }

    /** @param array<array-key, mixed> $manifest */
    private static function manifest(array $manifest): string
    {
        return json_encode($manifest, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
