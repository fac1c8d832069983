<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Models\Preference;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** How things stand with database, disk and backups, in few words, for whoever watches over the server. */
final readonly class Standing
{
    /** Below this much free space, the disk counts as nearly full. */
    private const LEAST_FREE_BYTES = 100_000_000;

    public function __construct(private BringUpToDate $bring) {}

    /** @return array{status: 'ok'|'failing', database: string, migrations: string, disk: string, disk_free_mb: int|null, backup: string, last_backup_at: string|null} */
    public function now(): array
    {
        $data = DataFolder::current();
        $database = $this->database($data);
        $missing = $database === 'ok' ? $this->bring->missing() : 0;
        $can = $database === 'ok' && $missing === 0;
        $free = @disk_free_space($data->path);
        $backups = new Backups($data);
        $last = $backups->lastGood();

        return [
            'status' => $can ? 'ok' : 'failing',
            'database' => $database,
            'migrations' => $missing === 0 ? 'ok' : "{$missing} missing",
            // A full disk or an old backup is reported, but does not restart the server.
            'disk' => $free === false ? 'unknown' : ($free < self::LEAST_FREE_BYTES ? 'nearly full' : 'ok'),
            'disk_free_mb' => $free === false ? null : (int) ($free / 1e6),
            'backup' => $can && $backups->overdue(Preference::current()['daily_backup'] === 'on') ? 'overdue' : 'ok',
            'last_backup_at' => $last === null ? null : Carbon::createFromTimestamp($last)->toIso8601ZuluString(),
        ];
    }

    /** What is wrong with it, or “ok”: it can be read, and written to as far as can be seen without writing. */
    private function database(DataFolder $data): string
    {
        try {
            DB::table('migrations')->exists();

            return is_writable($data->database()) ? 'ok' : StorageTrouble::ReadOnly->value;
        } catch (\Throwable $e) {
            return StorageTrouble::of($e)->value ?? 'unreadable';
        }
    }
}
