<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Remembers whose evidence is to be weighed anew, and which courses are to be laid anew, because something that they hang on was written. */
final class Stale
{
    /** Of a batch, what its rounds hang on. */
    private const OF_A_BATCH = ['made', 'name', 'made_at', 'stand_test', 'first_look_hours', 'fair_look_hours', 'taken_back_at'];

    public static function mark(Kept $saved): void
    {
        match (true) {
            $saved instanceof PestCase => self::case($saved->id),
            $saved instanceof Count, $saved instanceof Round, $saved instanceof Wait => self::case($saved->case_id),
            $saved instanceof Burn => self::cases('case_id', DB::table('rounds')->where('id', $saved->round_id)),
            $saved instanceof Batch => $saved->wasRecentlyCreated || ! $saved->wasChanged(self::OF_A_BATCH) ? null : self::cases('case_id', DB::table('rounds')->where('batch_id', $saved->id)),
            $saved instanceof Plant => self::ofItself($saved),
            $saved instanceof Course => self::course($saved->id),
            $saved instanceof CourseLook => self::course($saved->course_id),
            // Where it grows, the days that one has, what one's own sprays are made of: each course may hang on it.
            $saved instanceof Garden, $saved instanceof WeatherReport, $saved instanceof Household, $saved instanceof Recipe, $saved instanceof RecipeVersion => self::everyCourse(),
            // One that has just begun says nothing yet.
            $saved instanceof LeafTest => $saved->wasRecentlyCreated ? self::plant($saved->plant_id) : self::test($saved->plant_id),
            $saved instanceof LeafReading => self::test(LeafTest::query()->withoutGlobalScopes()->find($saved->leaf_test_id)->plant_id ?? 0),
            default => null,
        };
    }

    public static function case(int $id): void
    {
        DB::table('stale_cases')->insertOrIgnore(['case_id' => $id]);
        self::courses('id', [$id]);
    }

    public static function everything(): void
    {
        self::cases('id', DB::table('cases'));
        self::everyCourse();
    }

    private static function everyCourse(): void
    {
        DB::table('course_dues')->delete();
    }

    private static function course(int $id): void
    {
        DB::table('course_dues')->where('course_id', $id)->delete();
    }

    /**
     * The courses of their plants, whatever else is on these: what is said of a plant on its own account holds it back there, too.
     *
     * @param string            $column of cases
     * @param list<int>|Builder $of
     */
    private static function courses(string $column, array|Builder $of): void
    {
        $plants = DB::table('cases')->whereIn($column, $of)->select('plant_id');
        DB::table('course_dues')->whereIn('course_id', DB::table('cases')->whereNotNull('course_id')->whereIn('plant_id', $plants)->select('course_id'))->delete();
    }

    /** A new one is on nothing yet; evidence names plants, and courses hang on how they stand. */
    private static function ofItself(Plant $plant): void
    {
        match (true) {
            $plant->wasRecentlyCreated => null,
            $plant->wasChanged('name') => self::plant($plant->id),
            default => self::courses('plant_id', [$plant->id]),
        };
    }

    /** What a leaf said counts for every pest that the spray was used on; when the cases of its plant are sprayed hangs on it, too. */
    private static function test(int $plant): void
    {
        self::plant($plant);
        DB::table('stale_pests')->insertOrIgnoreUsing(['pest'], DB::table('weighed_rounds')->select('pest')->distinct());
    }

    private static function plant(int $id): void
    {
        self::cases('id', DB::table('cases')->where('plant_id', $id));
    }

    /** @param string $column that names the case */
    private static function cases(string $column, Builder $rows): void
    {
        DB::table('stale_cases')->insertOrIgnoreUsing(['case_id'], $rows->select($column));
        self::courses('id', $rows);
    }
}
