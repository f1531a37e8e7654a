<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Where the garden lies, what weather was told, what was really done in the bed, which tasks were moved, and what was in a sprayer. */
return new class extends Migration {
    public function up(): void
    {
        // One row: this notebook belongs to one garden.
        Schema::create('gardens', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedInteger('version')->default(1);
            $table->double('latitude');
            $table->double('longitude');
            $table->string('zone', 100);
            $table->double('room_celsius');
            $table->string('source', 20);
            $table->string('feed', 64);
            $table->timestamps();
        });
        Schema::create('weather_reports', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->string('content', 64)->nullable();
            $table->string('source', 20)->index();
            $table->string('name', 200);
            $table->text('hours');
            $table->timestamp('told_at');
            $table->timestamps();
        });
        Schema::table('plants', static function (Blueprint $table): void {
            $table->string('exposure', 20)->default('full-sun');
            $table->unsignedInteger('lights_on')->nullable();
            $table->unsignedInteger('lights_off')->nullable();
        });
        Schema::create('runs', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->string('content', 64)->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->foreignId('batch_id')->constrained()->cascadeOnDelete();
            $table->boolean('rinses')->default(false);
            $table->string('weather', 500)->default('');
            $table->string('override', 500)->default('');
            $table->timestamp('started_at');
            $table->timestamp('paused_at')->nullable();
            $table->timestamp('finished_at')->nullable();
            $table->timestamps();
        });
        Schema::create('run_plants', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('run_id')->constrained()->cascadeOnDelete();
            $table->foreignId('case_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('position');
            $table->foreignId('round_id')->nullable()->constrained()->nullOnDelete();
            $table->unique(['run_id', 'case_id']);
        });
        Schema::create('run_taps', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('run_id')->constrained()->cascadeOnDelete();
            $table->string('step', 60);
            $table->timestamp('tapped_at');
            $table->unique(['run_id', 'step']);
        });
        Schema::table('rounds', static function (Blueprint $table): void {
            $table->foreignId('run_id')->nullable()->constrained()->nullOnDelete();
            $table->double('litres')->nullable();
            $table->string('weather', 500)->default('');
        });
        Schema::create('task_moves', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->string('content', 64)->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->string('kind', 30);
            $table->unsignedBigInteger('ref');
            $table->timestamp('due_at');
            $table->timestamp('moved_to')->nullable();
            $table->string('reason', 500)->default('');
            $table->timestamp('made_at');
            $table->timestamp('taken_back_at')->nullable();
            $table->timestamps();
            $table->index(['kind', 'ref']);
        });
        Schema::create('sprayer_events', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->string('content', 64)->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->foreignId('sprayer_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 20);
            $table->string('notes', 500)->default('');
            $table->foreignId('run_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('happened_at');
            $table->timestamp('taken_back_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        throw new RuntimeException('A notebook does not go back to an earlier version: the copy that was made before is the way back.');
    }
};
