<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('plants', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->string('name', 200);
            $table->string('tolerance', 40);
            $table->string('place', 200)->default('');
            $table->text('notes')->default('');
            $table->timestamp('retired_at')->nullable();
            $table->timestamps();
        });
        Schema::create('sprayers', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->string('name', 200);
            $table->double('amount');
            $table->string('unit', 20);
            $table->timestamp('retired_at')->nullable();
            $table->timestamps();
        });
        Schema::create('measures', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->string('name', 200);
            $table->double('amount');
            $table->string('unit', 20);
            $table->timestamp('retired_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('measures');
        Schema::dropIfExists('sprayers');
        Schema::dropIfExists('plants');
    }
};
