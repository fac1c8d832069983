<?php

declare(strict_types=1);

namespace App\Keeping;

use Illuminate\Support\Facades\Cache;

/** Computed pictures, packed; the oldest go when there are too many. May be emptied at any time. */
final class PictureCache
{
    public const KEPT_S = 30 * 24 * 3600;

    private const MOST_BYTES = 48_000_000;

    /** Looked over once in so many pictures. */
    private const EVERY = 200;

    /**
     * @param callable(): array<string, mixed> $draw
     *
     * @return array<string, mixed>
     */
    public static function remember(string $key, callable $draw): array
    {
        $packed = Cache::get($key);
        if (\is_string($packed)) {
            return self::unpack($packed);
        }
        $picture = $draw();
        Cache::put($key, self::pack($picture), self::KEPT_S);
        if (random_int(1, self::EVERY) === 1) {
            self::prune();
        }

        return $picture;
    }

    /** @param array<string, mixed> $picture */
    private static function pack(array $picture): string
    {
        // As bytes: text of bytes (base64) hardly gets smaller.
        $cells = \is_string($picture['cells'] ?? null) ? (string) base64_decode($picture['cells'], true) : null;

        return (string) gzdeflate(serialize([array_replace($picture, ['cells' => null]), $cells]), 1);
    }

    /** @return array<string, mixed> */
    private static function unpack(string $packed): array
    {
        /** @var array{array<string, mixed>, string|null} $read */
        $read = unserialize((string) gzinflate($packed), ['allowed_classes' => false]);
        [$picture, $cells] = $read;

        return $cells === null ? $picture : array_replace($picture, ['cells' => base64_encode($cells)]);
    }

    /** @return int bytes that are left */
    public static function prune(): int
    {
        $files = [];
        $bytes = 0;
        $folder = config()->string('cache.stores.file.path');
        foreach (is_dir($folder) ? new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(
            $folder,
            \FilesystemIterator::SKIP_DOTS,
        )) : [] as $file) {
            if ($file instanceof \SplFileInfo && $file->isFile() && ! str_starts_with($file->getFilename(), '.')) {
                $files[$file->getPathname()] = [(int) $file->getMTime(), (int) $file->getSize()];
                $bytes += (int) $file->getSize();
            }
        }
        // A file's time is when it is due to be dropped, so the soonest are the oldest.
        asort($files);
        foreach ($files as $path => [$due, $size]) {
            if ($bytes <= self::MOST_BYTES && $due > time() - self::KEPT_S) {
                break;
            }
            $bytes -= @unlink($path) ? $size : 0;
        }

        return $bytes;
    }
}
