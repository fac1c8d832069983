<?php

declare(strict_types=1);

namespace App\Keeping;

/** Writes a file so that it is there whole or not at all: beside its place first, onto the disk, then renamed. */
final class WholeFile
{
    /**
     * @param callable(string): mixed $write writes to the path it is given; false: it could not
     *
     * @throws NotWritten
     */
    public static function write(string $path, callable $write): void
    {
        $folder = \dirname($path);
        if (! is_dir($folder) && ! @mkdir($folder, 0700, true) && ! is_dir($folder)) {
            throw NotWritten::in(\dirname($folder));
        }
        $aside = $folder.'/.'.basename($path).'.'.bin2hex(random_bytes(4)).'.part';
        try {
            if ($write($aside) === false || ! self::onDisk($aside) || ! @rename($aside, $path)) {
                throw NotWritten::in($folder);
            }
        } finally {
            @unlink($aside);
        }
    }

    private static function onDisk(string $path): bool
    {
        $file = @fopen($path, 'r+');
        if ($file === false) {
            return false;
        }
        $done = fsync($file);
        fclose($file);

        return $done;
    }
}
