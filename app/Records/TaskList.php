<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\Count;
use App\Models\LeafTest;
use App\Models\PestCase;
use App\Models\Round;
use App\Models\Watch;
use DateTimeImmutable;
use IdleMixer\Core\Batch\BatchStatus;
use IdleMixer\Core\Schedule\CaseTasks;
use IdleMixer\Core\Schedule\RoundDone;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Schedule\TaskKind;
use IdleMixer\Core\Trouble\TroubleCatalogue;

/** Gathers what the records ask to be done. */
final readonly class TaskList
{
    /** A batch without what it was started from, which is long and says nothing of what is due. */
    private const WITHOUT_DOCUMENT = ['id', 'name', 'made', 'started_at', 'made_at', 'discard_at', 'discarded_at', 'used_up', 'stand_test', 'first_look_hours', 'fair_look_hours', 'repeat_days'];

    public function __construct(private TroubleCatalogue $troubles, private CaseTrials $trials) {}

    /** @return list<Task> */
    public function all(DateTimeImmutable $now): array
    {
        return [...$this->batches($now), ...$this->leafTests($now), ...$this->cases(), ...$this->neighbours()];
    }

    /** @return list<Task> what one open case asks for */
    public function ofCase(PestCase $case): array
    {
        return $this->one($case, self::lastRounds($case)[$case->id] ?? null, self::tested([$case->plant_id])[$case->plant_id] ?? []);
    }

    /** @return array<int, DateTimeImmutable> when each open case is sprayed next, by case; none that was sprayed for good */
    public function rounds(): array
    {
        $cases = PestCase::query()->whereNull('closed_at')->with('rounds.batch:id,repeat_days')->get();
        $tests = self::tested(array_values($cases->map(static fn(PestCase $case): int => $case->plant_id)->all()));
        $due = [];
        foreach ($cases as $case) {
            $last = $case->rounds->last();
            $next = CaseTasks::sprayedNext(self::readyAt($case, $tests[$case->plant_id] ?? []), $last?->sprayed_at, $last?->batch->repeat_days);
            if ($next !== null) {
                $due[$case->id] = $next;
            }
        }
        asort($due);

        return $due;
    }

    /** @return list<Task> */
    private function batches(DateTimeImmutable $now): array
    {
        $tasks = [];
        foreach (Batch::query()->whereNull('discarded_at')->get(self::WITHOUT_DOCUMENT) as $batch) {
            $status = BatchBook::state($batch)->status($now);
            if ($status === BatchStatus::Mixing) {
                $tasks[] = new Task(TaskKind::FinishMixing, $batch->id, $batch->name, $batch->started_at);
            } elseif ($batch->discard_at !== null) {
                $tasks[] = new Task(TaskKind::Discard, $batch->id, $batch->name, $batch->discard_at);
            }
        }

        return $tasks;
    }

    /** @return list<Task> */
    private function leafTests(DateTimeImmutable $now): array
    {
        $tasks = [];
        foreach (LeafTest::query()->with(['readings', 'plant', 'batch:id,name'])->get() as $test) {
            $rules = FromNotebook::leafTest($test);
            // It speaks for every batch of this spray, whatever became of the one that was tested.
            if (! $rules->outcome($now)->isConcluded()) {
                $tasks[] = new Task(TaskKind::ReadLeafTest, $test->id, "{$test->batch->name} on {$test->plant->name}", $rules->dueAt());
            }
        }

        return $tasks;
    }

    /** @return list<Task> */
    private function cases(): array
    {
        $tasks = [];
        $cases = PestCase::query()->whereNull('closed_at')->with(['plant', 'rounds.batch:' . implode(',', self::WITHOUT_DOCUMENT), 'counts'])->get();
        $last = self::lastRounds(...$cases->all());
        $tests = self::tested(array_values($cases->map(static fn(PestCase $case): int => $case->plant_id)->all()));
        foreach ($cases as $case) {
            array_push($tasks, ...$this->one($case, $last[$case->id] ?? null, $tests[$case->plant_id] ?? []));
        }

        return $tasks;
    }

    /**
     * @param list<LeafTest> $tests of its plant
     *
     * @return list<Task>
     */
    private function one(PestCase $case, ?Round $round, array $tests): array
    {
        $trial = $round === null ? null : ($this->trials->of($case)[$round->id] ?? null);
        $done = $round === null || $trial === null ? null : new RoundDone(
            $round->sprayed_at,
            $round->batch->first_look_hours,
            $round->batch->fair_look_hours,
            $round->batch->repeat_days,
            self::countedSince($case, $round)?->counted_at,
            $trial->isLookedAt(),
        );
        $trouble = $this->troubles->trouble($case->pest);

        return CaseTasks::of($case->id, "{$trouble->name} on {$case->plant->name}", self::readyAt($case, $tests), $done, $trouble->counted, $round?->batch_id);
    }

    /** The last count of what was sprayed. */
    private static function countedSince(PestCase $case, Round $round): ?Count
    {
        return $case->counts->filter(static fn(Count $count): bool => ! $count->untreated && $count->counted_at >= $round->sprayed_at)->last();
    }

    /** @return array<int, Round> the last round of each case, by case */
    private static function lastRounds(PestCase ...$cases): array
    {
        $last = [];
        foreach ($cases as $case) {
            $round = $case->rounds->last();
            if ($round !== null) {
                $last[$case->id] = $round;
            }
        }

        return $last;
    }

    /** @return list<Task> */
    private function neighbours(): array
    {
        $tasks = [];
        foreach (Watch::query()->whereNull('cleared_at')->with(['plant', 'case.plant'])->get() as $watch) {
            if ($watch->case->closed_at === null) {
                $about = "{$watch->plant->name}: it stood next to {$watch->case->plant->name}, which has " . lcfirst($this->troubles->trouble($watch->case->pest)->name);
                $tasks[] = new Task(TaskKind::LookOver, $watch->case_id, $about, $watch->due_at);
            }
        }

        return $tasks;
    }

    /** @param list<LeafTest> $tests of its plant */
    private static function readyAt(PestCase $case, array $tests): DateTimeImmutable
    {
        $ready = $case->opened_at;
        foreach ($tests as $test) {
            $due = FromNotebook::leafTest($test)->dueAt();
            $ready = $test->applied_at >= $case->opened_at && $due > $ready ? $due : $ready;
        }

        return $ready;
    }

    /**
     * @param list<int> $plants
     *
     * @return array<int, list<LeafTest>> by plant
     */
    private static function tested(array $plants): array
    {
        $all = [];
        foreach (LeafTest::query()->whereIn('plant_id', $plants)->with('readings')->get() as $test) {
            $all[$test->plant_id][] = $test;
        }

        return $all;
    }
}
