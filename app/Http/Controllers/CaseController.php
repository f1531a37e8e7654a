<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\CaseAnswers;
use App\Http\Answer\SavedAnswer;
use App\Http\Body;
use App\Http\Input\CaseInput;
use App\Http\Input\CloseInput;
use App\Http\Input\CountInput;
use App\Http\Input\RoundInput;
use App\Http\RefusedCall;
use App\Models\Count;
use App\Models\PestCase;
use App\Models\Round;
use App\Records\CaseOpener;
use App\Records\Submissions;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

final readonly class CaseController
{
    public function __construct(private CaseAnswers $answer, private ClockInterface $clock, private Submissions $submissions) {}

    public function index(): JsonResponse
    {
        $all = PestCase::query()->orderByRaw('closed_at is not null')->orderByDesc('opened_at')->orderByDesc('id')->get();

        return new JsonResponse(['cases' => $all->map($this->answer->brief(...))->values()->all()]);
    }

    public function store(Request $request, TroubleCatalogue $troubles, CaseOpener $opener): JsonResponse
    {
        $input = CaseInput::read(Body::of($request), $troubles, $this->clock->now());
        [$case, $new] = $opener->open($input->submission, $input->plant, $input->pest, $input->openedAt, $input->notes);

        return $this->say($case->refresh(), $new ? 201 : 200);
    }

    public function show(int $id): JsonResponse
    {
        return $this->say($this->find($id), 200);
    }

    public function round(Request $request, int $id): JsonResponse
    {
        $case = $this->find($id);
        $input = RoundInput::read(Body::of($request), $this->clock->now());
        [$round, $new] = $this->submissions->of(Round::query(), $input->submission, static fn(): Round => Round::query()->create([
            'submission' => $input->submission,
            'case_id' => $case->id,
            'batch_id' => $input->batch->id,
            'sprayed_at' => $input->sprayedAt,
            'hand_work' => $input->handWork,
            'notes' => $input->notes,
        ]));

        return $this->say($case, $new ? 201 : 200, new SavedAnswer('rounds', $round->id));
    }

    public function count(Request $request, int $id): JsonResponse
    {
        $case = $this->find($id);
        $input = CountInput::read(Body::of($request), $this->clock->now());
        [$count, $new] = $this->submissions->of(Count::query(), $input->submission, static fn(): Count => Count::query()->create([
            'submission' => $input->submission,
            'case_id' => $case->id,
            'counted_at' => $input->countedAt,
            'value' => $input->value,
            'untreated' => $input->untreated,
            'notes' => $input->notes,
        ]));

        return $this->say($case, $new ? 201 : 200, new SavedAnswer('counts', $count->id));
    }

    public function close(Request $request, int $id): JsonResponse
    {
        $case = $this->find($id);
        $input = CloseInput::read(Body::of($request));
        $case->update(['closed_at' => $input->closed ? $case->closed_at ?? $this->clock->now() : null, 'conclusion' => $input->conclusion]);

        return $this->say($case, 200);
    }

    private function find(int $id): PestCase
    {
        return PestCase::query()->find($id) ?? throw RefusedCall::notFound('case', $id);
    }

    private function say(PestCase $case, int $status, ?SavedAnswer $saved = null): JsonResponse
    {
        return new JsonResponse($this->answer->whole($case, $this->clock->now(), $saved), $status);
    }
}
