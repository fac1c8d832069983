<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('clears', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('kind', 40);
            $table->string('name', 80);
            $table->json('figures');
            $table->float('bottle_ml');
            $table->float('left_ml');
            $table->float('price')->nullable();
            $table->date('opened_on')->nullable();
            $table->date('expires_on')->nullable();
            $table->boolean('in_use')->default(false);
            $table->unsignedInteger('revision')->default(1);
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('clears');
    }
};
