<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Of a case: the days between rounds that the gardener wants, and when the buds of its plant break. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('cases', static function (Blueprint $table): void {
            $table->unsignedInteger('every_days')->nullable();
            $table->date('bud_break_on')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('cases', static fn(Blueprint $table) => $table->dropColumn(['every_days', 'bud_break_on']));
    }
};
