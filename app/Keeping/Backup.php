<?php

declare(strict_types=1);

namespace App\Keeping;

use Illuminate\Support\Carbon;

/**
 * One file with all of the data: a copy of the database as it was at one moment, the photographs, and tables of log, runs,
 * patterns and stores that can be read without Hawkbrush. docs/operations.md describes it.
 */
final readonly class Backup
{
    public const FORMAT = 'hawkbrush.backup/1';

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
        $this->write($data, $path);
        $older = \array_slice(array_reverse(glob($data->backups()."/{$kind->value}-*.zip") ?: []), $kind->kept() ?? PHP_INT_MAX);
        array_map(unlink(...), $older);

        return $path;
    }

    /** @throws KeepingTrouble when it could not be written whole; then there is no file */
    public function write(DataFolder $data, string $path): void
    {
        try {
            WholeFile::write($path, function (string $aside) use ($data): bool {
                $copy = $aside.'.sqlite';
                try {
                    DatabaseFile::copy($data->database(), $copy);
                    $this->zip($data, $copy, $aside);
                } finally {
                    @unlink($copy);
                }

                return true;
            });
        } catch (NotWritten $e) {
            throw new KeepingTrouble("The backup could not be written to {$path}: {$e->trouble->title()}.", 0, $e);
        }
    }

    private function zip(DataFolder $data, string $copy, string $to): void
    {
        $migrations = DatabaseFile::check($copy);
        $zip = new \ZipArchive();
        if ($zip->open($to, \ZipArchive::CREATE | \ZipArchive::EXCL) !== true) {
            throw NotWritten::in(\dirname($to));
        }
        $sums = [];
        $files = [DataFolder::DATABASE => $copy];
        foreach ($data->photographs() as $photograph) {
            $files['photos/'.basename($photograph)] = $photograph;
        }
        foreach ($files as $name => $file) {
            $sums[$name] = (string) hash_file('sha256', $file);
            $zip->addFile($file, $name);
            // A JPEG does not get smaller.
            $zip->setCompressionName($name, str_ends_with($name, '.jpg') ? \ZipArchive::CM_STORE : \ZipArchive::CM_DEFLATE);
        }
        foreach ($this->tables->inDatabase($copy) as $name => $csv) {
            $zip->addFromString("tables/{$name}.csv", $csv);
        }
        $zip->addFromString('manifest.json', json_encode([
            'format' => self::FORMAT, 'made_at' => Carbon::now()->toIso8601ZuluString(), 'migrations' => $migrations, 'sha256' => $sums,
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR));
        if (! @$zip->close()) {
            throw NotWritten::in(\dirname($to));
        }
        // What cannot be brought back is no backup.
        BackupFile::read($to);
    }
}
