<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The days that the gardener chose for the rounds of a case, and when that was: rain that fell before was known. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('cases', static function (Blueprint $table): void {
            $table->text('round_dates')->nullable();
            $table->dateTime('dates_chosen_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('cases', static fn(Blueprint $table) => $table->dropColumn(['round_dates', 'dates_chosen_at']));
    }
};
