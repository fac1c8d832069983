<?php

declare(strict_types=1);

namespace App\Keeping;

/** The folder with the painter's data: database, photographs, backups. */
final readonly class DataFolder
{
    public const DATABASE = 'hawkbrush.sqlite';

    public function __construct(public string $path) {}

    public static function current(): self
    {
        return new self(config()->string('hawkbrush.data'));
    }

    public function database(): string
    {
        return $this->path.'/'.self::DATABASE;
    }

    public function photos(): string
    {
        return $this->path.'/photos';
    }

    public function backups(): string
    {
        return $this->path.'/backups';
    }

    /** @return list<string> the files of the photographs */
    public function photographs(): array
    {
        return glob($this->photos().'/*.jpg') ?: [];
    }

    /** Readable by its owner only: whoever may read the database reads all of it. */
    public function shut(): void
    {
        foreach ([$this->path, $this->photos(), $this->backups(), $this->backups().'/photos'] as $folder) {
            is_dir($folder) && @chmod($folder, 0700);
        }
        foreach ([...glob($this->database().'*') ?: [], ...glob($this->backups().'/*.zip') ?: []] as $file) {
            @chmod($file, 0600);
        }
    }

    /**
     * Held as long as the file it gives is open: by a server together with others, by what replaces the data alone.
     *
     * @return resource|null null while somebody else works with it
     *
     * @throws KeepingTrouble when the folder may not be written to
     */
    public function alone()
    {
        $lock = @fopen($this->path.'/.lock', 'c');
        if ($lock === false) {
            throw new KeepingTrouble("{$this->path} cannot be written to by this user.");
        }

        return flock($lock, LOCK_EX | LOCK_NB) ? $lock : null;
    }
}
