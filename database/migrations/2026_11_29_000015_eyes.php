<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('eyes', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name', 80);
            $table->string('kind', 20);
            $table->float('diameter_mm');
            $table->string('iris', 9);
            $table->string('pupil', 20);
            $table->unsignedInteger('left');
            $table->float('price')->nullable();
            $table->unsignedInteger('revision')->default(1);
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
            $table->index(['kind', 'diameter_mm', 'pupil']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('eyes');
    }
};
