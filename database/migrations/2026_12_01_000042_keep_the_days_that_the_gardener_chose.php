<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The days that the gardener chose for the rounds of a case. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('cases', static fn(Blueprint $table) => $table->text('round_dates')->nullable());
    }

    public function down(): void
    {
        Schema::table('cases', static fn(Blueprint $table) => $table->dropColumn('round_dates'));
    }
};
