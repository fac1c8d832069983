<?php

declare(strict_types=1);

namespace App\Keeping;

/**
 * The photographs of all backups of a data folder, each kept once: as another name (hard link) of the file in `photos`, so
 * that it takes no room until it is gone from there. A photograph is never changed once it is written.
 */
final readonly class BackupPhotos
{
    public function __construct(private string $backups) {}

    public function folder(): string
    {
        return $this->backups.'/photos';
    }

    /** @throws NotWritten */
    public function keep(string $photograph): void
    {
        $kept = $this->folder().'/'.basename($photograph);
        if (is_file($kept)) {
            return;
        }
        is_dir($this->folder()) || @mkdir($this->folder(), 0700, true);
        // On a file system without such links, or another than that of the photographs, a copy.
        if (! @link($photograph, $kept)) {
            WholeFile::write($kept, static fn(string $aside): bool => copy($photograph, $aside));
        }
    }

    /** Drops what no backup names any more. */
    public function prune(): void
    {
        $named = [];
        foreach (glob($this->backups.'/*.zip') ?: [] as $zip) {
            foreach (BackupFile::photographsBeside($zip) as $name) {
                $named[basename($name)] = true;
            }
        }
        foreach (glob($this->folder().'/*.jpg') ?: [] as $kept) {
            isset($named[basename($kept)]) || @unlink($kept);
        }
    }

    /** @return array{own: int, shared: int} bytes that they take by themselves, and those that they share with the photographs in use */
    public function bytes(): array
    {
        $bytes = ['own' => 0, 'shared' => 0];
        foreach (glob($this->folder().'/*.jpg') ?: [] as $kept) {
            $stat = @stat($kept);
            if ($stat !== false) {
                $bytes[$stat['nlink'] > 1 ? 'shared' : 'own'] += $stat['size'];
            }
        }

        return $bytes;
    }
}
