<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Hours, days, numbers and the weather as the household writes them; null where nobody said, and each device proposes its own. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('households', static function (Blueprint $table): void {
            $table->text('writes')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('households', static function (Blueprint $table): void {
            $table->dropColumn('writes');
        });
    }
};
