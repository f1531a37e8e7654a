<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Days of a plant were kept with an hour behind them, or without: from here on as the ten characters of the day. */
return new class extends Migration {
    private const DAYS = ['bloom_from', 'bloom_until', 'harvest_on', 'sulfur_on', 'copper_on', 'oil_on'];

    public function up(): void
    {
        // Where the column has a type of its own there is no hour in it.
        foreach (DB::getDriverName() === 'sqlite' ? self::DAYS : [] as $column) {
            DB::table('plants')->whereNotNull($column)->update([$column => DB::raw("substr({$column}, 1, 10)")]);
        }
    }

    public function down(): void {}
};
