<?php

declare(strict_types=1);

namespace App\Actions\Runs;

use App\Models\Bait;
use App\Models\Run;
use App\Models\Sought;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Keeps what the log finds a bait by: its number, pattern, body and run, its lesson and notes, and why it was rejected. Called
 * wherever one of them changes.
 */
final class LogWords
{
    /** What of its run, version, pattern and body a bait is listed with; not the recipe, which is long. */
    public const LISTED = [
        'run:id,number,bait_count,version_id,finished_at', 'run.version:id,pattern_id,number,body_id,fitted_from_id,proven_at',
        'run.version.pattern:id,name,species', 'run.version.body:id,name',
    ];

    private const WORDS = <<<'SQL'
        (SELECT folded(printf('H-%04d %s %s run %d %s %s%s', baits.number, patterns.name, bodies.name, runs.number, baits.lesson,
            coalesce((SELECT group_concat(json_extract(event, '$.data.text') || ' ', '') FROM bench_events
                WHERE run_id = runs.id AND json_extract(event, '$.type') = 'note'
                AND coalesce(json_extract(event, '$.bait'), baits.position) = baits.position), ''),
            coalesce(baits.rejected, '')))
        FROM runs JOIN versions ON versions.id = runs.version_id JOIN patterns ON patterns.id = versions.pattern_id
        JOIN bodies ON bodies.id = versions.body_id WHERE runs.id = baits.run_id)
        SQL;

    /** @param Builder<Run> $runs whose baits it is for; those that are not finished are left as they are */
    public static function keep(Builder $runs): void
    {
        // In one statement, for the write lock is held meanwhile; SQLite's own lower() knows no letters but A to Z.
        DB::connection()->getPdo()->sqliteCreateFunction('folded', Sought::folded(...), 1);
        Bait::query()->whereIn('run_id', $runs->whereNotNull('finished_at')->select('id'))->toBase()
            ->update(['words' => DB::raw(self::WORDS)]);
    }
}
