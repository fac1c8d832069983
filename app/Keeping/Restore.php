<?php

declare(strict_types=1);

namespace App\Keeping;

use Illuminate\Support\Facades\File;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * Restores a backup: there is room for it, it is whole, nothing in it acts by itself, it can be brought up to date, and is then
 * made of what a new database is made of. All of that in a folder beside the data; then it is moved into place, the old data kept.
 */
final class Restore
{
    /**
     * @param bool $withoutPhotographs whether to go on where photographs are missing beside the backup
     *
     * @return string|null the folder that holds what was there before; null when there was nothing
     *
     * @throws KeepingTrouble with what is wrong; the data is as it was then
     */
    public function from(string $file, DataFolder $data, bool $withoutPhotographs = false): ?string
    {
        $there = is_dir($data->path);
        $lock = $there ? $data->alone() : null;
        if ($there && $lock === null) {
            throw new KeepingTrouble("Hawkbrush is running on {$data->path}. Stop it first, then bring the backup back.");
        }
        $aside = $data->path.'.restored-'.bin2hex(random_bytes(3));
        try {
            $backup = $this->looked($file, \dirname($data->path), $withoutPhotographs);
            $backup->extract($aside);
            $this->tryOut($aside);
        } catch (NotWritten $e) {
            throw new KeepingTrouble("The backup could not be laid out beside {$data->path}: {$e->trouble->title()}.", 0, $e);
        } catch (\PDOException $e) {
            $reason = StorageTrouble::of($e)?->title() ?? $e->getMessage();
            throw new KeepingTrouble("The database in {$file} cannot be read: {$reason}. Take an older backup.", 0, $e);
        } finally {
            if (! is_file($aside.'/.ready')) {
                File::deleteDirectory($aside);
            }
        }
        unlink($aside.'/.ready');

        return $this->exchange($aside, $data, $there);
    }

    private function looked(string $file, string $beside, bool $withoutPhotographs): BackupFile
    {
        $backup = BackupFile::read($file);
        // Once more as large while it is brought up to date.
        Room::for(2 * $backup->bytes(), $beside);
        $missing = $backup->missing();
        if ($missing !== [] && ! $withoutPhotographs) {
            throw new KeepingTrouble(\sprintf(
                'Of the photographs that lie beside this backup, %d of %d are gone or damaged (in %s). Bring the folder “photos” along with it, or take a file that bin/backup FILE or a page of Hawkbrush made; or go on without them: bin/restore FILE --without-photographs.',
                \count($missing),
                \count($backup->beside),
                \dirname($backup->path).'/photos',
            ));
        }

        return $backup;
    }

    /** As a server would start with it: it is looked at, and brought up to date if it is older. */
    private function tryOut(string $folder): void
    {
        $database = $folder.'/'.DataFolder::DATABASE;
        DatabaseFile::check($database);
        $active = Schema::active($database);
        if ($active !== []) {
            throw new KeepingTrouble('The backup was not brought back: its database holds '.implode(', ', $active).', which Hawkbrush does not make.');
        }
        DatabaseFile::whole($database);
        $this->ready($folder);
        $new = $folder.'.new';
        try {
            mkdir($new, 0700);
            $this->ready($new);
            $strange = Schema::strange($database, $new.'/'.DataFolder::DATABASE);
        } finally {
            File::deleteDirectory($new);
        }
        if ($strange !== []) {
            throw new KeepingTrouble('The backup was not brought back; its database is not made as Hawkbrush makes it: '.implode(', ', \array_slice($strange, 0, 5)).'.');
        }
        touch($folder.'/.ready');
    }

    private function ready(string $folder): void
    {
        $php = (new PhpExecutableFinder())->find(false);
        $process = new Process(
            [$php === false ? 'php' : $php, base_path('artisan'), 'hawkbrush:ready'],
            base_path(),
            ['HAWKBRUSH_DATA' => $folder, 'DB_DATABASE' => $folder.'/'.DataFolder::DATABASE],
        );
        $process->setTimeout(600);
        if ($process->run() !== 0) {
            throw new KeepingTrouble('The backup was not brought back; it cannot be worked with. '.trim($process->getErrorOutput().$process->getOutput()));
        }
    }

    private function exchange(string $aside, DataFolder $data, bool $there): ?string
    {
        $kept = $data->path.'.before-'.date('Y-m-d-His');
        if ($there && ! @rename($data->path, $kept)) {
            File::deleteDirectory($aside);
            throw new KeepingTrouble(
                "{$data->path} cannot be put aside: it may be a disk of its own, or this user may not write in the folder above it. Bring the backup back into a folder inside of it, with HAWKBRUSH_DATA.",
            );
        }
        if (! @rename($aside, $data->path)) {
            $there && rename($kept, $data->path);
            throw new KeepingTrouble("The backup was laid out in {$aside}, but cannot be put in the place of {$data->path}.");
        }
        if (! $there) {
            return null;
        }
        // The backups go on in their place; all else stays where it was kept.
        if (is_dir($kept.'/backups')) {
            File::moveDirectory($kept.'/backups', $data->backups(), true);
        }

        return $kept;
    }
}
