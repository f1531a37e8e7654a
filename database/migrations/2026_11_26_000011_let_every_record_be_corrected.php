<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    private const RECORDS = ['plants', 'sprayers', 'measures', 'batches', 'leaf_tests', 'leaf_readings', 'rounds', 'counts'];

    public function up(): void
    {
        foreach (self::RECORDS as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->timestamp('taken_back_at')->nullable();
            });
        }
        Schema::table('plants', static function (Blueprint $table): void {
            $table->string('kind', 200)->default('');
        });
        // What a record was before each change; never changed itself.
        Schema::create('revisions', static function (Blueprint $table): void {
            $table->id();
            $table->string('record', 20);
            $table->unsignedBigInteger('record_id');
            $table->string('what', 20);
            $table->text('before');
            $table->timestamp('at');
            $table->index(['record', 'record_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('revisions');
        Schema::dropColumns('plants', ['kind']);
        foreach (self::RECORDS as $name) {
            Schema::dropColumns($name, ['taken_back_at']);
        }
    }
};
