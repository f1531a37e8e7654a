<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Round;
use DateInterval;
use DateTimeImmutable;
use IdleMixer\Core\Schedule\CaseTasks;
use IdleMixer\Core\Schedule\MovedDate;
use IdleMixer\Core\Schedule\Task;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\Relation;

/** What open cases ask for, as weather, counts, tests and people move it. */
final readonly class CasesAsk
{
    /** A batch without what it was started from, which is long and says nothing of what is due. */
    public const WITHOUT_DOCUMENT = ['id', 'name', 'made', 'started_at', 'made_at', 'discard_at', 'discarded_at', 'used_up', 'stand_test', 'first_look_hours', 'fair_look_hours'];

    /** What comes next hangs on what was counted since the last round only. */
    private const SINCE_LAST = 'counted_at >= (select max(rounds.sprayed_at) from rounds where rounds.case_id = counts.case_id and rounds.taken_back_at is null)';

    public function __construct(private CaseTrials $trials, private RoundDues $dues, private PlannedTasks $planned, private Fresh $fresh, private RoundDates $wanted) {}

    /** @return list<Task> what one open case asks for */
    public function of(PestCase $case, DateTimeImmutable $now): array
    {
        $this->weighed($case);
        $moves = TaskMoves::read();
        $all = $this->one($case, PlannedTasks::tested([$case->plant_id])[$case->plant_id] ?? [], $this->dues->at($now, [$case->id]), $moves, $now);

        return array_values(array_filter(array_map($moves->applied(...), $all)));
    }

    /** Days between its rounds hang on what was counted: they are reckoned before they are told. */
    private function weighed(PestCase $case): void
    {
        $this->fresh->cases();
        $weighed = PestCase::query()->findOrFail($case->id, ['id', 'pressure', 'round_days']);
        $case->pressure = $weighed->pressure;
        $case->round_days = $weighed->round_days;
    }

    /** When a case is sprayed next, as Today has it; null where no more is sprayed. */
    public function nextRound(PestCase $case, DateTimeImmutable $now): ?DateTimeImmutable
    {
        foreach ($this->of($case, $now) as $task) {
            if ($task->kind->isRound()) {
                return $task->dueAt;
            }
        }

        return null;
    }

    /** @return array<int, DateTimeImmutable> when each open case is sprayed next, by case; none that was sprayed for good */
    public function rounds(): array
    {
        $this->fresh->cases();
        $cases = PestCase::query()->whereNull('closed_at')->with(['rounds', 'openWaits'])->get();
        $tests = PlannedTasks::tested(array_values($cases->map(static fn(PestCase $case): int => $case->plant_id)->all()));
        $due = [];
        foreach ($cases as $case) {
            $last = $case->rounds->last();
            $next = CaseTasks::sprayedNext(PlannedTasks::readyAt($case, $tests[$case->plant_id] ?? []), $last?->sprayed_at, $case->round_days, WaitBook::of($case), $this->wanted->next($case));
            if ($next !== null) {
                $due[$case->id] = $next;
            }
        }
        asort($due);

        return $due;
    }

    /**
     * @param Builder<PestCase> $cases
     *
     * @return list<Task>
     */
    public function open(DateTimeImmutable $now, TaskMoves $moves, Builder $cases): array
    {
        $tasks = [];
        $cases = $cases->whereNull('closed_at')->with(['plant', 'rounds.batch:' . implode(',', self::WITHOUT_DOCUMENT), 'rounds.burns', 'openWaits', 'counts' => static fn(Relation $counts) => $counts->getBaseQuery()->whereRaw(self::SINCE_LAST)])->get();
        $tests = PlannedTasks::tested(array_values($cases->map(static fn(PestCase $case): int => $case->plant_id)->all()));
        $dues = $this->dues->at($now, array_values($cases->map(static fn(PestCase $case): int => $case->id)->all()));
        foreach ($cases as $case) {
            array_push($tasks, ...$this->one($case, $tests[$case->plant_id] ?? [], $dues, $moves, $now));
        }

        return $tasks;
    }

    /**
     * @param list<LeafTest> $tests of its plant
     *
     * @return list<Task>
     */
    private function one(PestCase $case, array $tests, RoundDues $dues, TaskMoves $moves, DateTimeImmutable $now): array
    {
        $round = $case->rounds->last();
        $tasks = [];
        foreach ($this->planned->of($case, $this->trials->of($case), $tests) as $task) {
            $tasks[] = $task->kind->isRound() ? $this->round($task, $case, $round, $tests, $dues, $moves, $now) : $task;
        }

        return array_values(array_map(static fn(Task $task): Task => $task->onPlant($case->plant_id), array_filter($tasks)));
    }

    /**
     * @param list<LeafTest> $tests of its plant
     *
     * @return Task|null null where no more is sprayed
     */
    private function round(Task $task, PestCase $case, ?Round $last, array $tests, RoundDues $dues, TaskMoves $moves, DateTimeImmutable $now): ?Task
    {
        $skipped = $moves->of($task->kind->value, $task->ref, $task->dueAt);
        while ($skipped !== null && $skipped->moved_to === null) {
            $next = $this->wanted->after($case, $task->plannedAt()) ?? ($case->round_days === null ? null : $task->plannedAt()->add(new DateInterval("P{$case->round_days}D")));
            if ($next === null) {
                break;
            }
            $task = new Task($task->kind, $task->ref, $task->about, $next, $task->counted, [new MovedDate('skipped', $next, $skipped->reason)]);
            $skipped = $moves->of($task->kind->value, $task->ref, $next);
        }
        $due = $dues->of($case, $last, $task->dueAt, $last === null ? null : self::testUntil($tests, $last, $now));

        return $due->at === null ? null : $task->movedTo($due->at, ...$due->moves)->in($due->best, $due->hours);
    }

    /**
     * Until when a leaf test runs that was begun after the last round.
     *
     * @param list<LeafTest> $tests of its plant
     */
    private static function testUntil(array $tests, Round $last, DateTimeImmutable $now): ?DateTimeImmutable
    {
        $until = null;
        foreach ($tests as $test) {
            $rules = FromNotebook::leafTest($test);
            if ($test->applied_at > $last->sprayed_at && ! $rules->outcome($now)->isConcluded()) {
                $until = max($until ?? $rules->dueAt(), $rules->dueAt());
            }
        }

        return $until;
    }
}
