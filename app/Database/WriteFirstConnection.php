<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\SQLiteConnection;

/**
 * A transaction takes the write lock as it begins. One that reads first and writes later is refused at once by SQLite
 * (“database is locked”, whatever the timeout) when another has written in between. The framework asks for this with
 * `transaction_mode` on PHP 8.4 and later only; PDO before that knows no BEGIN of another kind, so a write that touches
 * nothing is made first.
 */
final class WriteFirstConnection extends SQLiteConnection
{
    private const TOUCHES_NOTHING = 'UPDATE migrations SET batch = batch WHERE 0';

    protected function executeBeginTransactionStatement(): void
    {
        $pdo = $this->getPdo();
        $pdo->beginTransaction();
        try {
            $pdo->exec(self::TOUCHES_NOTHING);
        } catch (\PDOException $e) {
            // Before the first migration there is nothing to lock yet.
            if (! str_contains($e->getMessage(), 'no such table')) {
                $pdo->rollBack();
                throw $e;
            }
        }
    }
}
