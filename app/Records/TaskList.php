<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Run;
use App\Models\Watch;
use DateTimeImmutable;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Schedule\TaskKind;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Words\Say;
use Illuminate\Database\Eloquent\Builder;

/** Gathers what the records ask to be done. */
final readonly class TaskList
{
    public function __construct(private TroubleCatalogue $troubles, private CasesAsk $cases, private Fresh $fresh, private CoursesAhead $courses, private CourseDues $dues) {}

    /**
     * So many tasks, and what comes with them, in the order in which they were planned: what moved lies elsewhere in the page, never
     * on another one. Only those of the page are worked out.
     *
     * @param int $from how many of what is planned were told before
     */
    public function page(DateTimeImmutable $now, int $from, int $rows): TaskPage
    {
        $this->fresh->cases();

        $trials = OpenTrials::tasks();

        return $this->worked(PlannedList::near($now, $this->others($trials, $now)), $trials, $now, $from, $rows);
    }

    /** @return list<Task> so many of all that is planned, however far off */
    public function ahead(DateTimeImmutable $now, int $rows): array
    {
        $this->fresh->cases();

        $trials = OpenTrials::tasks();

        return $this->worked(PlannedList::all($now, $this->others($trials, $now)), $trials, $now, 0, $rows)->tasks;
    }

    /**
     * @param array<int, Task> $trials what each trial asks for
     *
     * @return array<string, array<int, DateTimeImmutable>> when each course of many plants and each trial asks for something, by kind
     */
    private function others(array $trials, DateTimeImmutable $now): array
    {
        return ['course' => $this->dues->at($now), 'trial' => array_map(static fn(Task $task): DateTimeImmutable => $task->dueAt, $trials)];
    }

    /**
     * @param list<array{due: string, kind: string, id: int}> $planned earliest first
     * @param array<int, Task>                                $trials  what each trial asks for
     */
    private function worked(array $planned, array $trials, DateTimeImmutable $now, int $from, int $rows): TaskPage
    {
        $moves = TaskMoves::read();
        $tasks = [];
        $at = $from;
        while (count($tasks) < $rows && $at < count($planned)) {
            $some = array_slice($planned, $at, $rows - count($tasks));
            $at += count($some);
            array_push($tasks, ...array_values(array_filter(array_map($moves->applied(...), $this->those($some, $trials, $now, $moves)))));
        }

        return new TaskPage($tasks, $at < count($planned) ? $at : null);
    }

    /**
     * @param list<array{due: string, kind: string, id: int}> $planned
     * @param array<int, Task>                                $trials  what each trial asks for
     *
     * @return list<Task>
     */
    private function those(array $planned, array $trials, DateTimeImmutable $now, TaskMoves $moves): array
    {
        $ids = ['run' => [0], 'batch' => [0], 'test' => [0], 'case' => [0], 'watch' => [0], 'burn' => [0], 'course' => [], 'trial' => []];
        foreach ($planned as $one) {
            $ids[$one['kind']][] = $one['id'];
        }

        return [
            ...self::runs($ids['run']),
            ...self::batches($now, $ids['batch']),
            ...self::leafTests($now, LeafTest::query()->whereIn('id', $ids['test'])),
            ...$this->cases->open($now, $moves, PestCase::query()->whereIn('id', $ids['case'])),
            ...$this->neighbours(Watch::query()->whereIn('id', $ids['watch'])),
            ...BurntPlants::tasks($ids['burn'], $now),
            ...$this->ofCourses($ids['course'], $now),
            ...array_values(array_intersect_key($trials, array_flip($ids['trial']))),
        ];
    }

    /**
     * @param list<int> $plants
     *
     * @return list<Task> what some plants ask for
     */
    public function ofPlants(array $plants, DateTimeImmutable $now): array
    {
        return $this->asked($plants, PestCase::query()->whereIn('plant_id', $plants), Watch::query()->whereIn('plant_id', $plants), $now);
    }

    /**
     * @param list<int> $cases open cases of the plant
     *
     * @return list<Task> what one plant asks for, and its neighbours on its account
     */
    public function ofPlant(int $plant, array $cases, DateTimeImmutable $now): array
    {
        return $this->asked([$plant], PestCase::query()->whereIn('id', $cases), Watch::query()->whereIn('case_id', $cases), $now);
    }

    /**
     * @param list<int>         $plants
     * @param Builder<PestCase> $cases
     * @param Builder<Watch>    $watches
     *
     * @return list<Task>
     */
    private function asked(array $plants, Builder $cases, Builder $watches, DateTimeImmutable $now): array
    {
        $this->fresh->cases();
        $moves = TaskMoves::read();
        $all = [
            ...self::leafTests($now, LeafTest::query()->whereIn('plant_id', $plants)),
            ...$this->cases->open($now, $moves, $cases),
            ...$this->neighbours($watches),
            ...BurntPlants::tasks($plants, $now),
        ];

        return array_values(array_filter(array_map($moves->applied(...), $all)));
    }

    /**
     * @param list<int> $ids
     *
     * @return list<Task>
     */
    private function ofCourses(array $ids, DateTimeImmutable $now): array
    {
        $laid = $ids === [] ? [] : $this->courses->open($now, $ids);

        return array_merge(...array_map($this->courses->tasks(...), array_keys($laid), array_values($laid)));
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
        foreach (Batch::query()->whereIn('id', $ids)->get(CasesAsk::WITHOUT_DOCUMENT) as $batch) {
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
                $tasks[] = new Task(TaskKind::ReadLeafTest, $test->id, Say::it('records/task-list.on', ['name' => $test->batch->name, 'name-2' => $test->plant->name]), $rules->nextLookAt($now), plant: $test->plant_id);
            }
        }

        return $tasks;
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
            $tasks[] = new Task(TaskKind::LookOver, $watch->id, $about, $watch->due_at, case: $watch->case_id, plant: $watch->plant_id);
        }

        return $tasks;
    }
}
