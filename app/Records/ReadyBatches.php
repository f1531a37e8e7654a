<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\PestCase;
use App\Models\Round;
use DateTimeImmutable;
use IdleMixer\Core\Schedule\Task;

/** What is mixed for a case and waits to be sprayed. */
final class ReadyBatches
{
    /**
     * @param list<int> $cases
     *
     * @return array<int, int> the newest batch by case
     */
    public static function of(array $cases, DateTimeImmutable $now): array
    {
        if ($cases === []) {
            return [];
        }
        $sprayed = [];
        foreach (Round::query()->whereIn('case_id', $cases)->orderBy('sprayed_at')->get(['case_id', 'sprayed_at']) as $round) {
            $sprayed[$round->case_id] = $round->sprayed_at;
        }
        $ready = [];
        foreach (Batch::query()->whereIn('case_id', $cases)->where('for_leaf_test', false)->whereNotNull('made_at')->orderBy('made_at')->get(['id', 'case_id', 'made_at', 'discard_at', 'discarded_at', 'used_up', 'stand_test']) as $batch) {
            if ($batch->case_id !== null && Bottles::waits($batch, $sprayed[$batch->case_id] ?? null, $now)) {
                $ready[$batch->case_id] = $batch->id;
            }
        }

        return $ready;
    }

    /**
     * @param list<int> $courses
     *
     * @return array<int, int> the newest batch by course
     */
    public static function ofCourses(array $courses, DateTimeImmutable $now): array
    {
        if ($courses === []) {
            return [];
        }
        $ready = [];
        foreach (Batch::query()->whereIn('course_id', $courses)->where('for_leaf_test', false)->whereNotNull('made_at')->orderBy('made_at')->get() as $batch) {
            $sprayed = Round::query()->whereIn('case_id', PestCase::any(PestCase::query())->where('course_id', $batch->course_id)->select('id'))->orderByDesc('sprayed_at')->first()?->sprayed_at;
            if ($batch->course_id !== null && Bottles::waits($batch, $sprayed, $now)) {
                $ready[$batch->course_id] = $batch->id;
            }
        }

        return $ready;
    }

    /**
     * @param list<Task> $tasks
     *
     * @return array<int, int> the newest batch by case, for the cases of which a round is among them
     */
    public static function ofTasks(array $tasks, DateTimeImmutable $now): array
    {
        return self::of(array_values(array_map(static fn(Task $task): int => $task->ref, array_filter($tasks, static fn(Task $task): bool => $task->kind->isRound()))), $now);
    }
}
