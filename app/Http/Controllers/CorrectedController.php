<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\BatchAnswers;
use App\Http\Answer\CaseAnswers;
use App\Http\Answer\LeafTestAnswers;
use App\Http\Body;
use App\Http\Input\BatchDetailsInput;
use App\Http\Input\CountInput;
use App\Http\Input\LeafTestInput;
use App\Http\Input\ReadingInput;
use App\Http\Input\RoundInput;
use App\Http\Input\Sent;
use App\Http\RefusedCall;
use App\Models\Batch;
use App\Models\Count;
use App\Models\LeafReading;
use App\Models\LeafTest;
use App\Models\Round;
use App\Records\BatchBook;
use App\Records\BatchFinisher;
use App\Records\Corrections;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** Corrects what was done: batches, leaf tests and their readings, rounds, counts. */
final readonly class CorrectedController
{
    public function __construct(private ClockInterface $clock) {}

    public function count(Request $request, int $id, CaseAnswers $answer): JsonResponse
    {
        $count = Count::query()->find($id) ?? throw RefusedCall::notFound('count', $id);
        $input = CountInput::read(Body::of($request), $this->clock->now(), correcting: true);
        Corrections::correct($count, $input->sent->basedOn, ['counted_at' => $input->countedAt, 'value' => $input->value, 'untreated' => $input->untreated, 'notes' => $input->notes], $this->clock->now());

        return new JsonResponse($answer->whole($count->case, $this->clock->now()));
    }

    public function round(Request $request, int $id, CaseAnswers $answer): JsonResponse
    {
        $round = Round::query()->find($id) ?? throw RefusedCall::notFound('round', $id);
        $input = RoundInput::read(Body::of($request), $this->clock->now(), correcting: true);
        Corrections::correct($round, $input->sent->basedOn, ['batch_id' => $input->batch->id, 'sprayed_at' => $input->sprayedAt, 'hand_work' => $input->handWork, 'notes' => $input->notes], $this->clock->now());

        return new JsonResponse($answer->whole($round->case, $this->clock->now()));
    }

    public function leafTest(Request $request, int $id, LeafTestAnswers $answer): JsonResponse
    {
        $test = LeafTest::query()->find($id) ?? throw RefusedCall::notFound('leaf test', $id);
        $input = LeafTestInput::read(Body::of($request), $this->clock->now(), correcting: true);
        if ($input->leaves !== $test->leaves && LeafReading::query()->where('leaf_test_id', $id)->exists()) {
            throw RefusedCall::conflict("Its {$test->leaves} leaves were looked at already: take those looks back before you say that there were others.");
        }
        Corrections::correct($test, $input->sent->basedOn, ['batch_id' => $input->batch->id, 'plant_id' => $input->plant->id, 'leaves' => $input->leaves, 'wait_hours' => $input->waitHours, 'applied_at' => $input->appliedAt], $this->clock->now());

        return new JsonResponse($answer->of($test->refresh(), $this->clock->now()));
    }

    public function reading(Request $request, int $id, LeafTestAnswers $answer): JsonResponse
    {
        $reading = LeafReading::query()->find($id) ?? throw RefusedCall::notFound('look', $id);
        $test = LeafTest::query()->find($reading->leaf_test_id) ?? throw RefusedCall::notFound('leaf test', $reading->leaf_test_id);
        $input = ReadingInput::read(Body::of($request), $test->leaves, $test->applied_at, $this->clock->now(), correcting: true);
        Corrections::correct($reading, $input->sent->basedOn, ['read_at' => $input->readAt, 'reactions' => $input->stored(), 'notes' => $input->notes], $this->clock->now());

        return new JsonResponse($answer->of($test, $this->clock->now()));
    }

    public function batch(Request $request, int $id, BatchBook $book, BatchAnswers $answer): JsonResponse
    {
        $batch = $this->batchOf($id);
        $input = BatchDetailsInput::read(Body::of($request), $batch, $this->clock->now());
        Corrections::correct($batch, $input->basedOn, [
            'made_at' => $input->madeAt,
            'keeping' => $input->keeping->value,
            'stand_test' => $input->standTest->value,
            'notes' => $input->notes,
            'discard_at' => BatchFinisher::discardAt($book->record($batch), $input->keeping, $input->madeAt),
        ], $this->clock->now());

        return new JsonResponse($answer->whole($batch, $this->clock->now()));
    }

    /** Opens a finished batch again, so that its tally can be put right. */
    public function reopen(Request $request, int $id, BatchAnswers $answer): JsonResponse
    {
        $sent = Sent::toChange(Body::of($request), []);
        $batch = $this->batchOf($id);
        Corrections::correct($batch, $sent->basedOn, ['made_at' => null, 'made' => null, 'discard_at' => null, 'discarded_at' => null, 'used_up' => false], $this->clock->now(), 'reopened');

        return new JsonResponse($answer->whole($batch, $this->clock->now()));
    }

    private function batchOf(int $id): Batch
    {
        return Batch::query()->find($id) ?? throw RefusedCall::notFound('batch', $id);
    }
}
