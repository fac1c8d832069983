<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Databases of the first day were made before `touched` was written into the migration that makes edits. */
return new class extends Migration {
    public function up(): void
    {
        if (! Schema::hasColumn('edits', 'touched')) {
            Schema::table('edits', fn(Blueprint $table) => $table->string('touched')->default(''));
        }
    }
};
