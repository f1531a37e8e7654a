<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // One row: this notebook belongs to one household.
        Schema::create('households', static function (Blueprint $table): void {
            $table->id();
            $table->string('kitchen', 20)->nullable();
            $table->text('by_eye')->default('{}');
            $table->timestamps();
        });
        Schema::table('sprayers', static function (Blueprint $table): void {
            $table->double('largest_fill_ml')->nullable();
            $table->double('left_behind_ml')->default(0);
            $table->text('pours')->default('[]');
        });
        // What went wrong while it was mixed, and what was done about it, load by load.
        Schema::table('batches', static function (Blueprint $table): void {
            $table->text('slips')->default('{}');
            $table->double('scale_grams')->nullable();
        });
        Schema::table('measures', static function (Blueprint $table): void {
            $table->string('kind', 20)->default('level');
            $table->double('step')->nullable();
            $table->string('calibration', 200)->default('');
        });
    }

    public function down(): void
    {
        Schema::dropColumns('batches', ['slips', 'scale_grams']);
        Schema::dropColumns('measures', ['kind', 'step', 'calibration']);
        Schema::dropColumns('sprayers', ['largest_fill_ml', 'left_behind_ml', 'pours']);
        Schema::dropIfExists('households');
    }
};
