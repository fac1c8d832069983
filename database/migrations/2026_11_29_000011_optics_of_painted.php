<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What a painted version's paints did to light when it was painted; null: it was not painted yet.
        Schema::table('paint_version', fn(Blueprint $table) => $table->json('optics')->nullable());
        DB::statement('UPDATE paint_version SET optics = (SELECT optics FROM paints WHERE paints.id = paint_version.paint_id)
            WHERE version_id IN (SELECT id FROM versions WHERE painted_at IS NOT NULL)');
        // By which model its optics were guessed; null: they were measured, mixed or given.
        Schema::table('paints', fn(Blueprint $table) => $table->unsignedInteger('guess')->nullable());
        DB::statement('UPDATE paints SET guess = 1 WHERE from_card = 0 AND mix IS NULL');
    }
};
