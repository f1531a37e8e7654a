<?php

declare(strict_types=1);

use Database\Forward\Rebuilt;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A round of something bought, a dust or insects set out has no batch: it has a name. */
return new class extends Migration {
    public function up(): void
    {
        Rebuilt::table('rounds', static function (Blueprint $table): void {
            $table->string('bought_kind')->nullable();
            $table->string('bought_name')->nullable();
            $table->string('bought_holds')->nullable();
            $table->unsignedBigInteger('batch_id')->nullable()->change();
        });
        Schema::table('weighed_rounds', static function (Blueprint $table): void {
            $table->string('bought')->nullable();
            $table->unsignedBigInteger('batch_id')->nullable()->change();
        });
    }

    public function down(): void
    {
        foreach (['burns' => 'round_id', 'weighed_rounds' => 'round_id'] as $table => $column) {
            DB::delete("delete from {$table} where {$column} in (select id from rounds where batch_id is null)");
        }
        DB::delete('delete from rounds where batch_id is null');
        Rebuilt::table('rounds', static function (Blueprint $table): void {
            $table->dropColumn(['bought_kind', 'bought_name', 'bought_holds']);
            $table->unsignedBigInteger('batch_id')->nullable(false)->change();
        });
        Schema::table('weighed_rounds', static function (Blueprint $table): void {
            $table->dropColumn('bought');
            $table->unsignedBigInteger('batch_id')->nullable(false)->change();
        });
    }
};
