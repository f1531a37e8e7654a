<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\CaseAnswer;
use App\Http\Answer\CaseAnswers;
use App\Http\Answer\SavedAnswer;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\BurnInput;
use App\Http\RefusedCall;
use App\Http\Saved;
use App\Models\Burn;
use App\Models\PestCase;
use App\Models\Round;
use App\Records\Corrections;
use App\Records\Submissions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** Burn that is seen after a round, days on. */
final readonly class BurnController
{
    public function __construct(private CaseAnswers $answer, private ClockInterface $clock) {}

    #[Call('Say that leaves burnt after a round', answer: ['saved' => '?' . SavedAnswer::class, 'case' => '?' . CaseAnswer::class], body: '#NewBurn', makes: true)]
    public function store(Request $request, int $id): JsonResponse
    {
        $round = Round::query()->find($id) ?? throw RefusedCall::notFound('round', $id);
        $input = BurnInput::read(Body::of($request), $round, $this->clock->now());
        [$burn, $new] = Submissions::of(Burn::query(), $input->sent->submitted()->under("rounds/{$id}"), ['round_id' => $round->id, ...$input->columns()]);

        return $this->say($round->case, new SavedAnswer('burns', $burn->id, $burn->submission, $burn->version), Saved::status($new));
    }

    #[Call('Correct a burn', answer: ['saved' => '?' . SavedAnswer::class, 'case' => '?' . CaseAnswer::class], body: '#CorrectedBurn')]
    public function update(Request $request, int $id): JsonResponse
    {
        $burn = Burn::query()->find($id) ?? throw RefusedCall::notFound('burn', $id);
        $input = BurnInput::read(Body::of($request), $burn->round, $this->clock->now(), correcting: true);
        Corrections::correct($burn, $input->sent->basedOn, $input->columns(), $this->clock->now());

        return $this->say($burn->round->case, null, 200);
    }

    /** What was one of many plants on a course has no case of its own to tell of. */
    private function say(PestCase $case, ?SavedAnswer $saved, int $status): JsonResponse
    {
        return new JsonResponse(['saved' => $saved, 'case' => $case->course_id === null ? $this->answer->whole($case, $this->clock->now()) : null], $status);
    }
}
