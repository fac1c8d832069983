<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('patterns', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name');
            $table->string('species')->default('');
            $table->string('water')->default('');
            $table->text('notes')->default('');
            $table->unsignedInteger('revision')->default(1);
            $table->timestamp('retired_at')->nullable();
            $table->timestamps();
        });
        Schema::create('versions', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('pattern_id')->constrained()->restrictOnDelete();
            $table->unsignedInteger('number');
            $table->foreignUlid('body_id')->constrained()->restrictOnDelete();
            $table->json('steps');
            $table->string('note')->default('');
            $table->unsignedInteger('revision')->default(1);
            // Where in its edits this version stands; undo and redo move it.
            $table->unsignedInteger('head')->default(0);
            $table->timestamp('painted_at')->nullable();
            $table->timestamp('proven_at')->nullable();
            $table->timestamps();
            $table->unique(['pattern_id', 'number']);
        });
        Schema::create('paint_version', function (Blueprint $table): void {
            $table->foreignUlid('version_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('paint_id')->constrained()->restrictOnDelete();
            $table->primary(['version_id', 'paint_id']);
        });
        Schema::create('edits', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('version_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('seq');
            $table->string('label');
            // Which fields of which step it set: the same again at once belongs to the same edit.
            $table->string('touched')->default('');
            $table->foreignUlid('body_id')->constrained()->restrictOnDelete();
            $table->json('steps');
            $table->timestamp('created_at');
            $table->unique(['version_id', 'seq']);
        });
        // A painted version never changes, whoever asks.
        DB::statement(<<<'SQL'
            CREATE TRIGGER painted_versions_stay BEFORE UPDATE OF steps, body_id ON versions
            WHEN OLD.painted_at IS NOT NULL AND (OLD.steps <> NEW.steps OR OLD.body_id <> NEW.body_id)
            BEGIN SELECT RAISE(ABORT, 'a painted version never changes'); END
            SQL);
    }

    public function down(): void
    {
        foreach (['edits', 'paint_version', 'versions', 'patterns'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
