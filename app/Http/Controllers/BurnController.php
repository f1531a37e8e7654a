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

    #[Call('Say that leaves burnt after a round', answer: CaseAnswer::class, body: '#NewBurn', makes: true)]
    public function store(Request $request, int $id): JsonResponse
    {
        $round = Round::query()->find($id) ?? throw RefusedCall::notFound('round', $id);
        $input = BurnInput::read(Body::of($request), $round, $this->clock->now());
        [$burn, $new] = Submissions::of(Burn::query(), $input->sent->submitted()->under("rounds/{$id}"), ['round_id' => $round->id, ...$input->columns()]);

        return new JsonResponse($this->answer->whole($round->case, $this->clock->now(), new SavedAnswer('burns', $burn->id, $burn->submission, $burn->version)), Saved::status($new));
    }

    #[Call('Correct a burn', answer: CaseAnswer::class, body: '#CorrectedBurn')]
    public function update(Request $request, int $id): JsonResponse
    {
        $burn = Burn::query()->find($id) ?? throw RefusedCall::notFound('burn', $id);
        $input = BurnInput::read(Body::of($request), $burn->round, $this->clock->now(), correcting: true);
        Corrections::correct($burn, $input->sent->basedOn, $input->columns(), $this->clock->now());

        return new JsonResponse($this->answer->whole($burn->round->case, $this->clock->now()));
    }
}
