<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Weekdays on which somebody has time to spray, and when nobody is there; null where every day is had. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('households', static function (Blueprint $table): void {
            $table->text('free_days')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('households', static function (Blueprint $table): void {
            $table->dropColumn('free_days');
        });
    }
};
