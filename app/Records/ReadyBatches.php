<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\Round;
use DateTimeInterface;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Schedule\TaskKind;

/** What is mixed for a case since it was sprayed last, and still good: it is sprayed before anything is mixed anew. */
final class ReadyBatches
{
    /** Whether it is mixed, more than for the leaves alone, neither gone nor too old. */
    public static function canBeSprayed(Batch $batch, DateTimeInterface $now): bool
    {
        return $batch->made_at !== null && $batch->discarded_at === null && ! $batch->for_leaf_test && ($batch->discard_at === null || $batch->discard_at > $now);
    }

    /**
     * @param list<Task> $tasks
     *
     * @return array<int, int> newest batch by case, for those of the rounds among them
     */
    public static function of(array $tasks, DateTimeInterface $now): array
    {
        $cases = array_values(array_unique(array_map(
            static fn(Task $task): int => $task->ref,
            array_filter($tasks, static fn(Task $task): bool => $task->kind === TaskKind::FirstRound || $task->kind === TaskKind::NextRound),
        )));
        if ($cases === []) {
            return [];
        }
        $sprayed = [];
        foreach (Round::query()->whereIn('case_id', $cases)->get(['case_id', 'sprayed_at']) as $round) {
            $sprayed[$round->case_id] = max($sprayed[$round->case_id] ?? $round->sprayed_at, $round->sprayed_at);
        }
        $ready = [];
        foreach (Batch::query()->whereIn('case_id', $cases)->orderBy('made_at')->get(['id', 'case_id', 'made_at', 'discard_at', 'discarded_at', 'for_leaf_test']) as $batch) {
            if ($batch->case_id !== null && self::canBeSprayed($batch, $now) && (! isset($sprayed[$batch->case_id]) || $batch->made_at > $sprayed[$batch->case_id])) {
                $ready[$batch->case_id] = $batch->id;
            }
        }

        return $ready;
    }
}
