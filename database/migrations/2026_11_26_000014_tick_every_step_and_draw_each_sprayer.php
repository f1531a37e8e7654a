<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Steps without spoons are ticked, too; a sprayer has a shape, a used-up bottle is told from one that was poured away, and a plant may have its picture. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('batch_steps', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('batch_id')->constrained();
            $table->unsignedInteger('load');
            $table->unsignedInteger('number');
            $table->timestamp('ticked_at');
            $table->unique(['batch_id', 'load', 'number']);
        });
        Schema::create('plant_pictures', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plant_id')->unique()->constrained();
            $table->text('picture');
            $table->timestamp('taken_at');
        });
        Schema::table('sprayers', static function (Blueprint $table): void {
            $table->string('shape')->default('');
        });
        Schema::table('batches', static function (Blueprint $table): void {
            $table->boolean('used_up')->default(false);
        });
    }

    public function down(): void
    {
        throw new RuntimeException('A notebook does not go back to an earlier version: the copy that was made before is the way back.');
    }
};
