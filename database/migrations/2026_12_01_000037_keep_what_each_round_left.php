<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What each round left alive is kept beside what came of it: all of it is weighed anew when somebody asks. */
return new class extends Migration {
    public function up(): void
    {
        DB::table('weighed_sprays')->delete();
        DB::table('stale_pests')->insertOrIgnoreUsing(['pest'], DB::table('weighed_rounds')->select('pest')->distinct());
    }

    public function down(): void
    {
        $this->up();
    }
};
