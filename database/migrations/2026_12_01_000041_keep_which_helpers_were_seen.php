<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A count says which natural enemies were seen, and how many; before it said only whether there were any. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('counts', static fn(Blueprint $table) => $table->renameColumn('helpers', 'helped'));
        Schema::table('counts', static fn(Blueprint $table) => $table->text('helpers')->nullable());
        DB::table('counts')->where('helped', true)->update(['helpers' => '{"others":null}']);
        DB::table('counts')->where('helped', false)->update(['helpers' => '{}']);
        Schema::table('counts', static fn(Blueprint $table) => $table->dropColumn('helped'));
    }

    public function down(): void
    {
        Schema::table('counts', static fn(Blueprint $table) => $table->renameColumn('helpers', 'named'));
        Schema::table('counts', static fn(Blueprint $table) => $table->boolean('helpers')->nullable());
        DB::table('counts')->whereNotNull('named')->update(['helpers' => DB::raw("named <> '{}'")]);
        Schema::table('counts', static fn(Blueprint $table) => $table->dropColumn('named'));
    }
};
