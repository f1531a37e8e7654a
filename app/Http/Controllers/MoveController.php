<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\SavedAnswer;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\MoveInput;
use App\Http\Saved;
use App\Models\TaskMove;
use App\Records\Submissions;
use IdleMixer\Core\Schedule\TaskKind;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** What somebody says of a task: another time for it, or that it is skipped. */
final class MoveController
{
    #[Call('Move a task, or skip it with a reason', answer: ['saved' => SavedAnswer::class], body: ['submission' => 'uuid', 'kind' => TaskKind::class, 'ref' => 'integer', 'plannedAt' => 'date-time', 'to' => '?date-time', 'reason' => 'string'], makes: true)]
    public function store(Request $request, ClockInterface $clock): JsonResponse
    {
        $input = MoveInput::read(Body::of($request), $clock->now());
        [$move, $new] = Submissions::of(TaskMove::query(), $input->sent->submitted(), $input->columns($clock->now()));

        return new JsonResponse(['saved' => new SavedAnswer('moves', $move->id, $move->submission, $move->version)], Saved::status($new));
    }
}
