<?php

declare(strict_types=1);

namespace App\Keeping;

use Illuminate\Database\SQLiteDatabaseDoesNotExistException;

/** What can be wrong with the place where the data lies, in words for the painter. */
enum StorageTrouble: string
{
    case DiskFull = 'disk-full';
    case ReadOnly = 'read-only';
    case Damaged = 'database-damaged';
    case Emptied = 'database-empty';
    case Missing = 'database-missing';
    case Unreachable = 'disk-trouble';
    case Busy = 'busy';

    /** SQLite's result codes (sqlite.org, “Result and Error Codes”) by what they mean here. */
    private const CODES = [
        5 => self::Busy,
        6 => self::Busy,
        8 => self::ReadOnly,
        10 => self::Unreachable,
        11 => self::Damaged,
        13 => self::DiskFull,
        14 => self::Missing,
        26 => self::Damaged,
    ];

    public static function of(\Throwable $e): ?self
    {
        for ($cause = $e; $cause !== null; $cause = $cause->getPrevious()) {
            if ($cause instanceof NotWritten) {
                return $cause->trouble;
            }
            if ($cause instanceof SQLiteDatabaseDoesNotExistException) {
                return self::Missing;
            }
            if ($cause instanceof \PDOException) {
                $code = $cause->errorInfo[1] ?? $cause->getCode();
                if ($code === 1 && str_contains($cause->getMessage(), 'no such table')) {
                    return self::Emptied;
                }

                if (\is_int($code) && isset(self::CODES[$code & 0xFF])) {
                    return self::CODES[$code & 0xFF];
                }
            }
        }

        return null;
    }

    public function status(): int
    {
        return $this === self::DiskFull ? 507 : 503;
    }

    /** Of what passes by itself: when to do it again. */
    public function retryAfterS(): ?int
    {
        return $this === self::Busy ? 2 : null;
    }

    public function title(): string
    {
        return match ($this) {
            self::DiskFull => 'The disk is full',
            self::ReadOnly => 'The data folder cannot be written to',
            self::Damaged => 'The database is damaged',
            self::Emptied => 'The database is empty',
            self::Missing => 'The database cannot be opened',
            self::Unreachable => 'The disk gives trouble',
            self::Busy => 'Too much is being saved at once',
        };
    }

    /** What it means and what to do. */
    public function detail(): string
    {
        return match ($this) {
            self::DiskFull => 'This was not saved: the disk is full. Make room on it and do it again; what was saved before is safe.',
            self::ReadOnly => 'This was not saved: the data folder or the database in it may only be read. Give this user the right to write there, then do it again.',
            self::Damaged => 'The database cannot be read: it is damaged. Stop Hawkbrush, keep the data folder as it is, and bring back the latest backup with bin/restore.',
            self::Emptied => 'The database holds none of Hawkbrush’s tables; it may have been emptied or exchanged. Stop Hawkbrush and bring back the latest backup with bin/restore.',
            self::Missing => 'The database cannot be opened: it or its folder is gone, or this user may not write there. Put the data folder back and look who may write in it, or bring back the latest backup with bin/restore.',
            self::Unreachable => 'The disk gives trouble reading or writing. Look whether it is still connected, and save nothing else until it is; what was saved before is safe.',
            self::Busy => 'This was not saved: something else is being saved and takes long. Do it again in a moment.',
        };
    }
}
