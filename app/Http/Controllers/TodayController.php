<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\GardenDayAnswers;
use App\Http\Answer\Instant;
use App\Http\Answer\RejudgedAnswers;
use App\Http\Answer\RowAnswers;
use App\Http\Answer\TaskAnswers;
use App\Http\Answer\TodayAnswer;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Paging;
use App\Models\Batch;
use App\Models\PestCase;
use App\Models\Plant;
use App\Notebook\Places;
use App\Records\ReadyBatches;
use App\Records\TaskList;
use DateTimeZone;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Row\Span;
use IdleMixer\Core\Schedule\Agenda;
use IdleMixer\Core\Schedule\Task;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

final class TodayController
{
    /** Tasks of a page. */
    private const ROWS = 16;

    #[Call('What needs doing', answer: TodayAnswer::class, query: ['zone' => ['type' => 'string'], 'from' => ['type' => 'integer', 'minimum' => 0, 'maximum' => 1000000]])]
    public function __invoke(Request $request, ClockInterface $clock, TaskList $tasks, TaskAnswers $answer, RowAnswers $rows, GardenDayAnswers $day, RejudgedAnswers $rejudged): JsonResponse
    {
        $now = $clock->now()->setTimezone(self::zone($request->query('zone', 'UTC')));
        $from = Paging::of($request, self::ROWS)->from;
        $page = $tasks->page($now, $from, self::ROWS);

        $ready = ReadyBatches::ofTasks($page->tasks, $now);

        return new JsonResponse(new TodayAnswer(
            Instant::of($now),
            $answer->of($page->tasks, $ready, $now),
            $page->next,
            Agenda::HORIZON_DAYS,
            Plant::query()->whereNull('retired_at')->count(),
            PestCase::query()->whereNull('closed_at')->count(),
            Batch::query()->count(),
            $rejudged->all($now->getTimezone()),
            $rows->of(array_values(Plant::query()->whereIn('id', array_filter(array_map(static fn(Task $task): ?int => $task->plant, $page->tasks), is_int(...)))->orderBy('name')->get()->all()), $page->tasks, Span::usual($now)),
            $from === 0 ? $day->of($page->tasks, $ready, $now) : null,
        ));
    }

    #[Call('Say that the rounds were seen which this version judges otherwise', answer: ['seen' => ['const' => true]], body: ['seen' => ['const' => true]])]
    public function seen(Request $request, Places $places): JsonResponse
    {
        if (Body::of($request)->object(['seen'])->get('seen')->flag()) {
            $places->rejudge([]);
        }

        return new JsonResponse(['seen' => true]);
    }

    /** @param array<array-key, mixed>|string|null $name */
    private static function zone(array|string|null $name): DateTimeZone
    {
        if (! is_string($name) || ! in_array($name, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true)) {
            throw InvalidDocument::because('/zone', Say::it('calls/today-controller.no-time-zone-that-known'), is_string($name) ? $name : null);
        }

        return new DateTimeZone($name);
    }
}
