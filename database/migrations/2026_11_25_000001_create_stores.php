<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('paints', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name');
            $table->string('kind');
            $table->string('hex', 7);
            $table->string('family');
            $table->float('solids');
            $table->float('drop_ml');
            $table->float('bottle_ml');
            $table->float('left_ml');
            $table->boolean('from_card')->default(false);
            $table->json('optics');
            $table->string('fingerprint', 40)->index();
            $table->unsignedInteger('revision')->default(1);
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('bodies', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name');
            $table->string('material');
            $table->json('form');
            $table->string('fingerprint', 40)->index();
            $table->unsignedInteger('stock')->default(0);
            $table->timestamps();
        });
        Schema::create('settings', function (Blueprint $table): void {
            $table->unsignedTinyInteger('id')->primary();
            $table->json('values');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('settings');
        Schema::dropIfExists('bodies');
        Schema::dropIfExists('paints');
    }
};
