<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A version that was mixed once, with another order or a line more, is not what its owner wrote. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('recipe_versions', static function (Blueprint $table): void {
            $table->unsignedInteger('written')->default(0);
        });
        DB::table('recipe_versions')->update(['written' => DB::raw('number')]);
    }

    public function down(): void
    {
        Schema::table('recipe_versions', static function (Blueprint $table): void {
            $table->dropColumn('written');
        });
    }
};
