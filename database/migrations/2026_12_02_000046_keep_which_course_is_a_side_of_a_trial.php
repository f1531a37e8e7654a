<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Each side of a trial is a course of its plants: what is sprayed on it is recorded there. Trials from before have none. */
return new class extends Migration {
    public function up(): void
    {
        // Written out: the builder would make the table anew, and the looks that belong to its rows would go with the old one.
        DB::statement('alter table courses add column trial_id integer references trials (id)');
        Schema::table('courses', static function (Blueprint $table): void {
            $table->string('side', 8)->default('');
            $table->index('trial_id');
        });
        Schema::table('cases', static fn(Blueprint $table) => $table->unsignedSmallInteger('lot')->nullable());
    }

    public function down(): void
    {
        Schema::table('courses', static function (Blueprint $table): void {
            $table->dropIndex(['trial_id']);
            $table->dropColumn(['trial_id', 'side']);
        });
        Schema::table('cases', static fn(Blueprint $table) => $table->dropColumn('lot'));
    }
};
