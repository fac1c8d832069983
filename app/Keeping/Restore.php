<?php

declare(strict_types=1);

namespace App\Keeping;

use Illuminate\Support\Facades\File;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/** Restores a backup: tried in a folder beside the data first, then moved into place; the old data is kept. */
final class Restore
{
    /**
     * @return string|null the folder that holds what was there before; null when there was nothing
     *
     * @throws KeepingTrouble with what is wrong; the data is as it was then
     */
    public function from(string $file, DataFolder $data): ?string
    {
        $backup = BackupFile::read($file);
        $there = is_dir($data->path);
        $lock = $there ? $data->alone() : null;
        if ($there && $lock === null) {
            throw new KeepingTrouble("Hawkbrush is running on {$data->path}. Stop it first, then bring the backup back.");
        }
        $aside = $data->path.'.restored-'.bin2hex(random_bytes(3));
        try {
            $backup->extract($aside);
            $this->tryOut($aside);
        } catch (NotWritten $e) {
            throw new KeepingTrouble("The backup could not be laid out beside {$data->path}: {$e->trouble->title()}.", 0, $e);
        } finally {
            if (! is_file($aside.'/.ready')) {
                File::deleteDirectory($aside);
            }
        }
        unlink($aside.'/.ready');
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

    /** As a server would start with it: it is looked at, and brought up to date if it is older. */
    private function tryOut(string $folder): void
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
        touch($folder.'/.ready');
    }
}
