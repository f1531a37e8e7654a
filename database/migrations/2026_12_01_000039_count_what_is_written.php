<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How often something was written, so that what was answered since can be told again. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('notebook', static function (Blueprint $table): void {
            $table->unsignedBigInteger('written')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('notebook', static fn(Blueprint $table) => $table->dropColumn('written'));
    }
};
