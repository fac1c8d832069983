<?php

declare(strict_types=1);

namespace App\Keeping;

/** The backups of a data folder: which there are, how good they are, and what the last attempt came to. */
final readonly class Backups
{
    /** After so long without a good one the pages say so aloud. */
    private const OVERDUE_S = 3 * 24 * 3600;

    private const DAILY_S = 20 * 3600;

    /** A clock that is a little ahead is no other day. */
    private const AHEAD_S = 3600;

    public function __construct(private DataFolder $data) {}

    public function photographs(): BackupPhotos
    {
        return new BackupPhotos($this->data->backups());
    }

    /** @return list<string> paths, the latest first; those that a wrong clock dated into the future last */
    public function all(string $kind = ''): array
    {
        $files = glob($this->data->backups()."/{$kind}*.zip") ?: [];
        usort($files, static fn(string $a, string $b): int => [self::time($b), $b] <=> [self::time($a), $a]);

        return $files;
    }

    /** @return int|null when the last good one was made; one from the future says nothing */
    public function lastGood(string $kind = ''): ?int
    {
        return self::time($this->all($kind)[0] ?? '') ?: null;
    }

    public function dailyIsDue(): bool
    {
        return time() - ($this->lastGood(BackupKind::Daily->value) ?? 0) > self::DAILY_S;
    }

    /** @param bool $wanted whether there is to be one a day */
    public function overdue(bool $wanted): bool
    {
        $since = $this->lastGood() ?? $this->trouble()['since'] ?? time();

        return $wanted && time() - $since > self::OVERDUE_S && (time() - $this->lastTry() > self::AHEAD_S || $this->trouble() !== null);
    }

    /** A daily one was looked after, whether one was due or not. */
    public function tried(): void
    {
        is_dir($this->data->backups()) && @touch($this->data->backups().'/.tried');
    }

    /** One was made: the older ones of its kind go. */
    public function made(BackupKind $kind): void
    {
        @unlink($this->data->backups().'/.trouble');
        array_map(unlink(...), \array_slice($this->all($kind->value), $kind->kept() ?? PHP_INT_MAX));
        $this->photographs()->prune();
    }

    public function failed(string $why): void
    {
        $since = $this->trouble()['since'] ?? time();
        $file = $this->data->backups().'/.trouble';
        $said = json_encode(['since' => $since, 'said' => $why], JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR);
        is_dir($this->data->backups()) && @file_put_contents($file, $said);
    }

    /** @return array{since: int, said: string}|null why the last attempt failed, and since when they do */
    public function trouble(): ?array
    {
        $read = json_decode((string) @file_get_contents($this->data->backups().'/.trouble'), true);

        return \is_array($read) && \is_int($read['since'] ?? null) && \is_string($read['said'] ?? null)
            ? ['since' => $read['since'], 'said' => $read['said']] : null;
    }

    /** @return array{own: int, shared: int} bytes that all of them take, and of photographs that they share with those in use */
    public function bytes(): array
    {
        $photographs = $this->photographs()->bytes();

        return ['own' => $photographs['own'] + array_sum(array_map(static fn(string $zip): int => (int) @filesize($zip), $this->all())), 'shared' => $photographs['shared']];
    }

    private function lastTry(): int
    {
        return (int) @filemtime($this->data->backups().'/.tried');
    }

    private static function time(string $path): int
    {
        $time = $path === '' ? 0 : (int) @filemtime($path);

        return $time > time() + self::AHEAD_S ? 0 : $time;
    }
}
