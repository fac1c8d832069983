<?php

declare(strict_types=1);

namespace App\Keeping;

/** Whether there is room on a disk, looked at before much is written. */
final class Room
{
    /** Left free for the database and for others. */
    private const SPARE = 20_000_000;

    /** @throws NotWritten */
    public static function for(int $bytes, string $folder): void
    {
        $free = @disk_free_space($folder);
        if ($free !== false && $free < $bytes + self::SPARE) {
            throw NotWritten::because(StorageTrouble::DiskFull);
        }
    }
}
