<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How far a count may be off is kept in two parts, chance and clumps: how clumped a pest sits is known by all counts together. All is weighed anew. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('weighed_rounds', static fn(Blueprint $table) => $table->renameColumn('kept_variance', 'kept_chance'));
        Schema::table('weighed_rounds', static function (Blueprint $table): void {
            $table->double('kept_leaves')->nullable();
        });
        DB::table('stale_cases')->insertOrIgnoreUsing(['case_id'], DB::table('weighed_rounds')->select('case_id')->distinct());
    }

    public function down(): void
    {
        Schema::table('weighed_rounds', static fn(Blueprint $table) => $table->dropColumn('kept_leaves'));
        Schema::table('weighed_rounds', static fn(Blueprint $table) => $table->renameColumn('kept_chance', 'kept_variance'));
    }
};
