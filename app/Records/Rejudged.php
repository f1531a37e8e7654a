<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Support\Facades\DB;

/** What the rules of a newer version say otherwise than those before: of which rounds, and how often which cases are sprayed. */
final class Rejudged
{
    /** Differences that nobody would see, in percent: ours. */
    private const SAME = 0.05;

    /** @return array<int, array{outcome: string, percent: float|null}> by the number of the round */
    public static function judgements(): array
    {
        $all = [];
        foreach (DB::table('weighed_rounds')->whereNotNull('round_id')->get(['round_id', 'outcome', 'reduction']) as $row) {
            if (is_int($row->round_id) && is_string($row->outcome)) {
                $all[$row->round_id] = ['outcome' => $row->outcome, 'percent' => is_numeric($row->reduction) ? (float) $row->reduction : null];
            }
        }

        return $all;
    }

    /**
     * @param array<int, array{outcome: string, percent: float|null}> $before
     * @param array<int, array{outcome: string, percent: float|null}> $after
     *
     * @return list<array{round: int, was: array{outcome: string, percent: float|null}, now: array{outcome: string, percent: float|null}}>
     */
    public static function between(array $before, array $after): array
    {
        $changed = [];
        foreach (array_intersect_key($before, $after) as $round => $was) {
            $now = $after[$round];
            if ($was['outcome'] !== $now['outcome'] || ($was['percent'] === null) !== ($now['percent'] === null) || abs(($was['percent'] ?? 0.0) - ($now['percent'] ?? 0.0)) > self::SAME) {
                $changed[] = ['round' => $round, 'was' => $was, 'now' => $now];
            }
        }

        return $changed;
    }

    /** @return array<int, int|null> days from the last round of each open case to the next, by case; null where there is no next one */
    public static function days(): array
    {
        $all = [];
        // Before days were kept with the case, they stood with what was mixed.
        $rows = DB::select('select c.id, coalesce(c.round_days, b.repeat_days) as days from cases c join rounds r on r.id = (select l.id from rounds l where l.case_id = c.id and l.taken_back_at is null order by l.sprayed_at desc, l.id desc limit 1) left join batches b on b.id = r.batch_id where c.course_id is null and c.closed_at is null');
        foreach ($rows as $row) {
            if ($row instanceof \stdClass && is_int($row->id)) {
                $all[$row->id] = is_int($row->days) ? $row->days : null;
            }
        }

        return $all;
    }

    /** @return array<int, int|null> the same, as these rules have it */
    public static function daysNow(): array
    {
        $all = [];
        foreach (DB::table('cases')->whereIn('id', array_keys(self::days()))->get(['id', 'round_days']) as $row) {
            if (is_int($row->id)) {
                $all[$row->id] = is_int($row->round_days) ? $row->round_days : null;
            }
        }

        return $all;
    }

    /**
     * @param array<int, int|null> $before
     * @param array<int, int|null> $after
     *
     * @return list<array{case: int, was: int|null, now: int|null}>
     */
    public static function moved(array $before, array $after): array
    {
        $moved = [];
        foreach (array_intersect_key($before, $after) as $case => $was) {
            if ($was !== $after[$case]) {
                $moved[] = ['case' => $case, 'was' => $was, 'now' => $after[$case]];
            }
        }

        return $moved;
    }
}
