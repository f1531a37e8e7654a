<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('leaf_tests', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->foreignId('batch_id')->constrained()->restrictOnDelete();
            $table->foreignId('plant_id')->constrained()->restrictOnDelete();
            $table->unsignedInteger('leaves');
            $table->unsignedInteger('wait_hours');
            $table->timestamp('applied_at');
            $table->timestamps();
            $table->index(['plant_id', 'batch_id']);
        });
        Schema::create('leaf_readings', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->foreignId('leaf_test_id')->constrained()->cascadeOnDelete();
            $table->timestamp('read_at');
            $table->text('reactions');
            $table->string('notes', 1000)->default('');
            $table->timestamps();
        });
        Schema::create('rounds', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->foreignId('case_id')->constrained()->restrictOnDelete();
            $table->foreignId('batch_id')->constrained()->restrictOnDelete();
            $table->timestamp('sprayed_at');
            $table->boolean('hand_work')->default(false);
            $table->string('notes', 1000)->default('');
            $table->timestamps();
            $table->index(['case_id', 'sprayed_at']);
        });
        Schema::create('counts', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->foreignId('case_id')->constrained()->restrictOnDelete();
            $table->timestamp('counted_at');
            $table->double('value');
            $table->boolean('untreated')->default(false);
            $table->string('notes', 1000)->default('');
            $table->timestamps();
            $table->index(['case_id', 'counted_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('counts');
        Schema::dropIfExists('rounds');
        Schema::dropIfExists('leaf_readings');
        Schema::dropIfExists('leaf_tests');
    }
};
