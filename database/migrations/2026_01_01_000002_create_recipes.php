<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('recipes', static function (Blueprint $table): void {
            $table->id();
            $table->string('slug', 100)->unique();
            $table->timestamps();
        });
        // A version is never changed: what a batch was made from stays what it was.
        Schema::create('recipe_versions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('recipe_id')->constrained()->restrictOnDelete();
            $table->unsignedInteger('number');
            $table->string('name', 200);
            $table->text('document');
            $table->timestamps();
            $table->unique(['recipe_id', 'number']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('recipe_versions');
        Schema::dropIfExists('recipes');
    }
};
