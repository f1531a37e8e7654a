<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whether a round was rinsed off by hand within a day; of those before only the recipe says it. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('rounds', static function (Blueprint $table): void {
            $table->boolean('rinsed')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('rounds', static fn(Blueprint $table) => $table->dropColumn('rinsed'));
    }
};
