<?php

declare(strict_types=1);

use IdleMixer\Core\Data\LeafLines;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A leaf test has a ladder, leaves beside it and shares in place of words; a round tells why it went without proof, and what burnt after it. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('leaf_tests', static function (Blueprint $table): void {
            $table->string('rungs', 40)->default('1');
            $table->boolean('controls')->default(false);
            $table->string('shape', 20)->default('oval');
            $table->string('marks', 500)->default('');
        });
        Schema::table('leaf_readings', static function (Blueprint $table): void {
            $table->renameColumn('reactions', 'leaves');
        });
        Schema::table('leaf_readings', static function (Blueprint $table): void {
            $table->string('weather', 200)->default('');
        });
        foreach (DB::table('leaf_readings')->get(['id', 'leaves']) as $reading) {
            DB::table('leaf_readings')->where('id', $reading->id)->update(['leaves' => self::measured($reading->leaves)]);
        }
        foreach (DB::table('revisions')->where('record', 'leaf_readings')->get(['id', 'before']) as $revision) {
            $before = json_decode(is_string($revision->before) ? $revision->before : '{}', true, 64, JSON_THROW_ON_ERROR);
            if (is_array($before) && array_key_exists('reactions', $before)) {
                $before['leaves'] = self::measured($before['reactions']);
                unset($before['reactions']);
                DB::table('revisions')->where('id', $revision->id)->update(['before' => json_encode($before, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)]);
            }
        }
        Schema::table('rounds', static function (Blueprint $table): void {
            $table->string('override', 500)->default('');
        });
        Schema::table('batches', static function (Blueprint $table): void {
            $table->boolean('for_leaf_test')->default(false);
        });
        Schema::create('burns', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->string('content', 64)->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->foreignId('round_id')->constrained()->cascadeOnDelete();
            $table->timestamp('seen_at');
            $table->double('share');
            $table->string('kinds', 200)->default('');
            $table->string('special', 200)->default('');
            $table->string('notes', 1000)->default('');
            $table->timestamp('taken_back_at')->nullable();
            $table->timestamps();
        });
        Schema::create('leaf_photos', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('leaf_test_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('leaf');
            $table->boolean('before');
            $table->text('picture');
            $table->timestamp('taken_at');
            $table->unique(['leaf_test_id', 'leaf', 'before']);
        });
        Schema::create('eye_rounds', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->string('content', 64)->nullable();
            $table->unsignedBigInteger('seed');
            $table->string('shape', 20);
            $table->text('guesses');
            $table->timestamp('guessed_at');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        throw new RuntimeException('A notebook does not go back to an earlier version: the copy that was made before is the way back.');
    }

    /** Words of older looks as the shares they stand for. */
    private static function measured(mixed $words): string
    {
        $leaves = [];
        foreach (explode(' ', is_string($words) ? $words : '') as $n => $word) {
            $share = LeafLines::OLD_WORDS['value'][$word] ?? 0.0;
            $leaves[] = ['leaf' => $n + 1, 'share' => $share, 'low' => $share, 'high' => $share, 'kinds' => [], 'lost' => false, 'from' => 'word', 'spots' => []];
        }

        return json_encode($leaves, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }
};
