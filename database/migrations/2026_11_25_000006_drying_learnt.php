<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('paints', function (Blueprint $table): void {
            // How many times as long as the model says it takes to dry, and how many runs have said so.
            $table->float('drying')->default(1.0);
            $table->unsignedInteger('drying_runs')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('paints', fn(Blueprint $table) => $table->dropColumn(['drying', 'drying_runs']));
    }
};
