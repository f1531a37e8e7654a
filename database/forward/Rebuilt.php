<?php

declare(strict_types=1);

namespace Database\Forward;

use Closure;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Changes a table that others name. SQLite makes such a table anew, and within a transaction everything that hangs on its rows would go with
 * the old one: it is laid aside before, and put back after.
 */
final class Rebuilt
{
    /** @param Closure(Blueprint): void $change */
    public static function table(string $table, Closure $change): void
    {
        $hanging = DB::getDriverName() === 'sqlite' ? self::hanging($table) : [];
        foreach ($hanging as $one) {
            DB::statement("create temp table laid_aside_{$one} as select * from {$one}");
        }
        Schema::table($table, $change);
        // Those that others name stand first.
        foreach ($hanging as $one) {
            DB::statement("insert or replace into {$one} select * from laid_aside_{$one}");
            DB::statement("drop table laid_aside_{$one}");
        }
    }

    /** @return list<string> tables that name its rows, or rows of one that does; each once, before what names it */
    private static function hanging(string $table): array
    {
        $found = [];
        $ask = [$table];
        while ($ask !== []) {
            $of = array_shift($ask);
            foreach (DB::select("select distinct m.name from sqlite_master m, pragma_foreign_key_list(m.name) f where m.type = 'table' and f.\"table\" = ?", [$of]) as $row) {
                $name = is_object($row) && isset($row->name) && is_string($row->name) ? $row->name : '';
                if ($name !== $table && $name !== $of) {
                    $found = [...array_values(array_diff($found, [$name])), $name];
                    $ask[] = $name;
                }
            }
        }

        return $found;
    }
}
