<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('versions', function (Blueprint $table): void {
            // A copy with the figures or for the body of one run: it belongs to that run and is not worked on.
            $table->ulid('fitted_from_id')->nullable()->index();
            $table->index('pattern_id');
        });
        // A fitted copy bears the number of the version it was fitted from.
        DB::statement('DROP INDEX versions_pattern_id_number_unique');
        DB::statement('CREATE UNIQUE INDEX versions_own_number ON versions (pattern_id, number) WHERE fitted_from_id IS NULL');
        Schema::table('baits', fn(Blueprint $table) => $table->unsignedInteger('revision')->default(1));
        // Stamps put on and taken off, in their order; only ever added.
        Schema::create('stamps', function (Blueprint $table): void {
            $table->id('seq');
            $table->foreignUlid('version_id')->constrained()->restrictOnDelete();
            $table->foreignUlid('bait_id')->constrained()->restrictOnDelete();
            $table->boolean('on');
            $table->string('reason')->default('');
            $table->timestamp('created_at');
        });
        foreach (['UPDATE', 'DELETE'] as $verb) {
            DB::statement("CREATE TRIGGER stamps_no_{$verb} BEFORE {$verb} ON stamps
                BEGIN SELECT RAISE(ABORT, 'stamps are only added'); END");
        }
        $this->putRight();
    }

    /**
     * Until now a repeat on another body, or with other figures, became the pattern's newest version. Such a version is
     * told by its note, and by having been made for a run and never edited; it is made the copy of its run that it is.
     * One that was worked on afterwards is a version by now and stays one.
     */
    private function putRight(): void
    {
        $made = DB::table('versions')->where('number', '>', 1)
            ->where(static fn(Builder $q): Builder => $q->where('note', 'like', 'figures of H-%')->orWhere('note', 'like', 'fitted to %'))
            ->whereExists(static fn(Builder $q): Builder => $q->from('runs')->whereColumn('runs.version_id', 'versions.id'))
            ->whereNotExists(static fn(Builder $q): Builder => $q->from('edits')->whereColumn('edits.version_id', 'versions.id'))
            ->orderBy('number')->get(['id', 'pattern_id', 'number']);
        foreach ($made as $copy) {
            $repeated = DB::table('runs')->join('baits', 'baits.id', '=', 'runs.repeat_of')->join('runs as master', 'master.id', '=', 'baits.run_id')
                ->join('versions', 'versions.id', '=', 'master.version_id')
                ->where('runs.version_id', $copy->id)->select(['versions.id', 'versions.fitted_from_id'])->orderBy('runs.number')->first();
            $from = $repeated === null
                ? DB::table('versions')->where('pattern_id', $copy->pattern_id)->where('number', '<', $copy->number)->whereNull('fitted_from_id')->orderByDesc('number')->value('id')
                : $repeated->fitted_from_id ?? $repeated->id;
            $number = DB::table('versions')->where('id', $from)->value('number');
            if ($number !== null) {
                DB::table('versions')->where('id', $copy->id)->update(['fitted_from_id' => $from, 'number' => $number]);
            }
        }
    }
};
