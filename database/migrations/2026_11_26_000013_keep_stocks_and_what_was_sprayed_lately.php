<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a choice asks of a plant once, which jar a batch was poured from, its first look, and plants that are looked at weekly until they are clear. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('plants', static function (Blueprint $table): void {
            $table->boolean('soap_sensitive')->default(false);
            $table->date('sulfur_on')->nullable();
            $table->date('copper_on')->nullable();
            $table->date('oil_on')->nullable();
        });
        Schema::table('batches', static function (Blueprint $table): void {
            $table->unsignedBigInteger('stock_batch_id')->nullable()->index();
            $table->double('first_look_hours')->default(0);
        });
        // Batches of before had one look.
        DB::table('batches')->update(['first_look_hours' => DB::raw('fair_look_hours')]);
        Schema::table('watches', static function (Blueprint $table): void {
            $table->timestamp('cleared_at')->nullable();
        });
        // Whoever was looked over before was done with.
        DB::table('watches')->whereNotNull('looked_at')->update(['cleared_at' => DB::raw('looked_at')]);
        // An older name for a bed.
        DB::table('plants')->where('tolerance', 'soil')->update(['tolerance' => 'empty-bed']);
    }

    public function down(): void
    {
        throw new RuntimeException('A notebook does not go back to an earlier version: the copy that was made before is the way back.');
    }
};
