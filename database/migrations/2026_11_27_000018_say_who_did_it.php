<?php

declare(strict_types=1);

use App\Models\Who;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Several people in one household: who wrote a record down, as the device said; empty where it said nobody. */
return new class extends Migration {
    public function up(): void
    {
        foreach (Who::TABLES as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->string('who', Who::LONGEST)->default('');
            });
        }
    }

    public function down(): void
    {
        foreach (Who::TABLES as $name) {
            Schema::table($name, static fn(Blueprint $table) => $table->dropColumn('who'));
        }
    }
};
