<?php

declare(strict_types=1);

use Database\Forward\OlderBatches;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a batch was started from is one document that never changes; rows beside it only say what was done with it. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('batches', static function (Blueprint $table): void {
            $table->string('name', 200)->default('');
            $table->text('document')->default('');
            $table->text('rescues')->default('{}');
            $table->text('made')->nullable();
        });
        Schema::table('batch_items', static function (Blueprint $table): void {
            $table->string('key', 110)->default('');
        });

        (new OlderBatches())->bringForward(DB::connection());

        Schema::table('batch_items', static function (Blueprint $table): void {
            $table->dropUnique(['batch_id', 'load', 'position']);
            $table->dropColumn(['position', 'name', 'planned_ml']);
            $table->unique(['batch_id', 'load', 'key']);
        });
        Schema::dropColumns('batch_scoops', ['words', 'each_ml', 'count']);
        Schema::dropColumns('batches', ['request', 'plan', 'actual', 'slips', 'scale_grams', 'mixing_order', 'water_hardness_mg_l', 'water_celsius']);
    }

    public function down(): void
    {
        throw new RuntimeException('A notebook does not go back to an earlier version: the copy that was made before is the way back.');
    }
};
