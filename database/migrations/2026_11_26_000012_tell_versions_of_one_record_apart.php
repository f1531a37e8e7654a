<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a change was based on, and what a submission held, so that two screens never overwrite each other unseen. */
return new class extends Migration {
    private const CHANGED = ['plants', 'sprayers', 'measures', 'batches', 'leaf_tests', 'leaf_readings', 'rounds', 'counts', 'cases', 'households'];

    private const SUBMITTED = ['plants', 'sprayers', 'measures', 'batches', 'leaf_tests', 'leaf_readings', 'rounds', 'counts', 'cases', 'stand_tests'];

    public function up(): void
    {
        foreach (self::CHANGED as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->unsignedInteger('version')->default(1);
            });
        }
        foreach (self::SUBMITTED as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->string('content', 64)->nullable();
            });
        }
        foreach (DB::table('batches')->where('rescues', '!=', '{}')->get(['id', 'rescues']) as $batch) {
            $taken = array_map(static fn(mixed $one): array => ['version' => 1, 'taken' => $one], (array) json_decode(is_string($batch->rescues) ? $batch->rescues : '{}', false, 64, JSON_THROW_ON_ERROR));
            DB::table('batches')->where('id', $batch->id)->update(['rescues' => json_encode((object) $taken, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE)]);
        }
        // Which file this is: the log beside it belongs to the one that bears the same mark.
        Schema::create('notebook', static function (Blueprint $table): void {
            $table->id();
            $table->string('mark', 40);
        });
    }

    public function down(): void
    {
        throw new RuntimeException('A notebook does not go back to an earlier version: the copy that was made before is the way back.');
    }
};
