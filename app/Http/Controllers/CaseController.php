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
use App\Records\Edits;
use App\Records\Submissions;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

final readonly class CaseController
{
    public function __construct(private CaseAnswers $answer, private ClockInterface $clock) {}

    public function index(): JsonResponse
    {
        $all = PestCase::query()->with(CaseAnswers::BRIEFLY)->orderByRaw('closed_at is not null')->orderByDesc('opened_at')->orderByDesc('id')->get();

        return new JsonResponse(['cases' => $all->map($this->answer->brief(...))->values()->all()]);
    }

    public function store(Request $request, TroubleCatalogue $troubles, CaseOpener $opener): JsonResponse
    {
        $input = CaseInput::read(Body::of($request), $troubles, $this->clock->now());
        [$case, $new] = $opener->open($input->sent->submitted(), $input->plant, $input->pest, $input->openedAt, $input->notes);

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
        [$round, $new] = Submissions::of(Round::query(), $input->sent->submitted()->under("cases/{$id}"), [
            'case_id' => $case->id,
            'batch_id' => $input->batch->id,
            'sprayed_at' => $input->sprayedAt,
            'hand_work' => $input->handWork,
            'notes' => $input->notes,
        ]);

        return $this->say($case, $new ? 201 : 200, new SavedAnswer('rounds', $round->id, $round->version));
    }

    public function count(Request $request, int $id): JsonResponse
    {
        $case = $this->find($id);
        $input = CountInput::read(Body::of($request), $this->clock->now());
        [$count, $new] = Submissions::of(Count::query(), $input->sent->submitted()->under("cases/{$id}"), [
            'case_id' => $case->id,
            'counted_at' => $input->countedAt,
            'value' => $input->value,
            'untreated' => $input->untreated,
            'notes' => $input->notes,
        ]);

        return $this->say($case, $new ? 201 : 200, new SavedAnswer('counts', $count->id, $count->version));
    }

    public function close(Request $request, int $id): JsonResponse
    {
        $case = $this->find($id);
        $input = CloseInput::read(Body::of($request));
        Edits::fill($case, $input->basedOn, ['closed_at' => $input->closed ? $case->closed_at ?? $this->clock->now() : null, 'conclusion' => $input->conclusion]);
        $case->save();

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
