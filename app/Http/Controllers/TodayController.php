<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\Instant;
use App\Models\Batch;
use App\Models\PestCase;
use App\Models\Plant;
use App\Records\TaskList;
use DateTimeZone;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Schedule\Agenda;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Schedule\Urgency;
use IdleMixer\Core\Wording\Findings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

final class TodayController
{
    public function __invoke(Request $request, ClockInterface $clock, TaskList $tasks, Findings $findings): JsonResponse
    {
        $now = $clock->now()->setTimezone(self::zone($request->query('zone', 'UTC')));
        $rows = array_map(static fn(array $row): array => self::row($row['task'], $row['urgency'], $findings), Agenda::sort($tasks->all($now), $now));

        return new JsonResponse([
            'now' => Instant::of($now),
            'tasks' => $rows,
            'horizonDays' => Agenda::HORIZON_DAYS,
            'plants' => Plant::query()->whereNull('retired_at')->count(),
            'openCases' => PestCase::query()->whereNull('closed_at')->count(),
            'batches' => Batch::query()->count(),
        ]);
    }

    /** @return array<string, int|string> */
    private static function row(Task $task, Urgency $urgency, Findings $findings): array
    {
        return ['kind' => $task->kind->value, 'ref' => $task->ref, ...$findings->task($task), 'dueAt' => Instant::of($task->dueAt), 'urgency' => $urgency->value];
    }

    /** @param array<array-key, mixed>|string|null $name */
    private static function zone(array|string|null $name): DateTimeZone
    {
        if (! is_string($name) || ! in_array($name, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true)) {
            throw InvalidDocument::because('/zone', '{found} is no time zone that is known here; a name like Europe/Lisbon is needed.', is_string($name) ? $name : null);
        }

        return new DateTimeZone($name);
    }
}
