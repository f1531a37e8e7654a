<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whether a walk brushed or sponged it on leaf by leaf; those before were sprayed, as far as is known. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('runs', static function (Blueprint $table): void {
            $table->boolean('by_hand')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('runs', static fn(Blueprint $table) => $table->dropColumn('by_hand'));
    }
};
