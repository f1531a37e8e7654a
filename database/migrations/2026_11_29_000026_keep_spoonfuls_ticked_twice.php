<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Two devices that were apart may have ticked the same spoonful: when it was ticked again, so that two may have gone in. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('batch_ticks', static fn(Blueprint $table) => $table->dateTime('again_at')->nullable());
    }

    public function down(): void
    {
        Schema::table('batch_ticks', static fn(Blueprint $table) => $table->dropColumn('again_at'));
    }
};
