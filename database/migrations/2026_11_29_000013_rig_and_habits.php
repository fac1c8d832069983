<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('equipment', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('kind', 20);
            $table->string('name', 80);
            $table->json('figures');
            $table->boolean('in_hand')->default(false);
            $table->unsignedInteger('revision')->default(1);
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::table('runs', function (Blueprint $table): void {
            // Airbrush, dryer, habits and cleaning as they were when it was planned; null: planned before there were any.
            $table->json('rig')->nullable();
        });
        Schema::create('sprayed', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('run_id')->constrained()->cascadeOnDelete();
            $table->string('step_id', 40);
            $table->foreignUlid('paint_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('equipment_id')->nullable()->constrained('equipment')->nullOnDelete();
            $table->json('spraying');
            $table->float('psi');
            $table->string('fault', 40)->nullable();
            $table->timestamps();
            $table->index(['paint_id', 'equipment_id']);
        });
        Schema::create('experience_marks', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('paint_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('equipment_id')->constrained('equipment')->cascadeOnDelete();
            // What was sprayed up to this row does not count for the window.
            $table->unsignedBigInteger('after');
            $table->timestamps();
            $table->unique(['paint_id', 'equipment_id']);
        });
        Schema::create('remedies', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('run_id')->constrained()->cascadeOnDelete();
            $table->string('fault', 40);
            $table->string('cause', 60);
            $table->boolean('helped');
            $table->timestamps();
        });
        Schema::create('readings', function (Blueprint $table): void {
            $table->string('instrument', 20)->primary();
            $table->json('figures');
            $table->timestamp('read_at', 3);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('readings');
        Schema::dropIfExists('remedies');
        Schema::dropIfExists('experience_marks');
        Schema::dropIfExists('sprayed');
        Schema::table('runs', function (Blueprint $table): void {
            $table->dropColumn('rig');
        });
        Schema::dropIfExists('equipment');
    }
};
