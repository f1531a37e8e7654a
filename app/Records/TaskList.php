<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Round;
use App\Models\Run;
use App\Models\Watch;
use DateTimeImmutable;
use IdleMixer\Core\Schedule\CaseTasks;
use IdleMixer\Core\Schedule\MovedDate;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Schedule\TaskKind;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Words\Say;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\Relation;

/** Gathers what the records ask to be done. */
final readonly class TaskList
{
    /** A batch without what it was started from, which is long and says nothing of what is due. */
    private const WITHOUT_DOCUMENT = ['id', 'name', 'made', 'started_at', 'made_at', 'discard_at', 'discarded_at', 'used_up', 'stand_test', 'first_look_hours', 'fair_look_hours'];

    /** What comes next hangs on what was counted since the last round only. */
    private const SINCE_LAST = 'counted_at >= (select max(rounds.sprayed_at) from rounds where rounds.case_id = counts.case_id and rounds.taken_back_at is null)';

    public function __construct(private TroubleCatalogue $troubles, private CaseTrials $trials, private RoundDues $dues, private PlannedTasks $planned, private Fresh $fresh, private CoursesAhead $courses) {}

    /**
     * So many tasks, and what comes with them, in the order in which they were planned: what moved lies elsewhere in the page, never
     * on another one. Only those of the page are worked out.
     *
     * @param int $from how many of what is planned were told before
     */
    public function page(DateTimeImmutable $now, int $from, int $rows): TaskPage
    {
        $this->fresh->cases();

        $others = $this->others($now);

        return $this->worked(PlannedList::near($now, self::earliest($others)), $others, $now, $from, $rows);
    }

    /** @return list<Task> so many of all that is planned, however far off */
    public function ahead(DateTimeImmutable $now, int $rows): array
    {
        $this->fresh->cases();

        $others = $this->others($now);

        return $this->worked(PlannedList::all($now, self::earliest($others)), $others, $now, 0, $rows)->tasks;
    }

    /** @return array<string, array<int, non-empty-list<Task>>> what each course of many plants and each trial asks for, by kind */
    private function others(DateTimeImmutable $now): array
    {
        $courses = [];
        foreach ($this->courses->open($now) as $id => $laid) {
            $courses[$id] = $this->courses->tasks($id, $laid);
        }

        return ['course' => array_filter($courses, static fn(array $some): bool => $some !== []), 'trial' => array_map(static fn(Task $task): array => [$task], OpenTrials::tasks())];
    }

    /**
     * @param array<string, array<int, non-empty-list<Task>>> $others
     *
     * @return array<string, array<int, DateTimeImmutable>>
     */
    private static function earliest(array $others): array
    {
        return array_map(static fn(array $each): array => array_map(static fn(array $tasks): DateTimeImmutable => min(array_map(static fn(Task $task): DateTimeImmutable => $task->dueAt, $tasks)), $each), $others);
    }

    /**
     * @param list<array{due: string, kind: string, id: int}> $planned earliest first
     * @param array<string, array<int, non-empty-list<Task>>> $others
     */
    private function worked(array $planned, array $others, DateTimeImmutable $now, int $from, int $rows): TaskPage
    {
        $moves = TaskMoves::read();
        $tasks = [];
        $at = $from;
        while (count($tasks) < $rows && $at < count($planned)) {
            $some = array_slice($planned, $at, $rows - count($tasks));
            $at += count($some);
            array_push($tasks, ...array_values(array_filter(array_map($moves->applied(...), $this->those($some, $others, $now, $moves)))));
        }

        return new TaskPage($tasks, $at < count($planned) ? $at : null);
    }

    /**
     * @param list<array{due: string, kind: string, id: int}> $planned
     * @param array<string, array<int, non-empty-list<Task>>> $others
     *
     * @return list<Task>
     */
    private function those(array $planned, array $others, DateTimeImmutable $now, TaskMoves $moves): array
    {
        $ids = ['run' => [0], 'batch' => [0], 'test' => [0], 'case' => [0], 'watch' => [0], 'burn' => [0], 'course' => [], 'trial' => []];
        foreach ($planned as $one) {
            $ids[$one['kind']][] = $one['id'];
        }

        return [
            ...self::runs($ids['run']),
            ...self::batches($now, $ids['batch']),
            ...self::leafTests($now, LeafTest::query()->whereIn('id', $ids['test'])),
            ...$this->open($now, $moves, PestCase::query()->whereIn('id', $ids['case'])),
            ...$this->neighbours(Watch::query()->whereIn('id', $ids['watch'])),
            ...BurntPlants::tasks($ids['burn'], $now),
            ...array_merge(...array_values(array_intersect_key($others['course'], array_flip($ids['course']))), ...array_values(array_intersect_key($others['trial'], array_flip($ids['trial'])))),
        ];
    }

    /** @return list<Task> what one open case asks for */
    public function ofCase(PestCase $case, DateTimeImmutable $now): array
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
        foreach ($this->ofCase($case, $now) as $task) {
            if ($task->kind->isRound()) {
                return $task->dueAt;
            }
        }

        return null;
    }

    /**
     * @param list<int> $cases open cases of the plant
     *
     * @return list<Task> what one plant asks for
     */
    public function ofPlant(int $plant, array $cases, DateTimeImmutable $now): array
    {
        $this->fresh->cases();
        $moves = TaskMoves::read();
        $all = [
            ...self::leafTests($now, LeafTest::query()->where('plant_id', $plant)),
            ...$this->open($now, $moves, PestCase::query()->whereIn('id', $cases)),
            ...$this->neighbours(Watch::query()->whereIn('case_id', $cases)),
            ...BurntPlants::tasks([$plant], $now),
        ];

        return array_values(array_filter(array_map($moves->applied(...), $all)));
    }

    /** @return array<int, DateTimeImmutable> when each open case is sprayed next, by case; none that was sprayed for good */
    public function rounds(): array
    {
        $this->fresh->cases();
        $cases = PestCase::query()->whereNull('closed_at')->with('rounds')->get();
        $tests = PlannedTasks::tested(array_values($cases->map(static fn(PestCase $case): int => $case->plant_id)->all()));
        $due = [];
        foreach ($cases as $case) {
            $last = $case->rounds->last();
            $next = CaseTasks::sprayedNext(PlannedTasks::readyAt($case, $tests[$case->plant_id] ?? []), $last?->sprayed_at, $case->round_days);
            if ($next !== null) {
                $due[$case->id] = $next;
            }
        }
        asort($due);

        return $due;
    }

    /**
     * @param list<int> $ids
     *
     * @return list<Task> walks through the bed that are under way
     */
    private static function runs(array $ids): array
    {
        return array_values(Run::query()->whereIn('id', $ids)->with('batch:id,name')->get()->map(static fn(Run $run): Task => new Task(TaskKind::FinishRun, $run->id, $run->batch->name, $run->started_at))->all());
    }

    /**
     * @param list<int> $ids
     *
     * @return list<Task>
     */
    private static function batches(DateTimeImmutable $now, array $ids): array
    {
        $tasks = [];
        foreach (Batch::query()->whereIn('id', $ids)->get(self::WITHOUT_DOCUMENT) as $batch) {
            if ($batch->made_at === null) {
                $tasks[] = new Task(TaskKind::FinishMixing, $batch->id, $batch->name, $batch->started_at);
            } elseif ($batch->discard_at !== null) {
                $tasks[] = new Task(TaskKind::Discard, $batch->id, $batch->name, $batch->discard_at);
            }
        }

        return $tasks;
    }

    /**
     * @param Builder<LeafTest> $tests
     *
     * @return list<Task>
     */
    private static function leafTests(DateTimeImmutable $now, Builder $tests): array
    {
        $tasks = [];
        foreach ($tests->with(['readings', 'plant', 'batch:id,name'])->get() as $test) {
            $rules = FromNotebook::leafTest($test);
            // It speaks for every batch of this spray, whatever became of the one that was tested.
            if (! $rules->outcome($now)->isConcluded()) {
                $tasks[] = new Task(TaskKind::ReadLeafTest, $test->id, Say::it('records/task-list.on', ['name' => $test->batch->name, 'name-2' => $test->plant->name]), $rules->nextLookAt($now));
            }
        }

        return $tasks;
    }

    /**
     * @param Builder<PestCase> $cases
     *
     * @return list<Task>
     */
    private function open(DateTimeImmutable $now, TaskMoves $moves, Builder $cases): array
    {
        $tasks = [];
        $cases = $cases->whereNull('closed_at')->with(['plant', 'rounds.batch:' . implode(',', self::WITHOUT_DOCUMENT), 'rounds.burns', 'counts' => static fn(Relation $counts) => $counts->getBaseQuery()->whereRaw(self::SINCE_LAST)])->get();
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
            $tasks[] = $task->kind->isRound() ? self::round($task, $case, $round, $tests, $dues, $moves, $now) : $task;
        }

        return array_values(array_filter($tasks));
    }

    /**
     * @param list<LeafTest> $tests of its plant
     *
     * @return Task|null null where no more is sprayed
     */
    private static function round(Task $task, PestCase $case, ?Round $last, array $tests, RoundDues $dues, TaskMoves $moves, DateTimeImmutable $now): ?Task
    {
        $skipped = $moves->of($task->kind->value, $task->ref, $task->dueAt);
        while ($skipped !== null && $skipped->moved_to === null && $case->round_days !== null) {
            $next = $task->plannedAt()->modify("+{$case->round_days} days");
            $task = new Task($task->kind, $task->ref, $task->about, $next, $task->counted, [new MovedDate('skipped', $next, $skipped->reason)]);
            $skipped = $moves->of($task->kind->value, $task->ref, $next);
        }
        $due = $dues->of($case, $last, $task->dueAt, $last === null ? null : self::testUntil($tests, $last, $now));

        return $due->at === null ? null : $task->movedTo($due->at, ...$due->moves)->in($due->best);
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

    /**
     * @param Builder<Watch> $watches
     *
     * @return list<Task>
     */
    private function neighbours(Builder $watches): array
    {
        $tasks = [];
        $open = $watches->whereNull('cleared_at')->whereHas('plant')->whereRelation('case', 'closed_at', null);
        foreach ($open->with(['plant', 'case.plant'])->get() as $watch) {
            $about = Say::it('records/task-list.stood-next-to-which-has', ['name' => $watch->plant->name, 'name-2' => $watch->case->plant->name, 'name-3' => lcfirst($this->troubles->trouble($watch->case->pest)->name)]);
            $tasks[] = new Task(TaskKind::LookOver, $watch->id, $about, $watch->due_at, case: $watch->case_id);
        }

        return $tasks;
    }
}
