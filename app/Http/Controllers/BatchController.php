<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\BatchAnswer;
use App\Http\Answer\BatchAnswers;
use App\Http\Answer\BatchBriefAnswer;
use App\Http\Answer\RestAnswer;
use App\Http\Answer\RestAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\BatchInput;
use App\Http\Input\FinishInput;
use App\Http\Input\StandTestInput;
use App\Http\RefusedCall;
use App\Http\Saved;
use App\Models\Batch;
use App\Models\StandTestRecord;
use App\Records\BatchBook;
use App\Records\BatchFinisher;
use App\Records\BatchStarter;
use App\Records\Submissions;
use IdleMixer\Core\Bench\BenchReader;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

final readonly class BatchController
{
    /** As many as a list shows at once. */
    private const LISTED = 200;

    public function __construct(private BatchAnswers $answer, private ClockInterface $clock) {}

    #[Call('Batches, newest first', answer: ['batches' => [BatchBriefAnswer::class]])]
    public function index(): JsonResponse
    {
        $now = $this->clock->now();
        $all = Batch::query()->with(BatchAnswers::WITH)->orderByDesc('started_at')->orderByDesc('id')->limit(self::LISTED)->get();
        $briefs = [];
        foreach ($all as $batch) {
            $briefs[] = $this->answer->brief($batch, $now);
        }

        return new JsonResponse(['batches' => $briefs]);
    }

    #[Call('Start a batch', answer: BatchAnswer::class, body: '#NewBatch', makes: true)]
    public function store(Request $request, BenchReader $benches, BatchStarter $starter): JsonResponse
    {
        $input = BatchInput::read(Body::of($request), $benches);
        [$batch, $new] = $starter->start($input->sent->submitted(), $input->bench, $input->sprayer, $input->plant, $input->case, $this->clock->now(), $input->jar, $input->forLeafTest, $input->course);

        return $this->whole($batch, Saved::status($new));
    }

    #[Call('One batch with its plan and tally', answer: BatchAnswer::class)]
    public function show(int $id): JsonResponse
    {
        return $this->whole($this->find($id));
    }

    #[Call('What is left of a batch, until when, and where it may go', answer: RestAnswer::class)]
    public function rest(int $id, RestAnswers $rest): JsonResponse
    {
        return new JsonResponse($rest->of($this->find($id), $this->clock->now()));
    }

    #[Call('Save a batch as mixed', answer: BatchAnswer::class, body: '#FinishBatch')]
    public function finish(Request $request, int $id, BatchFinisher $finisher, BatchBook $book): JsonResponse
    {
        $batch = $this->find($id);
        $input = FinishInput::read(Body::of($request), $this->clock->now(), $finisher->madeBefore($batch), count($book->record($batch)->loads));
        $finisher->finish($batch, $input->standTest, $input->keeping, $input->madeAt, $input->notes, $input->load);
        if ($input->rest !== 'kept' && $batch->discarded_at === null) {
            $batch->update(['discarded_at' => $input->madeAt, 'used_up' => $input->rest === 'used-up']);
        }

        return $this->whole($batch);
    }

    #[Call('Say what a glass of the batch showed, and be told what to do', answer: BatchAnswer::class, body: ['submission' => 'uuid', 'result' => ['enum' => ['even', 'ring', 'beads', 'layer', 'scum']], 'seconds?' => 'number', 'heightMm?' => 'number'], makes: true)]
    public function stand(Request $request, int $id): JsonResponse
    {
        $batch = $this->find($id);
        $input = StandTestInput::read(Body::of($request));
        [, $new] = Submissions::of(StandTestRecord::query(), $input->sent->submitted()->under("batches/{$id}"), [
            'batch_id' => $batch->id,
            'tested_at' => $this->clock->now(),
            'result' => $input->result->value,
            'seconds' => $input->seconds,
            'height_mm' => $input->height,
        ], static function () use ($batch, $input): void {
            // What the last glass showed is what the batch is sprayed by.
            $batch->update(['stand_test' => $input->result->value, 'version' => $batch->version + 1]);
        });

        return $this->whole($batch, Saved::status($new));
    }

    #[Call('Throw a batch away or say that it is used up, or take that back', answer: BatchAnswer::class, body: ['discarded' => 'boolean', 'usedUp?' => 'boolean'])]
    public function discard(Request $request, int $id): JsonResponse
    {
        $said = Body::of($request)->object(['discarded', 'usedUp']);
        $discarded = $said->get('discarded')->flag();
        $usedUp = $discarded && ($said->optional('usedUp')?->flag() ?? false);
        $batch = $this->find($id);
        $batch->update(['discarded_at' => $discarded ? $batch->discarded_at ?? $this->clock->now() : null, 'used_up' => $usedUp]);

        return $this->whole($batch);
    }

    private function find(int $id): Batch
    {
        return Batch::query()->find($id) ?? throw RefusedCall::notFound('batch', $id);
    }

    private function whole(Batch $batch, int $status = 200): JsonResponse
    {
        return new JsonResponse($this->answer->whole($batch, $this->clock->now()), $status);
    }
}
