<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('stand_tests', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->foreignId('batch_id')->constrained()->cascadeOnDelete();
            $table->timestamp('tested_at');
            $table->string('result', 20);
            $table->double('seconds')->nullable();
            $table->double('height_mm')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('stand_tests');
    }
};
