<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Courses of many plants: what is sprayed on all of them as prevention, and the looks over them; each plant has its row among the cases. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('courses', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->string('content', 64)->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->string('who', 40)->default('');
            $table->string('name', 200);
            $table->string('pest', 60)->default('');
            $table->text('methods');
            $table->unsignedInteger('every_days')->nullable();
            $table->timestamp('begun_at');
            $table->timestamp('ended_at')->nullable();
            $table->string('notes', 2000)->default('');
            $table->timestamp('taken_back_at')->nullable();
            $table->timestamps();
        });
        Schema::create('course_looks', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->string('content', 64)->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->string('who', 40)->default('');
            $table->foreignId('course_id')->constrained()->cascadeOnDelete();
            $table->timestamp('looked_at');
            $table->unsignedInteger('plants');
            $table->unsignedInteger('found');
            $table->timestamp('taken_back_at')->nullable();
            $table->timestamps();
        });
        Schema::table('batches', static function (Blueprint $table): void {
            $table->foreignId('course_id')->nullable()->constrained();
        });
        Schema::table('cases', static function (Blueprint $table): void {
            $table->foreignId('course_id')->nullable()->index()->constrained();
        });
    }

    public function down(): void
    {
        Schema::table('cases', static fn(Blueprint $table) => $table->dropIndex(['course_id']));
        foreach (['batches', 'cases'] as $name) {
            Schema::table($name, static fn(Blueprint $table) => $table->dropConstrainedForeignId('course_id'));
        }
        Schema::drop('course_looks');
        Schema::drop('courses');
    }
};
