<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Leaves that burnt are photographed where they were never tested, too. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('burn_photos', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('burn_id')->unique()->constrained()->cascadeOnDelete();
            $table->text('picture');
            $table->timestamp('taken_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('burn_photos');
    }
};
