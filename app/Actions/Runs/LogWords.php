<?php

declare(strict_types=1);

namespace App\Actions\Runs;

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

    /** Notes are read and put together once for all baits of their run. %s: ids of runs. */
    private const KEEP = <<<'SQL'
        WITH said AS MATERIALIZED (
            SELECT run_id, json_extract(event, '$.bait') AS bait, group_concat(json_extract(event, '$.data.text'), ' ') AS text
            FROM bench_events WHERE run_id IN (%s) AND json_extract(event, '$.type') = 'note' GROUP BY 1, 2
        )
        UPDATE baits SET words = (
            SELECT folded(printf('H-%%04d %%s %%s run %%d %%s %%s %%s %%s', baits.number, patterns.name, bodies.name, runs.number,
                baits.lesson,
                coalesce((SELECT said.text FROM said WHERE said.run_id = runs.id AND said.bait IS NULL), ''),
                coalesce((SELECT said.text FROM said WHERE said.run_id = runs.id AND said.bait = baits.position), ''),
                coalesce(baits.rejected, '')))
            FROM runs JOIN versions ON versions.id = runs.version_id JOIN patterns ON patterns.id = versions.pattern_id
            JOIN bodies ON bodies.id = versions.body_id WHERE runs.id = baits.run_id
        ) WHERE run_id IN (%s)
        SQL;

    private const AT_ONCE = 500;

    /** @param Builder<Run> $runs whose baits it is for; those that are not finished are left as they are */
    public static function keep(Builder $runs): void
    {
        // As few statements as can be, for the write lock is held meanwhile. SQLite's own lower() knows no letters but A to Z.
        DB::connection()->getPdo()->sqliteCreateFunction('folded', Sought::folded(...), 1);
        foreach ($runs->whereNotNull('finished_at')->pluck('id')->chunk(self::AT_ONCE) as $ids) {
            $places = implode(', ', array_fill(0, $ids->count(), '?'));
            DB::affectingStatement(\sprintf(self::KEEP, $places, $places), [...$ids->values(), ...$ids->values()]);
        }
    }
}
