<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('runs', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('number')->unique();
            $table->foreignUlid('version_id')->constrained()->restrictOnDelete();
            $table->ulid('repeat_of')->nullable();
            $table->unsignedInteger('bait_count');
            $table->float('air_c');
            $table->float('humidity_percent');
            // The recipe with body and optics as it was when the run was planned.
            $table->json('recipe');
            $table->json('changes');
            $table->timestamp('starts_at');
            $table->timestamp('started_at')->nullable();
            $table->timestamp('finished_at')->nullable();
            $table->timestamps();
        });
        Schema::create('baits', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->unsignedInteger('number')->unique();
            $table->foreignUlid('run_id')->constrained()->restrictOnDelete();
            $table->unsignedInteger('position');
            $table->string('lesson')->default('');
            $table->timestamps();
            $table->unique(['run_id', 'position']);
        });
        Schema::table('runs', function (Blueprint $table): void {
            $table->foreign('repeat_of')->references('id')->on('baits')->restrictOnDelete();
        });
        Schema::create('photos', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('run_id')->constrained()->restrictOnDelete();
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->timestamps();
        });
        Schema::create('bench_events', function (Blueprint $table): void {
            $table->id('seq');
            $table->string('id', 40)->unique();
            $table->foreignUlid('run_id')->constrained()->restrictOnDelete();
            $table->json('event');
            $table->timestamp('created_at');
        });
        Schema::create('answers', function (Blueprint $table): void {
            $table->string('key', 80)->primary();
            $table->string('request', 64);
            $table->unsignedSmallInteger('status');
            $table->json('body');
            $table->timestamp('created_at');
        });
        // What happened at the bench is only ever added to.
        foreach (['UPDATE', 'DELETE'] as $verb) {
            DB::statement("CREATE TRIGGER bench_events_no_{$verb} BEFORE {$verb} ON bench_events
                BEGIN SELECT RAISE(ABORT, 'bench events are only added'); END");
        }
    }

    public function down(): void
    {
        foreach (['answers', 'bench_events', 'photos', 'baits', 'runs'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
