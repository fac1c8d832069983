<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('bodies', function (Blueprint $table): void {
            $table->string('condition')->default('scuffed plastic');
            $table->json('fittings')->default('[]');
            $table->float('weight_g')->nullable();
            $table->unsignedInteger('revision')->default(1);
            $table->timestamp('archived_at')->nullable();
        });
        Schema::create('lots', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('body_id')->constrained()->restrictOnDelete();
            $table->string('supplier')->default('');
            $table->unsignedInteger('count');
            $table->float('price')->nullable();
            $table->date('bought_on')->nullable();
            $table->timestamps();
        });
        // Looking over a lot, bait by bait; only ever added to, a mistake is looked over again.
        Schema::create('inspections', function (Blueprint $table): void {
            $table->id('seq');
            $table->foreignUlid('lot_id')->constrained()->restrictOnDelete();
            $table->unsignedInteger('number');
            $table->boolean('rejected');
            $table->string('fault')->default('');
            $table->timestamp('created_at');
        });
        foreach (['UPDATE', 'DELETE'] as $verb) {
            DB::statement("CREATE TRIGGER inspections_no_{$verb} BEFORE {$verb} ON inspections
                BEGIN SELECT RAISE(ABORT, 'inspections are only added'); END");
        }
        Schema::create('masks', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name');
            $table->foreignUlid('body_id')->constrained()->restrictOnDelete();
            // What it is cut for: a technique with its settings, and the seed of its waver.
            $table->json('technique');
            $table->unsignedInteger('seed')->default(1);
            // The body as it was then: what is cut does not change with it.
            $table->json('cut_for');
            $table->string('sheet')->default('');
            $table->unsignedInteger('uses')->default(0);
            $table->unsignedInteger('lasts')->nullable();
            $table->unsignedInteger('revision')->default(1);
            $table->timestamp('retired_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        foreach (['masks', 'inspections', 'lots'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('bodies', fn(Blueprint $table) => $table->dropColumn(['condition', 'fittings', 'weight_g', 'revision', 'archived_at']));
    }
};
