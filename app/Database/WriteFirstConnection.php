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

    /** @var (\Closure(): void)|null what is done first once {@see self::asOne} has the lock */
    private ?\Closure $first = null;

    private int $outside = 0;

    private ?HeldLock $held = null;

    /**
     * Everything that is written by this work is one transaction, which begins with the first write and not before: what is
     * worked out until then keeps nobody waiting.
     *
     * @template T
     *
     * @param \Closure(): T $work
     * @param \Closure(): void $first done before the first write, under its lock; throws to have nothing written
     *
     * @return T
     */
    public function asOne(\Closure $work, \Closure $first): mixed
    {
        $this->outside = $this->transactionLevel();
        $this->first = $first;
        try {
            $result = $work();
            while ($this->transactionLevel() > $this->outside) {
                $this->commit();
            }

            return $result;
        } catch (\Throwable $e) {
            $this->rollBack($this->outside);
            throw $e;
        } finally {
            $this->first = null;
        }
    }

    public function beginTransaction(): void
    {
        $this->beginOutermost();
        parent::beginTransaction();
    }

    /**
     * @param string $query
     * @param array<array-key, mixed> $bindings
     */
    public function statement($query, $bindings = []): bool
    {
        $this->beginOutermost();

        return parent::statement($query, $bindings);
    }

    /**
     * @param string $query
     * @param array<array-key, mixed> $bindings
     */
    public function affectingStatement($query, $bindings = []): int
    {
        $this->beginOutermost();

        return parent::affectingStatement($query, $bindings);
    }

    public function commit(): void
    {
        parent::commit();
        $this->letGo();
    }

    public function rollBack($toLevel = null): void
    {
        parent::rollBack($toLevel);
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

    private function beginOutermost(): void
    {
        if ($this->first !== null && $this->transactionLevel() === $this->outside) {
            $first = $this->first;
            $this->first = null;
            parent::beginTransaction();
            $first();
        }
    }

    private function letGo(): void
    {
        if ($this->held !== null && $this->transactionLevel() === 0) {
            $ms = $this->held->ms();
            if ($ms > self::LONG_MS) {
                Log::warning(\sprintf('The write lock was held for %.0f ms, %.0f of them working.', $ms, $this->held->workingMs()), ['by' => $this->held->by()]);
            }
            $this->held = null;
        }
    }
}
