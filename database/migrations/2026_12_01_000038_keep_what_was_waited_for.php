<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Not to spray yet is something that is done, too: since when, until when, and who was seen eating what is there. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('waits', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->string('content', 64)->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->string('who', 40)->default('');
            $table->foreignId('case_id')->index()->constrained()->cascadeOnDelete();
            $table->timestamp('begun_at');
            $table->timestamp('look_at');
            $table->string('because', 40);
            $table->text('seen')->nullable();
            $table->timestamp('taken_back_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::drop('waits');
    }
};
