<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Models\Answer;
use App\Models\Preference;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** What is done now and then so that nothing grows without end; and the daily backup, if it is wanted. */
final readonly class Tidy
{
    private const ANSWER_DAYS = 7;

    private const MOST_ANSWERS = 5000;

    private const LOG_BYTES = 5_000_000;

    private const HALF_WRITTEN_S = 3600;

    public function __construct(private Backup $backup) {}

    public function all(DataFolder $data): void
    {
        Answer::query()->where('created_at', '<', Carbon::now()->subDays(self::ANSWER_DAYS))->delete();
        $oldest = Answer::query()->orderByDesc('created_at')->skip(self::MOST_ANSWERS)->value('created_at');
        Answer::query()->when(
            $oldest !== null,
            static fn($q) => $q->where('created_at', '<=', $oldest),
            static fn($q) => $q->whereRaw('0'),
        )->delete();
        PictureCache::prune();
        foreach (glob(storage_path('logs/*.log')) ?: [] as $log) {
            if (filesize($log) > self::LOG_BYTES) {
                file_put_contents($log, (string) file_get_contents($log, false, null, filesize($log) - intdiv(self::LOG_BYTES, 5)));
            }
        }
        foreach ([...glob($data->photos().'/.*.part') ?: [], ...glob($data->backups().'/.*.part*') ?: []] as $half) {
            if (time() - (int) filemtime($half) > self::HALF_WRITTEN_S) {
                unlink($half);
            }
        }
        DB::statement('PRAGMA optimize');
        $this->daily($data);
    }

    private function daily(DataFolder $data): void
    {
        if (Preference::current()['daily_backup'] !== 'on') {
            return;
        }
        $last = glob($data->backups().'/'.BackupKind::Daily->value.'-*.zip') ?: [];
        if ($last === [] || time() - (int) filemtime(end($last)) > 20 * 3600) {
            $this->backup->make($data, BackupKind::Daily);
        }
    }
}
