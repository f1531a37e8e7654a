<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\RowAnswer;
use App\Http\Answer\RowAnswers;
use App\Http\Api\Call;
use App\Http\Paging;
use App\Models\PestCase;
use App\Models\Plant;
use App\Records\TaskList;
use IdleMixer\Core\Row\Span;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** Plants as strips of time. */
final class RowController
{
    /** Plants of a page. */
    private const ROWS = 24;

    #[Call('Plants as strips of time, those with something on them first', answer: ['rows' => [RowAnswer::class], 'next' => ['type' => ['integer', 'null']]], query: ['from' => ['type' => 'integer', 'minimum' => 0, 'maximum' => 1000000]])]
    public function __invoke(Request $request, RowAnswers $rows, TaskList $tasks, ClockInterface $clock): JsonResponse
    {
        $now = $clock->now();
        $page = Paging::of($request, self::ROWS);
        $ill = array_flip(array_filter(PestCase::query()->whereNull('closed_at')->pluck('plant_id')->all(), is_int(...)));
        $all = array_filter(Plant::query()->whereNull('retired_at')->orderBy('name')->orderBy('id')->pluck('id')->all(), is_int(...));
        $order = [...array_filter($all, static fn(int $id): bool => isset($ill[$id])), ...array_filter($all, static fn(int $id): bool => ! isset($ill[$id]))];
        $shown = array_slice($order, $page->from, self::ROWS);
        $found = Plant::query()->whereIn('id', $shown)->get()->keyBy('id');
        $plants = array_values(array_filter(array_map(static fn(int $id): ?Plant => $found[$id] ?? null, $shown)));

        return new JsonResponse(['rows' => $rows->of($plants, $tasks->ofPlants(array_values($shown), $now), Span::usual($now)), 'next' => count($order) > $page->from + self::ROWS ? $page->from + self::ROWS : null]);
    }
}
