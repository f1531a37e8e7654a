<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How far a plant is in its year, when it was dry or moved, whether it is wounded or eaten raw: said once, with its day. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('plants', static function (Blueprint $table): void {
            $table->string('stage')->nullable();
            $table->date('stage_on')->nullable();
            $table->date('dry_on')->nullable();
            $table->date('moved_on')->nullable();
            $table->boolean('wounded')->default(false);
            $table->boolean('eaten_raw')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('plants', static function (Blueprint $table): void {
            $table->dropColumn(['stage', 'stage_on', 'dry_on', 'moved_on', 'wounded', 'eaten_raw']);
        });
    }
};
