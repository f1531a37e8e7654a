<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was added to a batch, spilled or taken in the place of something, and when each of its loads was mixed. Of those that were mixed before, all loads are. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('batches', static function (Blueprint $table): void {
            $table->text('lines')->default('[]');
            $table->text('mixed')->default('[]');
        });
    }

    public function down(): void
    {
        Schema::table('batches', static fn(Blueprint $table) => $table->dropColumn(['lines', 'mixed']));
    }
};
