<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\SQLiteConnection;
use Illuminate\Support\Facades\Log;

/**
 * A transaction takes the write lock as it begins. One that reads first and writes later is refused at once by SQLite
 * (“database is locked”, whatever the timeout) when another has written in between. The framework asks for this with
 * `transaction_mode` on PHP 8.4 and later only; PDO before that knows no BEGIN of another kind, so a write that touches
 * nothing is made first.
 *
 * Everybody else who writes waits meanwhile, so whoever holds it for long is named in the log.
 */
final class WriteFirstConnection extends SQLiteConnection
{
    private const TOUCHES_NOTHING = 'UPDATE migrations SET batch = batch WHERE 0';

    /** Longer than this and a painter at another device would notice. */
    private const LONG_MS = 200.0;

    /** @var (\Closure(): void)|null what is done first in the one transaction of {@see self::withFirst} */
    private ?\Closure $first = null;

    private bool $firstKept = false;

    private int $outside = 0;

    private ?HeldLock $held = null;

    /**
     * Does something in the same transaction as what this work writes, before it. The work writes in one transaction, or in a
     * single statement; what it works out before and after keeps nobody waiting.
     *
     * @template T
     *
     * @param \Closure(): T $work
     * @param \Closure(): void $first throws to have nothing written
     *
     * @return T
     */
    public function withFirst(\Closure $work, \Closure $first): mixed
    {
        $this->outside = $this->transactionLevel();
        $this->first = $first;
        $this->firstKept = false;
        try {
            return $work();
        } finally {
            $this->first = null;
            $this->rollBack($this->outside);
        }
    }

    public function beginTransaction(): void
    {
        $this->beginWithFirst();
        parent::beginTransaction();
    }

    /**
     * @param string $query
     * @param array<array-key, mixed> $bindings
     */
    public function statement($query, $bindings = []): bool
    {
        return $this->writing(fn(): bool => parent::statement($query, $bindings));
    }

    /**
     * @param string $query
     * @param array<array-key, mixed> $bindings
     */
    public function affectingStatement($query, $bindings = []): int
    {
        return $this->writing(fn(): int => parent::affectingStatement($query, $bindings));
    }

    public function transaction(\Closure $callback, $attempts = 1): mixed
    {
        $result = parent::transaction($callback, $attempts);
        $this->committed();

        return $result;
    }

    public function commit(): void
    {
        parent::commit();
        $this->committed();
    }

    public function rollBack($toLevel = null): void
    {
        parent::rollBack($toLevel);
        if ($this->first !== null && $this->transactionLevel() === $this->outside + 1) {
            parent::rollBack($this->outside);
        }
        $this->letGo();
    }

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
        $this->held = HeldLock::now();
    }

    private function committed(): void
    {
        if ($this->first !== null && $this->transactionLevel() === $this->outside + 1) {
            parent::commit();
            $this->firstKept = true;
        }
        $this->letGo();
    }

    /** @return bool whether the transaction was begun here */
    private function beginWithFirst(): bool
    {
        if ($this->first === null || $this->transactionLevel() !== $this->outside) {
            return false;
        }
        if ($this->firstKept) {
            throw new \LogicException('This is written in two transactions: it would be kept by halves when the server dies in between.');
        }
        parent::beginTransaction();
        try {
            ($this->first)();
        } catch (\Throwable $e) {
            parent::rollBack($this->outside);
            $this->letGo();
            throw $e;
        }

        return true;
    }

    /**
     * A statement outside of a transaction is one of its own.
     *
     * @template T
     *
     * @param \Closure(): T $statement
     *
     * @return T
     */
    private function writing(\Closure $statement): mixed
    {
        if (! $this->beginWithFirst()) {
            return $statement();
        }
        parent::beginTransaction();
        try {
            $done = $statement();
            $this->commit();

            return $done;
        } catch (\Throwable $e) {
            $this->rollBack();
            throw $e;
        }
    }

    private function letGo(): void
    {
        if ($this->held !== null && $this->transactionLevel() === 0) {
            $ms = $this->held->ms();
            if ($ms > self::LONG_MS) {
                $said = \sprintf('The write lock was held for %.0f ms, %.0f of them working.', $ms, $this->held->workingMs());
                Log::warning($said, ['by' => $this->held->by()]);
            }
            $this->held = null;
        }
    }
}
