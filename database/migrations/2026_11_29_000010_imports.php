<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What a table of paints did to the rack, so that it can be undone as one.
        Schema::create('imports', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            // [{id, revision after it, columns before it, or null for one that it added}]
            $table->json('paints');
            $table->timestamp('undone_at')->nullable();
            $table->timestamps();
        });
    }
};
