<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\RunAnswer;
use App\Http\Answer\RunAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\RunInput;
use App\Http\RefusedCall;
use App\Http\Saved;
use App\Models\Run;
use App\Records\BatchBook;
use App\Records\Gates;
use App\Records\Lefts;
use App\Records\RunBook;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Run\RunPlan;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Writing\VerdictWriter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** Walks through the bed, a step at a time. */
final readonly class RunController
{
    public function __construct(private RunBook $runs, private RunAnswers $answer, private ClockInterface $clock) {}

    #[Call('Walks through the bed that are under way', answer: ['runs' => [RunAnswer::class]])]
    public function index(): JsonResponse
    {
        $open = Run::query()->whereNull('finished_at')->orderByDesc('id')->get();

        return new JsonResponse(['runs' => $open->map(fn(Run $run) => $this->answer->of($run, $this->clock->now()))->values()->all()]);
    }

    #[Call('Begin a walk through the bed', answer: RunAnswer::class, body: ['submission' => 'uuid', 'batchId' => 'integer', 'caseIds' => ['integer'], 'rinses?' => '?boolean', 'byHand?' => 'boolean', 'override?' => 'string'], makes: true)]
    public function store(Request $request, Gates $gates, VerdictWriter $verdicts): JsonResponse
    {
        $node = Body::of($request);
        $input = RunInput::read($node);
        $now = $this->clock->now();
        $wasClosed = false;
        foreach ($input->cases as $case) {
            $closed = $gates->ofBatch($case->plant, $input->batch, $now)->closedBy();
            $wasClosed = $wasClosed || $closed !== null;
            if ($closed !== null && $input->override === '') {
                throw ($input->sent->object->optional('override') ?? $node)->fault(Say::it('calls/run-controller.to-spray-all-same-say', ['name' => $case->plant->name, 'because' => $verdicts->write($closed)->because]));
            }
        }
        [$run, $new] = $this->runs->begin($input->sent->submitted(), $input->batch, $input->cases, $input->rinses ?? RunPlan::rinsesByItsSchool($this->runs->method($input->batch)), $wasClosed ? $input->override : '', $now, $input->byHand);

        return $this->say($run, Saved::status($new));
    }

    #[Call('A walk through the bed', answer: RunAnswer::class)]
    public function show(int $id): JsonResponse
    {
        return $this->say($this->find($id));
    }

    #[Call('A step is done, or not after all', answer: RunAnswer::class, body: ['done' => 'boolean', 'at?' => '?date-time'])]
    public function tap(Request $request, int $id, string $step): JsonResponse
    {
        $object = Body::of($request)->object(['done', 'at']);
        $now = $this->clock->now();
        $at = $object->filled('at')?->instant($now->modify('-' . InputLines::LATEST_TAP['value'] . ' hours'), $now->modify('+' . InputLines::EARLIEST_TAP['value'] . ' seconds')) ?? $now;
        $run = $this->find($id);
        $this->runs->tap($run, $step, $object->get('done')->flag(), $at, $now);

        return $this->say($run);
    }

    #[Call('Pause, or go on', answer: RunAnswer::class, body: ['paused' => 'boolean'])]
    public function pause(Request $request, int $id): JsonResponse
    {
        $paused = Body::of($request)->object(['paused'])->get('paused')->flag();
        $run = $this->find($id);
        $run->update(['paused_at' => $paused ? $run->paused_at ?? $this->clock->now() : null, 'version' => $run->version + 1]);

        return $this->say($run);
    }

    #[Call('The run is over: how much is left, and what becomes of it', answer: RunAnswer::class, body: ['leftMl' => 'number', 'rest' => ['enum' => ['used-up', 'poured-away', 'kept']]])]
    public function finish(Request $request, int $id, BatchBook $book): JsonResponse
    {
        $object = Body::of($request)->object(['leftMl', 'rest']);
        $run = $this->find($id);
        $left = $object->get('leftMl')->countUpTo(InputLines::LARGEST_VESSEL['value']);
        $rest = $object->get('rest')->word(['used-up', 'poured-away', 'kept'], Say::it('calls/run-controller.way-with-rest'));
        $stands = Lefts::beside($run->batch, $book->record($run->batch), $run->id);
        if ($left > $stands * (1.0 + 1e-9)) {
            throw $object->get('leftMl')->fault(Say::it('calls/run-controller.no-more-can-be-left', ['make-ml' => $stands]));
        }
        $now = $this->clock->now();
        $this->runs->tap($run, 'rest', true, $now, $now);
        $this->runs->finish($run, $stands - $left, $now);
        if ($rest !== 'kept' && $run->batch->discarded_at === null) {
            $run->batch->update(['discarded_at' => $now, 'used_up' => $rest === 'used-up']);
        }

        return $this->say($run);
    }

    private function find(int $id): Run
    {
        return Run::query()->with(['batch.recipeVersion.recipe', 'plants.case.plant', 'taps'])->find($id) ?? throw RefusedCall::notFound('run', $id);
    }

    private function say(Run $run, int $status = 200): JsonResponse
    {
        return new JsonResponse($this->answer->of($run->refresh(), $this->clock->now()), $status);
    }
}
