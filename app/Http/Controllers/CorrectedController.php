<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\BatchAnswer;
use App\Http\Answer\BatchAnswers;
use App\Http\Answer\CaseAnswer;
use App\Http\Answer\CaseAnswers;
use App\Http\Answer\LeafTestAnswer;
use App\Http\Answer\LeafTestAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\BatchDetailsInput;
use App\Http\Input\Counts;
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
use App\Records\Conflict;
use App\Records\Corrections;
use App\Records\Eyes;
use App\Records\FromNotebook;
use App\Records\Gates;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Writing\VerdictWriter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** Corrects what was done: batches, leaf tests and their readings, rounds, counts. */
final readonly class CorrectedController
{
    public function __construct(private ClockInterface $clock) {}

    #[Call('Correct a count', answer: CaseAnswer::class, body: '#CorrectedCount')]
    public function count(Request $request, int $id, CaseAnswers $answer, Counts $counts): JsonResponse
    {
        $count = Count::query()->find($id) ?? throw RefusedCall::notFound('count', $id);
        $input = $counts->read(Body::of($request), $count->case->pest, $this->clock->now(), correcting: true);
        Corrections::correct($count, $input->sent->basedOn, $input->columns(), $this->clock->now());

        return new JsonResponse($answer->whole($count->case, $this->clock->now()));
    }

    #[Call('Correct a round', answer: CaseAnswer::class, body: '#CorrectedRound')]
    public function round(Request $request, int $id, CaseAnswers $answer, Gates $gates, VerdictWriter $verdicts): JsonResponse
    {
        $round = Round::query()->find($id) ?? throw RefusedCall::notFound('round', $id);
        if ($round->case->course_id !== null) {
            throw new Conflict(Say::it('calls/corrected-controller.round-of-a-course'));
        }
        $node = Body::of($request);
        $input = RoundInput::read($node, $this->clock->now(), correcting: true);
        $override = $input->override === '' ? $round->override : $input->override;
        $closed = $input->batch === null || $input->batch->id === $round->batch_id ? null : $gates->ofBatch($round->case->plant, $input->batch, $input->sprayedAt, $round->id)->closedBy();
        if ($closed !== null && $override === '') {
            throw $node->fault(Say::it('calls/corrected-controller.to-say-that-was-sprayed', ['because' => $verdicts->write($closed)->because]));
        }
        Corrections::correct($round, $input->sent->basedOn, [...$input->columns(), 'sprayed_at' => $input->sprayedAt, 'hand_work' => $input->handWork, 'rinsed' => $input->rinsed, 'notes' => $input->notes, 'override' => $override], $this->clock->now());

        return new JsonResponse($answer->whole($round->case, $this->clock->now()));
    }

    #[Call('Correct a leaf test', answer: LeafTestAnswer::class, body: '#CorrectedLeafTest')]
    public function leafTest(Request $request, int $id, LeafTestAnswers $answer): JsonResponse
    {
        $test = LeafTest::query()->find($id) ?? throw RefusedCall::notFound(Say::it('calls/corrected-controller.leaf-test'), $id);
        $input = LeafTestInput::read(Body::of($request), $this->clock->now(), correcting: true);
        $columns = $input->columns();
        $others = $input->leaves !== $test->leaves || $columns['rungs'] !== $test->rungs || $input->controls !== $test->controls;
        if ($others && LeafReading::query()->where('leaf_test_id', $id)->exists()) {
            throw RefusedCall::conflict(Say::it('calls/corrected-controller.its-leaves-were-looked-at'));
        }
        Corrections::correct($test, $input->sent->basedOn, $columns, $this->clock->now());

        return new JsonResponse($answer->of($test->refresh(), $this->clock->now()));
    }

    #[Call('Correct a look at test leaves', answer: LeafTestAnswer::class, body: '#CorrectedReading')]
    public function reading(Request $request, int $id, LeafTestAnswers $answer): JsonResponse
    {
        $reading = LeafReading::query()->find($id) ?? throw RefusedCall::notFound('look', $id);
        $test = LeafTest::query()->find($reading->leaf_test_id) ?? throw RefusedCall::notFound(Say::it('calls/corrected-controller.leaf-test'), $reading->leaf_test_id);
        $input = ReadingInput::read(Body::of($request), FromNotebook::testLeaves($test), $test->applied_at, $this->clock->now(), correcting: true);
        Corrections::correct($reading, $input->sent->basedOn, $input->columns(Eyes::correction()), $this->clock->now());

        return new JsonResponse($answer->of($test, $this->clock->now()));
    }

    #[Call('Correct a batch that is made', answer: BatchAnswer::class, body: '#CorrectedBatch')]
    public function batch(Request $request, int $id, BatchBook $book, BatchFinisher $finisher, BatchAnswers $answer): JsonResponse
    {
        $batch = $this->batchOf($id);
        $input = BatchDetailsInput::read(Body::of($request), $batch, $this->clock->now());
        $record = $book->record($batch);
        Corrections::correct($batch, $input->basedOn, [
            'made_at' => $input->madeAt,
            'keeping' => $input->keeping->value,
            'stand_test' => $input->standTest->value,
            'notes' => $input->notes,
            'mixed' => BatchFinisher::mixedAt($batch, $record, $input->madeAt),
            'discard_at' => $finisher->discardAt($batch, $record, $input->keeping, $input->madeAt),
        ], $this->clock->now());

        return new JsonResponse($answer->whole($batch, $this->clock->now()));
    }

    /** Opens a finished batch again, so that its tally can be put right. */
    #[Call('Open a finished batch again, to put its tally right', answer: BatchAnswer::class, body: ['basedOn' => ['type' => 'integer', 'minimum' => 0]])]
    public function reopen(Request $request, int $id, BatchAnswers $answer): JsonResponse
    {
        $sent = Sent::toChange(Body::of($request), []);
        $batch = $this->batchOf($id);
        Corrections::correct($batch, $sent->basedOn, ['made_at' => null, 'mixed' => '[]', 'made' => null, 'discard_at' => null, 'discarded_at' => null, 'used_up' => false], $this->clock->now(), 'reopened');

        return new JsonResponse($answer->whole($batch, $this->clock->now()));
    }

    private function batchOf(int $id): Batch
    {
        return Batch::query()->find($id) ?? throw RefusedCall::notFound('batch', $id);
    }
}
