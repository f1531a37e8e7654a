<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Red and white of one kind bear differently, and some plants cannot be had again: of those before nobody said so. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('plants', static function (Blueprint $table): void {
            $table->string('variety')->default('');
            $table->boolean('rare')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('plants', static fn(Blueprint $table) => $table->dropColumn(['variety', 'rare']));
    }
};
