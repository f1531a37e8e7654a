<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\PestCase;
use IdleMixer\Core\Evidence\Waited;
use IdleMixer\Core\Evidence\WaitOutcome;
use IdleMixer\Core\Schedule\Waiting;
use Illuminate\Support\Facades\DB;

/** What was waited for, and what came of it. */
final class WaitBook
{
    /** The counts next to a time of waiting: the last before it, and the first after it that came before any round. */
    private const TIMES = <<<'SQL'
        select c.pest, w.seen,
            (select value from counts n where n.case_id = w.case_id and n.taken_back_at is null and not n.untreated and n.counted_at <= w.begun_at order by n.counted_at desc, n.id desc limit 1) as before,
            (select value from counts n where n.case_id = w.case_id and n.taken_back_at is null and not n.untreated and n.counted_at > w.begun_at
                and not exists (select 1 from rounds r where r.case_id = w.case_id and r.taken_back_at is null and r.sprayed_at > w.begun_at and r.sprayed_at <= n.counted_at)
                order by n.counted_at, n.id limit 1) as after
        from waits w join cases c on c.id = w.case_id where w.taken_back_at is null order by c.pest, w.begun_at
        SQL;

    /** Null where nobody waits. */
    public static function of(PestCase $case): ?Waiting
    {
        $last = $case->loadMissing('openWaits')->openWaits->last();

        return $last === null ? null : new Waiting($last->look_at);
    }

    /** @return array<string, Waited> by trouble */
    public static function results(): array
    {
        $times = [];
        foreach (DB::select(self::TIMES) as $row) {
            $row = (array) $row;
            $number = static fn(mixed $value): ?float => is_numeric($value) ? (float) $value : null;
            $pest = is_string($row['pest'] ?? null) ? $row['pest'] : '';
            $times[$pest][] = [WaitOutcome::of($number($row['before'] ?? null), $number($row['after'] ?? null)), ($row['seen'] ?? null) !== null];
        }

        return array_map(Waited::of(...), $times);
    }
}
