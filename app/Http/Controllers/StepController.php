<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\BatchAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\RefusedCall;
use App\Models\Batch;
use App\Models\BatchStep;
use App\Models\Who;
use App\Records\BatchBook;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** Ticks a step that has no spoons, or takes the tick back. Doing it twice is doing it once. */
final readonly class StepController
{
    private const MOST_LOADS = 1000;

    private const MOST_STEPS = 200;

    public function __construct(private BatchBook $book, private ClockInterface $clock, private Who $who) {}

    #[Call('Tick a step that has no spoons, or take the tick back', answer: ['ticked' => [['load' => 'integer', 'number' => 'integer']]], body: ['ticked' => 'boolean'])]
    public function __invoke(Request $request, int $id, int $load, int $number): JsonResponse
    {
        $ticked = Body::of($request)->object(['ticked'])->get('ticked')->flag();
        $batch = Batch::query()->find($id) ?? throw RefusedCall::notFound('batch', $id);
        $loads = JsonText::kept($batch->document)->open()->get('plan')->open()->get('loads')->items(1, self::MOST_LOADS, 'loads');
        $tasks = ($loads[$load - 1] ?? throw RefusedCall::notFound(Say::it('calls/step-controller.load-in-this-batch-with'), $load))->open()->get('tasks')->items(0, self::MOST_STEPS, 'steps');
        if ($load <= count(BatchBook::mixed($batch, $this->book->record($batch)))) {
            throw RefusedCall::conflict(Say::it('calls/step-controller.this-batch-finished-its-steps'));
        }
        $task = $tasks[$number - 1] ?? throw RefusedCall::notFound(Say::it('calls/step-controller.step-in-this-load-with'), $number);
        if (! $task->open()->get('item')->isNull()) {
            throw RefusedCall::conflict(Say::it('calls/step-controller.this-step-ticked-spoonful-by'));
        }
        $step = ['batch_id' => $id, 'load' => $load, 'number' => $number];
        $ticked
            ? BatchStep::query()->insertOrIgnore([...$step, 'ticked_at' => $this->clock->now()->format('Y-m-d H:i:s'), 'who' => $this->who->name()])
            : BatchStep::query()->where($step)->delete();

        return new JsonResponse(['ticked' => BatchAnswers::steps($batch)]);
    }
}
