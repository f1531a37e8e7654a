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
        $mixed = Batch::query()->whereIn('case_id', $cases)->whereNotNull('made_at')->whereNull('discarded_at')->where('for_leaf_test', false)
            ->where(static fn($query) => $query->whereNull('discard_at')->orWhere('discard_at', '>', $now))->orderBy('made_at')->get(['id', 'case_id', 'made_at']);
        foreach ($mixed as $batch) {
            if ($batch->case_id !== null && (! isset($sprayed[$batch->case_id]) || $batch->made_at > $sprayed[$batch->case_id])) {
                $ready[$batch->case_id] = $batch->id;
            }
        }

        return $ready;
    }
}
