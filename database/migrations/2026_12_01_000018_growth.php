<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What lists are asked for is found by an index, or kept where it is asked for, however many years there are. */
return new class extends Migration {
    private const INDEXES = [
        'runs_of_version' => 'runs (version_id, finished_at)',
        'runs_open' => 'runs (number) WHERE finished_at IS NULL',
        'events_of_run' => 'bench_events (run_id, seq)',
        'notes_of_run' => "bench_events (run_id) WHERE json_extract(event, '$.type') = 'note'",
        'patterns_by_name' => 'patterns (name, id)',
        'patterns_current' => 'patterns (current_id)',
        'versions_on_body' => 'versions (body_id)',
        'versions_worked_on' => 'versions (updated_at)',
        'versions_with_paint' => 'paint_version (paint_id)',
        'paints_by_name' => 'paints (name, id)',
        'bodies_by_name' => 'bodies (name, id)',
        'masks_by_name' => 'masks (name, id)',
        'lots_of_body' => 'lots (body_id)',
        'inspections_of_lot' => 'inspections (lot_id, number)',
        'stamps_of_version' => 'stamps (version_id)',
        'remedies_of_fault' => 'remedies (fault, cause, helped)',
    ];

    public function up(): void
    {
        Schema::table('patterns', function (Blueprint $table): void {
            // The version worked on: the one with the highest number that is no copy for a run.
            $table->foreignUlid('current_id')->nullable()->constrained('versions')->restrictOnDelete();
            // What it is found by, in small letters.
            $table->text('words')->default('');
        });
        Schema::table('paints', fn(Blueprint $table) => $table->text('words')->default(''));
        Schema::table('baits', function (Blueprint $table): void {
            // What the log finds it by, in small letters; null until its run is finished.
            $table->text('words')->nullable();
        });
        foreach (self::INDEXES as $name => $on) {
            DB::statement("CREATE INDEX {$name} ON {$on}");
        }
        DB::statement('UPDATE patterns SET current_id = (SELECT id FROM versions WHERE pattern_id = patterns.id AND fitted_from_id IS NULL ORDER BY number DESC LIMIT 1)');
        // SQLite's own lower() knows no letters but A to Z.
        DB::connection()->getPdo()->sqliteCreateFunction('folded', static fn(string $text): string => mb_strtolower($text), 1);
        DB::statement("UPDATE patterns SET words = folded(name || ' ' || species || ' ' || water)");
        DB::statement("UPDATE paints SET words = folded(name || ' ' || family || ' ' || finish || ' ' || kind)");
        DB::statement(<<<'SQL'
            UPDATE baits SET words = (
                SELECT folded(printf('H-%04d %s %s run %d %s %s%s', baits.number, patterns.name, bodies.name, runs.number, baits.lesson,
                    coalesce((SELECT group_concat(json_extract(event, '$.data.text') || ' ', '') FROM bench_events
                        WHERE run_id = runs.id AND json_extract(event, '$.type') = 'note'
                        AND coalesce(json_extract(event, '$.bait'), baits.position) = baits.position), ''),
                    coalesce(baits.rejected, '')))
                FROM runs JOIN versions ON versions.id = runs.version_id JOIN patterns ON patterns.id = versions.pattern_id
                JOIN bodies ON bodies.id = versions.body_id WHERE runs.id = baits.run_id
            ) WHERE run_id IN (SELECT id FROM runs WHERE finished_at IS NOT NULL)
            SQL);
    }
};
