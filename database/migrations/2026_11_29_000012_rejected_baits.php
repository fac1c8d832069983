<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('baits', function (Blueprint $table): void {
            // Why it left its run; null for one that was finished.
            $table->string('rejected', 200)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('baits', function (Blueprint $table): void {
            $table->dropColumn('rejected');
        });
    }
};
