<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a spray did to a pest was kept in sentences: from here on in figures. All of it is weighed anew when somebody asks. */
return new class extends Migration {
    public function up(): void
    {
        DB::table('weighed_sprays')->delete();
        Schema::table('weighed_sprays', static function (Blueprint $table): void {
            $table->renameColumn('told', 'facts');
        });
        DB::table('stale_pests')->insertOrIgnoreUsing(['pest'], DB::table('weighed_rounds')->select('pest')->distinct());
    }

    public function down(): void
    {
        DB::table('weighed_sprays')->delete();
        Schema::table('weighed_sprays', static function (Blueprint $table): void {
            $table->renameColumn('facts', 'told');
        });
        DB::table('stale_pests')->insertOrIgnoreUsing(['pest'], DB::table('weighed_rounds')->select('pest')->distinct());
    }
};
