<?php

declare(strict_types=1);

namespace App\Keeping;

use Illuminate\Support\Facades\Cache;

/** Computed pictures, packed; the oldest go when there are too many. May be emptied at any time. */
final class PictureCache
{
    private const KEPT_S = 30 * 24 * 3600;

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
        $read = \is_string($packed) ? json_decode((string) gzinflate($packed), true) : null;
        if (\is_array($read)) {
            /** @var array<string, mixed> */
            return $read;
        }
        $picture = $draw();
        Cache::put($key, (string) gzdeflate(json_encode($picture, JSON_THROW_ON_ERROR), 1), self::KEPT_S);
        if (random_int(1, self::EVERY) === 1) {
            self::prune();
        }

        return $picture;
    }

    /** @return int bytes that are left */
    public static function prune(): int
    {
        $files = [];
        $bytes = 0;
        $folder = config()->string('cache.stores.file.path');
        foreach (is_dir($folder) ? new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) : [] as $file) {
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
