<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\LeafTest;
use DateTimeImmutable;
use DateTimeZone;
use IdleMixer\Core\Data\ScheduleLines;
use IdleMixer\Core\Schedule\Agenda;
use Illuminate\Support\Facades\DB;

/** What is planned, and for when, without working anything of it out. */
final class PlannedList
{
    private const NEVER = '9999-12-31T00:00:00Z';

    /** Each asks for kind, number and time. */
    private const QUESTION = <<<'SQL'
        select 'run' as kind, id, started_at as due from runs where finished_at is null
        union all select 'batch', id, coalesce(discard_at, started_at) from batches where discarded_at is null and taken_back_at is null and (made_at is null or discard_at is not null)
        union all select 'case', id, due_at from cases where course_id is null and closed_at is null and due_at is not null
        union all select 'watch', w.id, w.due_at from watches w join cases c on c.id = w.case_id join plants p on p.id = w.plant_id and p.taken_back_at is null where w.cleared_at is null and c.closed_at is null
        SQL;

    /**
     * Up to a week beyond what is shown: rain may bring a round forward.
     *
     * @param array<string, array<int, DateTimeImmutable>> $others when each course and each trial asks for something, by kind
     *
     * @return list<array{due: string, kind: string, id: int}> earliest first
     */
    public static function near(DateTimeImmutable $now, array $others): array
    {
        return self::until($now, $others, $now->modify('+' . (Agenda::HORIZON_DAYS + ScheduleLines::WEEK['value']) . ' days'));
    }

    /**
     * @param array<string, array<int, DateTimeImmutable>> $others when each course and each trial asks for something, by kind
     *
     * @return list<array{due: string, kind: string, id: int}> earliest first, however far off
     */
    public static function all(DateTimeImmutable $now, array $others): array
    {
        return self::until($now, $others, new DateTimeImmutable(self::NEVER));
    }

    /**
     * @param array<string, array<int, DateTimeImmutable>> $others
     *
     * @return list<array{due: string, kind: string, id: int}>
     */
    private static function until(DateTimeImmutable $now, array $others, DateTimeImmutable $end): array
    {
        $end = self::kept($end);
        $all = [];
        foreach (DB::select('select kind, id, due from (' . self::QUESTION . ') as planned where due <= ?', [$end]) as $row) {
            if ($row instanceof \stdClass && is_string($row->kind) && is_int($row->id) && is_string($row->due)) {
                $all[] = ['due' => $row->due, 'kind' => $row->kind, 'id' => $row->id];
            }
        }
        foreach (LeafTest::query()->with('readings')->get() as $test) {
            $rules = FromNotebook::leafTest($test);
            if (! $rules->outcome($now)->isConcluded()) {
                $all[] = ['due' => self::kept($rules->nextLookAt($now)), 'kind' => 'test', 'id' => $test->id];
            }
        }
        foreach (BurntPlants::looks($now) as $plant => $look) {
            $all[] = ['due' => self::kept($look), 'kind' => 'burn', 'id' => $plant];
        }
        foreach ($others as $kind => $dues) {
            foreach ($dues as $id => $at) {
                if (self::kept($at) <= $end) {
                    $all[] = ['due' => self::kept($at), 'kind' => $kind, 'id' => $id];
                }
            }
        }
        usort($all, static fn(array $a, array $b): int => [$a['due'], $a['kind'], $a['id']] <=> [$b['due'], $b['kind'], $b['id']]);

        return $all;
    }

    /** As the notebook keeps instants. */
    private static function kept(DateTimeImmutable $at): string
    {
        return $at->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d H:i:s');
    }
}
