<?php

declare(strict_types=1);

namespace App\Keeping;

/** A file that could not be written whole. */
final class NotWritten extends \RuntimeException
{
    private function __construct(public readonly StorageTrouble $trouble)
    {
        parent::__construct($trouble->detail());
    }

    public static function because(StorageTrouble $trouble): self
    {
        return new self($trouble);
    }

    /** @param string $folder where it was to go */
    public static function in(string $folder): self
    {
        $free = @disk_free_space($folder);

        return new self(match (true) {
            ! is_writable($folder) => StorageTrouble::ReadOnly,
            $free !== false && $free < 1_000_000 => StorageTrouble::DiskFull,
            default => StorageTrouble::Unreachable,
        });
    }
}
