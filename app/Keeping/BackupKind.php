<?php

declare(strict_types=1);

namespace App\Keeping;

/** Why a backup was made, and how many of its kind are kept. */
enum BackupKind: string
{
    case ByHand = 'by-hand';
    case Daily = 'daily';
    case BeforeUpdate = 'before-update';

    /** @return int|null null: all of them, until the painter deletes one */
    public function kept(): ?int
    {
        return match ($this) {
            self::ByHand => null,
            self::Daily => 7,
            self::BeforeUpdate => 3,
        };
    }
}
