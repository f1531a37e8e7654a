<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Facades\DB;

/** Remembers whose evidence is to be weighed anew, because something that it hangs on was written. */
final class Stale
{
    /** Of a batch, what its rounds hang on. */
    private const OF_A_BATCH = ['made', 'name', 'made_at', 'stand_test', 'first_look_hours', 'fair_look_hours', 'repeat_days', 'taken_back_at'];

    public static function mark(Correctable $saved): void
    {
        match (true) {
            $saved instanceof Count, $saved instanceof Round => self::case($saved->case_id),
            $saved instanceof Burn => self::cases('select case_id from rounds where id = ?', $saved->round_id),
            $saved instanceof Batch => $saved->wasRecentlyCreated || ! $saved->wasChanged(self::OF_A_BATCH) ? null : self::cases('select case_id from rounds where batch_id = ?', $saved->id),
            $saved instanceof Plant => $saved->wasChanged('name') ? self::cases('select id from cases where plant_id = ?', $saved->id) : null,
            $saved instanceof LeafTest => self::test($saved->plant_id),
            $saved instanceof LeafReading => self::test(LeafTest::query()->withoutGlobalScopes()->find($saved->leaf_test_id)->plant_id ?? 0),
            default => null,
        };
    }

    public static function case(int $id): void
    {
        DB::insert('insert or ignore into stale_cases (case_id) values (?)', [$id]);
    }

    public static function everything(): void
    {
        DB::insert('insert or ignore into stale_cases (case_id) select id from cases');
    }

    /** What a leaf said counts for every pest that the spray was used on; when the cases of its plant are sprayed hangs on it, too. */
    private static function test(int $plant): void
    {
        self::cases('select id from cases where plant_id = ?', $plant);
        DB::insert('insert or ignore into stale_pests (pest) select distinct pest from weighed_rounds');
    }

    private static function cases(string $which, int $of): void
    {
        DB::insert("insert or ignore into stale_cases (case_id) {$which}", [$of]);
    }
}
