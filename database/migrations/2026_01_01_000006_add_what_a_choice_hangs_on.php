<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('plants', static function (Blueprint $table): void {
            $table->boolean('bears_no_oil')->default(false);
            $table->boolean('indoors')->default(false);
            $table->string('size', 200)->default('');
            $table->date('bloom_from')->nullable();
            $table->date('bloom_until')->nullable();
            $table->date('harvest_on')->nullable();
        });
        Schema::table('cases', static function (Blueprint $table): void {
            // What was last said of plant, place and cupboard for this case, as it was sent.
            $table->text('situation')->nullable();
        });
        Schema::create('case_steps', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('case_id')->constrained()->cascadeOnDelete();
            $table->string('step', 40);
            $table->timestamp('done_at');
            $table->unique(['case_id', 'step']);
        });
        Schema::create('watches', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('case_id')->constrained()->cascadeOnDelete();
            $table->foreignId('plant_id')->constrained()->cascadeOnDelete();
            $table->timestamp('due_at');
            $table->timestamp('looked_at')->nullable();
            $table->unique(['case_id', 'plant_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('watches');
        Schema::dropIfExists('case_steps');
        Schema::table('cases', static fn(Blueprint $table) => $table->dropColumn('situation'));
        Schema::table('plants', static fn(Blueprint $table) => $table->dropColumn(['bears_no_oil', 'indoors', 'size', 'bloom_from', 'bloom_until', 'harvest_on']));
    }
};
