<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('paints', function (Blueprint $table): void {
            $table->string('finish')->default('');
            $table->date('opened_on')->nullable();
            // A paint that was mixed from others: [{paint, name, drops}].
            $table->json('mix')->nullable();
        });
        Schema::table('patterns', function (Blueprint $table): void {
            $table->foreignUlid('parent_id')->nullable()->constrained('patterns')->nullOnDelete();
        });
        Schema::create('cards', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('paint_id')->constrained()->restrictOnDelete();
            // Curves as seen: white, black, over_white, over_black.
            $table->json('readings');
            $table->float('dry_um');
            $table->string('seen');
            $table->string('source');
            $table->timestamp('created_at');
        });
        Schema::create('pictures', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('pattern_id')->nullable()->constrained()->cascadeOnDelete();
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->timestamp('removed_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('pictures');
        Schema::dropIfExists('cards');
        Schema::table('patterns', fn(Blueprint $table) => $table->dropConstrainedForeignId('parent_id'));
        Schema::table('paints', fn(Blueprint $table) => $table->dropColumn(['finish', 'opened_on', 'mix']));
    }
};
