<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('batches', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->foreignId('recipe_version_id')->constrained()->restrictOnDelete();
            $table->foreignId('sprayer_id')->nullable()->constrained()->restrictOnDelete();
            $table->foreignId('plant_id')->nullable()->constrained()->restrictOnDelete();
            $table->foreignId('case_id')->nullable()->constrained()->restrictOnDelete();
            $table->string('mixing_order', 20);
            $table->double('make_ml');
            $table->double('water_hardness_mg_l')->nullable();
            $table->double('water_celsius')->nullable();
            $table->text('request');
            $table->text('plan');
            $table->text('actual')->nullable();
            $table->string('stand_test', 20)->default('not-done');
            $table->string('keeping', 20)->default('strict');
            $table->double('fair_look_hours');
            $table->unsignedInteger('repeat_days')->nullable();
            $table->string('notes', 4000)->default('');
            $table->timestamp('started_at');
            $table->timestamp('made_at')->nullable();
            $table->timestamp('discard_at')->nullable();
            $table->timestamp('discarded_at')->nullable();
            $table->timestamps();
        });
        Schema::create('batch_items', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('batch_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('load');
            $table->unsignedInteger('position');
            $table->string('name', 200);
            $table->double('planned_ml');
            $table->unique(['batch_id', 'load', 'position']);
        });
        Schema::create('batch_scoops', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('batch_item_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('position');
            $table->string('words', 100);
            $table->double('each_ml');
            $table->unsignedInteger('count');
            $table->unique(['batch_item_id', 'position']);
        });
        // One row a spoonful: two devices can tick at once and no tick is lost.
        Schema::create('batch_ticks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('batch_scoop_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->timestamp('ticked_at');
            $table->unique(['batch_scoop_id', 'number']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('batch_ticks');
        Schema::dropIfExists('batch_scoops');
        Schema::dropIfExists('batch_items');
        Schema::dropIfExists('batches');
    }
};
