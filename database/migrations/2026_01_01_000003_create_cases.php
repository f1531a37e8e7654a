<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('cases', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->foreignId('plant_id')->constrained()->restrictOnDelete();
            $table->string('pest', 40);
            $table->timestamp('opened_at');
            $table->timestamp('closed_at')->nullable();
            $table->string('conclusion', 1000)->default('');
            $table->text('notes')->default('');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('cases');
    }
};
