<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Several people in one household: who wrote a record down, as the device said; empty where it said nobody. */
return new class extends Migration {
    private const TABLES = [
        'batch_steps', 'batch_ticks', 'batches', 'burns', 'case_steps', 'cases', 'counts', 'eye_rounds', 'leaf_readings', 'leaf_tests', 'measures', 'plants', 'recipe_versions', 'revisions', 'rounds', 'run_taps', 'runs',
        'sprayer_events', 'sprayers', 'stand_tests', 'task_moves', 'trial_looks', 'trials', 'weather_reports',
    ];

    private const LONGEST = 40;

    public function up(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->string('who', self::LONGEST)->default('');
            });
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, static fn(Blueprint $table) => $table->dropColumn('who'));
        }
    }
};
