<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Looks leaf by leaf, trials side by side, and what rounds and sprays come to, kept so that nothing is reckoned anew for a screen. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('counts', static function (Blueprint $table): void {
            $table->text('each')->nullable();
            $table->text('stages')->nullable();
            $table->string('new_growth', 10)->nullable();
            $table->boolean('helpers')->nullable();
            $table->index(['case_id', 'untreated', 'counted_at']);
        });
        Schema::table('cases', static function (Blueprint $table): void {
            $table->string('spots', 500)->default('');
            $table->timestamp('due_at')->nullable();
            $table->index(['closed_at', 'due_at']);
        });
        Schema::table('notebook', static function (Blueprint $table): void {
            $table->string('weighed_by', 64)->nullable();
        });
        // Reckoned from rounds, counts, burns and batches: no record of anything, and made anew at any time.
        Schema::create('weighed_rounds', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('case_id')->constrained()->cascadeOnDelete();
            $table->string('pest', 60);
            $table->foreignId('round_id')->constrained()->cascadeOnDelete();
            $table->foreignId('batch_id')->constrained()->cascadeOnDelete();
            $table->timestamp('sprayed_at');
            $table->string('outcome', 30);
            $table->string('formula', 30)->nullable();
            $table->double('reduction')->nullable();
            $table->double('kept_log')->nullable();
            $table->double('kept_variance')->nullable();
            $table->double('days');
            $table->double('alone')->nullable();
            $table->unsignedInteger('rounds');
            $table->boolean('hand_work');
            $table->boolean('unproven');
            $table->boolean('burnt');
            $table->double('litres')->nullable();
            $table->double('minutes')->nullable();
            $table->text('facts');
            $table->index(['pest', 'case_id']);
        });
        Schema::create('weighed_sprays', static function (Blueprint $table): void {
            $table->id();
            $table->string('pest', 60);
            $table->unsignedInteger('rank');
            $table->string('family', 30);
            $table->string('slug', 200);
            $table->unsignedInteger('judged');
            $table->unsignedInteger('worked');
            $table->string('verdict', 20);
            $table->string('name', 1000);
            $table->double('left_log');
            $table->string('last_plant', 200);
            $table->timestamp('last_at');
            $table->text('told');
            $table->unique(['pest', 'rank']);
        });
        Schema::create('stale_cases', static function (Blueprint $table): void {
            $table->unsignedBigInteger('case_id')->primary();
        });
        Schema::create('stale_pests', static function (Blueprint $table): void {
            $table->string('pest', 60)->primary();
        });
        Schema::create('trials', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->string('content', 64)->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->string('pest', 60);
            $table->string('name', 200);
            $table->string('one', 200);
            $table->string('other', 200);
            $table->string('unit', 20);
            $table->unsignedInteger('units');
            $table->unsignedInteger('seed');
            $table->boolean('blind')->default(false);
            $table->timestamp('begun_at');
            $table->timestamp('sprayed_at')->nullable();
            $table->timestamp('ended_at')->nullable();
            $table->string('conclusion', 1000)->default('');
            $table->timestamp('taken_back_at')->nullable();
            $table->timestamps();
        });
        Schema::create('trial_looks', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->string('content', 64)->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->foreignId('trial_id')->constrained()->cascadeOnDelete();
            $table->timestamp('counted_at');
            $table->text('counts');
            $table->timestamp('taken_back_at')->nullable();
            $table->timestamps();
        });
        DB::statement('insert into stale_cases (case_id) select id from cases');
    }

    public function down(): void
    {
        throw new RuntimeException('A notebook does not go back to an earlier version: the copy that was made before is the way back.');
    }
};
