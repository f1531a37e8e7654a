<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/** Bottles, bags and cartons that stand in the house; what was ticked of the cupboard last becomes one bottle each. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('shelf_bottles', static function (Blueprint $table): void {
            $table->id();
            $table->uuid('submission')->unique();
            $table->string('content', 64)->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->string('who', 40)->default('');
            $table->string('words', 200);
            $table->string('ingredient', 60);
            $table->double('strength')->nullable();
            $table->double('amount')->nullable();
            $table->string('unit', 20)->nullable();
            $table->unsignedInteger('tenths')->nullable();
            $table->timestamp('said_at');
            $table->date('opened_on')->nullable();
            $table->double('price')->nullable();
            $table->timestamp('retired_at')->nullable();
            $table->timestamp('taken_back_at')->nullable();
            $table->timestamps();
        });
        $said = DB::table('cases')->whereNotNull('situation')->orderByDesc('updated_at')->orderByDesc('id')->pluck('situation');
        foreach ($said as $one) {
            $told = is_string($one) ? json_decode($one, true) : null;
            $cupboard = is_array($told) ? $told['cupboard'] ?? null : null;
            if (is_array($cupboard)) {
                foreach (array_unique(array_filter($cupboard, is_string(...))) as $slug) {
                    DB::table('shelf_bottles')->insert(['submission' => Str::uuid()->toString(), 'words' => str_replace('-', ' ', $slug), 'ingredient' => $slug, 'said_at' => now(), 'created_at' => now(), 'updated_at' => now()]);
                }

                return;
            }
        }
    }

    public function down(): void
    {
        Schema::drop('shelf_bottles');
    }
};
