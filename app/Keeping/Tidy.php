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

    /**
     * What frees room comes first, and nothing keeps the rest from being done: on a full disk the database may take nothing
     * any more.
     *
     * @throws KeepingTrouble at the end, with all that could not be done
     */
    public function all(DataFolder $data): void
    {
        (new Backups($data))->tried();
        $troubles = [];
        foreach ([
            PictureCache::prune(...),
            self::logs(...),
            static fn() => self::halves($data),
            self::answers(...),
            static fn() => DB::statement('PRAGMA optimize'),
            fn() => $this->daily($data),
        ] as $part) {
            try {
                $part();
            } catch (\Throwable $e) {
                $troubles[] = StorageTrouble::of($e)?->title() ?? $e->getMessage();
            }
        }
        if ($troubles !== []) {
            throw new KeepingTrouble(date('Y-m-d H:i').' '.implode(' ', array_unique($troubles)));
        }
    }

    private static function answers(): void
    {
        Answer::query()->where('created_at', '<', Carbon::now()->subDays(self::ANSWER_DAYS))->delete();
        $oldest = Answer::query()->orderByDesc('created_at')->skip(self::MOST_ANSWERS)->value('created_at');
        Answer::query()->when(
            $oldest !== null,
            static fn($q) => $q->where('created_at', '<=', $oldest),
            static fn($q) => $q->whereRaw('0'),
        )->delete();
    }

    /** Keeps the end of a log that has grown, in its place: whoever writes to it goes on, and it takes no room meanwhile. */
    private static function logs(): void
    {
        foreach (glob(storage_path('logs/*.log')) ?: [] as $path) {
            $log = (int) @filesize($path) > self::LOG_BYTES ? @fopen($path, 'r+') : false;
            if ($log !== false) {
                fseek($log, -intdiv(self::LOG_BYTES, 5), SEEK_END);
                $end = (string) stream_get_contents($log);
                rewind($log);
                fwrite($log, $end);
                ftruncate($log, \strlen($end));
                fclose($log);
            }
        }
    }

    private static function halves(DataFolder $data): void
    {
        foreach ([
            ...glob($data->photos().'/.*.part') ?: [],
            ...glob($data->backups().'/.*.part*') ?: [],
            ...glob($data->backups().'/.whole-*') ?: [],
        ] as $half) {
            if (time() - (int) @filemtime($half) > self::HALF_WRITTEN_S) {
                @unlink($half);
            }
        }
    }

    private function daily(DataFolder $data): void
    {
        if (Preference::current()['daily_backup'] === 'on' && (new Backups($data))->dailyIsDue()) {
            $this->backup->make($data, BackupKind::Daily);
        }
    }
}
