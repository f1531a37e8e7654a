<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Reckoned from the records and the weather of an hour: nothing of it is written down by anybody, and it is made anew at any time. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('course_dues', static function (Blueprint $table): void {
            $table->foreignId('course_id')->primary()->constrained()->cascadeOnDelete();
            $table->timestamp('hour');
            $table->timestamp('due_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('course_dues');
    }
};
