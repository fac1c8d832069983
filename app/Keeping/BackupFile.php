<?php

declare(strict_types=1);

namespace App\Keeping;

/** Checks a backup before it is restored: complete, unchanged, made by this program. */
final readonly class BackupFile
{
    private const NAMES = '#^(manifest\.json|hawkbrush\.sqlite|photos/[0-9a-z]{26}\.jpg|tables/[a-z-]+\.csv)$#';

    /**
     * @param list<string> $migrations
     * @param list<string> $names of what is brought back
     */
    private function __construct(private string $path, public string $madeAt, public array $migrations, private array $names) {}

    /** @throws KeepingTrouble with what is wrong with it */
    public static function read(string $path): self
    {
        $zip = self::open($path);
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $name = (string) $zip->getNameIndex($i);
            if (preg_match(self::NAMES, $name) !== 1) {
                throw new KeepingTrouble("{$path} is no backup of Hawkbrush: “{$name}” does not belong in one.");
            }
        }
        $manifest = json_decode((string) $zip->getFromName('manifest.json'), true);
        if (
            ! \is_array($manifest)
            || ($manifest['format'] ?? null) !== Backup::FORMAT
            || ! \is_array($manifest['sha256'] ?? null)
            || ! \is_array($manifest['migrations'] ?? null)
        ) {
            throw new KeepingTrouble("{$path} is no backup of Hawkbrush, or of one that is newer than this.");
        }
        $names = [];
        foreach ($manifest['sha256'] as $name => $sum) {
            $stream = $zip->getStream((string) $name);
            $hash = hash_init('sha256');
            if ($stream === false || hash_update_stream($hash, $stream) < 0 || hash_final($hash) !== $sum) {
                throw new KeepingTrouble("{$path} is damaged: “{$name}” is not as it was backed up. Take an older backup.");
            }
            $names[] = (string) $name;
        }
        if (! \in_array(DataFolder::DATABASE, $names, true)) {
            throw new KeepingTrouble("{$path} holds no database.");
        }

        return new self(
            $path,
            \is_string($manifest['made_at'] ?? null) ? $manifest['made_at'] : '',
            array_values(array_filter($manifest['migrations'], is_string(...))),
            $names,
        );
    }

    public function photographs(): int
    {
        return \count($this->names) - 1;
    }

    /** Lays it out in a folder of its own. */
    public function extract(string $folder): void
    {
        if (! self::open($this->path)->extractTo($folder, $this->names)) {
            throw NotWritten::in(\dirname($folder));
        }
    }

    private static function open(string $path): \ZipArchive
    {
        $zip = new \ZipArchive();
        if (! is_file($path)) {
            throw new KeepingTrouble("There is no file {$path}.");
        }
        if ($zip->open($path, \ZipArchive::RDONLY | \ZipArchive::CHECKCONS) !== true) {
            throw new KeepingTrouble("{$path} is no backup of Hawkbrush, or it is damaged or not whole.");
        }

        return $zip;
    }
}
