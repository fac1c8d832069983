<?php

declare(strict_types=1);

namespace App\Keeping;

/** Checks a backup before it is restored: complete, unchanged, made by this program, and no larger than it says. */
final readonly class BackupFile
{
    private const NAMES = '#^(manifest\.json|hawkbrush\.sqlite|photos/[0-9a-z]{26}\.jpg|tables/[a-z-]+\.csv)$#';

    /** Of all Hawkbrushes until now; in the first one every photograph lay in the file itself. */
    private const FORMATS = ['hawkbrush.backup/1', Backup::FORMAT];

    private const MOST_MANIFEST_BYTES = 20_000_000;

    /** A database gets ten times smaller, perhaps twenty; what grows a hundredfold is no backup. */
    private const MOST_RATIO = 100;

    /**
     * @param array<array-key, mixed> $manifest
     * @param list<string> $migrations
     * @param list<string> $names of what is brought back out of the file itself
     * @param array<string, string> $beside checksums of the photographs that lie beside it
     */
    private function __construct(
        public string $path,
        public array $manifest,
        public array $migrations,
        private array $names,
        public array $beside,
        private int $bytesInside,
    ) {}

    /** @throws KeepingTrouble with what is wrong with it */
    public static function read(string $path): self
    {
        $zip = self::open($path);
        $bytes = 0;
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $stat = $zip->statIndex($i) ?: ['name' => '', 'size' => 0, 'comp_size' => 0];
            if (preg_match(self::NAMES, $stat['name']) !== 1) {
                throw new KeepingTrouble("{$path} is no backup of Hawkbrush: “".mb_scrub($stat['name']).'” does not belong in one.');
            }
            if ($stat['size'] > 1_000_000 && $stat['size'] > self::MOST_RATIO * $stat['comp_size']) {
                throw new KeepingTrouble("{$path} is no backup of Hawkbrush: “{$stat['name']}” would grow far too large.");
            }
            $bytes += $stat['size'];
        }
        $manifest = self::manifest($zip, $path);
        $sums = self::sums($manifest['sha256'] ?? null);
        $names = [];
        foreach ($sums as $name => $sum) {
            if ($sum !== self::sum($zip, $name)) {
                throw new KeepingTrouble("{$path} is damaged: “{$name}” is not as it was backed up. Take an older backup.");
            }
            $names[] = $name;
        }
        if (! \in_array(DataFolder::DATABASE, $names, true)) {
            throw new KeepingTrouble("{$path} holds no database.");
        }

        return new self(
            $path,
            $manifest,
            array_values(array_filter((array) $manifest['migrations'], is_string(...))),
            $names,
            self::beside($manifest),
            $bytes,
        );
    }

    /** @return list<string> what a backup names of the photographs beside it; nothing of one that cannot be read */
    public static function photographsBeside(string $path): array
    {
        try {
            return array_keys(self::beside(self::manifest(self::open($path), $path)));
        } catch (KeepingTrouble) {
            return [];
        }
    }

    /** Where a photograph lies that is not in the file itself. */
    public function photograph(string $name): string
    {
        return \dirname($this->path).'/'.$name;
    }

    /** @return list<string> names of the photographs beside it that are gone or damaged */
    public function missing(): array
    {
        return array_keys(array_filter(
            $this->beside,
            fn(string $sum, string $name): bool => @hash_file('sha256', $this->photograph($name)) !== $sum,
            ARRAY_FILTER_USE_BOTH,
        ));
    }

    /** How many bytes it takes once it is laid out. */
    public function bytes(): int
    {
        $beside = array_map(fn(string $name): int => (int) @filesize($this->photograph($name)), array_keys($this->beside));

        return $this->bytesInside + array_sum($beside);
    }

    /**
     * Lays it out in a folder of its own.
     *
     * @throws NotWritten
     */
    public function extract(string $folder): void
    {
        if (! @self::open($this->path)->extractTo($folder, $this->names)) {
            throw NotWritten::in(\dirname($folder));
        }
        foreach (array_keys($this->beside) as $name) {
            is_dir($folder.'/photos') || mkdir($folder.'/photos', 0700);
            [$from, $to] = [$this->photograph($name), "{$folder}/{$name}"];
            if (is_file($from) && ! @link($from, $to) && ! @copy($from, $to)) {
                throw NotWritten::in($folder);
            }
        }
    }

    /** @return array<array-key, mixed> */
    private static function manifest(\ZipArchive $zip, string $path): array
    {
        $stat = $zip->statName('manifest.json');
        $text = $stat === false || $stat['size'] > self::MOST_MANIFEST_BYTES ? '' : (string) @$zip->getFromName('manifest.json', self::MOST_MANIFEST_BYTES);
        $manifest = $stat !== false && crc32($text) === $stat['crc'] ? json_decode($text, true) : null;
        if (
            ! \is_array($manifest)
            || ! \in_array($manifest['format'] ?? null, self::FORMATS, true)
            || ! \is_array($manifest['sha256'] ?? null)
            || ! \is_array($manifest['migrations'] ?? null)
        ) {
            throw new KeepingTrouble("{$path} is no backup of Hawkbrush, or it is damaged, or of one that is newer than this.");
        }

        return $manifest;
    }

    /** @return array<string, string> by name, of what may be in a backup */
    private static function sums(mixed $read): array
    {
        $sums = [];
        foreach (\is_array($read) ? $read : [] as $name => $sum) {
            if (\is_string($name) && \is_string($sum) && preg_match(self::NAMES, $name) === 1) {
                $sums[$name] = $sum;
            }
        }

        return $sums;
    }

    /**
     * @param array<array-key, mixed> $manifest
     *
     * @return array<string, string>
     */
    private static function beside(array $manifest): array
    {
        return array_filter(self::sums($manifest['beside'] ?? []), static fn(string $name): bool => str_starts_with($name, 'photos/'), ARRAY_FILTER_USE_KEY);
    }

    /** Read no farther than it says to be long, whatever is packed into it. */
    private static function sum(\ZipArchive $zip, string $name): string
    {
        $stat = $zip->statName($name);
        $stream = $stat === false ? false : @$zip->getStream($name);
        if ($stat === false || $stream === false) {
            return '';
        }
        $hash = hash_init('sha256');
        $read = @hash_update_stream($hash, $stream, $stat['size'] + 1);

        return $read === $stat['size'] ? hash_final($hash) : '';
    }

    /** @throws KeepingTrouble */
    private static function open(string $path): \ZipArchive
    {
        $zip = new \ZipArchive();
        if (! is_file($path)) {
            throw new KeepingTrouble("There is no file {$path}.");
        }
        if (@$zip->open($path, \ZipArchive::RDONLY | \ZipArchive::CHECKCONS) !== true) {
            throw new KeepingTrouble("{$path} is no backup of Hawkbrush, or it is damaged or not whole.");
        }

        return $zip;
    }
}
