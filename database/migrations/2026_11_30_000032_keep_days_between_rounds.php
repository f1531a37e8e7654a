<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How bad a case is, and how many days lie between its rounds: reckoned from rounds and counts, at the next start for those before. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('cases', static function (Blueprint $table): void {
            $table->unsignedInteger('round_days')->nullable();
            $table->string('pressure')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('cases', static fn(Blueprint $table) => $table->dropColumn(['round_days', 'pressure']));
    }
};
