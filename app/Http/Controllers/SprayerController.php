<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\ShedAnswers;
use App\Http\Answer\SprayerAnswer;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\RetiredInput;
use App\Http\Input\SprayerDetailsInput;
use App\Http\Input\VesselInput;
use App\Http\RefusedCall;
use App\Http\Saved;
use App\Models\Sprayer;
use App\Records\Corrections;
use App\Records\Submissions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

final readonly class SprayerController
{
    public function __construct(private ShedAnswers $answer) {}

    #[Call('All sprayers', answer: ['sprayers' => [SprayerAnswer::class]])]
    public function index(): JsonResponse
    {
        $all = Sprayer::query()->orderByDesc('amount')->orderBy('id')->get();

        return new JsonResponse(['sprayers' => array_values($all->map($this->answer->sprayer(...))->all())]);
    }

    #[Call('Add one to the sprayers', answer: SprayerAnswer::class, body: '#NewVessel', makes: true)]
    public function store(Request $request): JsonResponse
    {
        $input = VesselInput::sprayer(Body::of($request));
        [$made, $new] = Submissions::of(Sprayer::query(), $input->sent->submitted(), [
            'name' => $input->name,
            'amount' => $input->holds->value,
            'unit' => $input->holds->unit->value,
            'shape' => $input->shape,
        ]);

        return new JsonResponse($this->answer->sprayer($made->refresh()), Saved::status($new));
    }

    #[Call('Correct a sprayer, or say what was found out about it', answer: SprayerAnswer::class, body: '#SprayerDetails')]
    public function update(Request $request, int $id, ClockInterface $clock): JsonResponse
    {
        $sprayer = $this->find($id);
        $input = SprayerDetailsInput::read(Body::of($request), $sprayer);
        Corrections::correct($sprayer, $input->basedOn, [
            'name' => $input->name,
            'amount' => $input->holds->value,
            'unit' => $input->holds->unit->value,
            'shape' => $input->shape,
            'largest_fill_ml' => $input->largestFill,
            'left_behind_ml' => $input->leftBehind,
            'pours' => json_encode($input->pours, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION),
        ], $clock->now());

        return new JsonResponse($this->answer->sprayer($sprayer));
    }

    #[Call('Put it away, or take it out again', answer: SprayerAnswer::class, body: '#Retired')]
    public function retire(Request $request, int $id, ClockInterface $clock): JsonResponse
    {
        $sprayer = $this->find($id);
        $input = RetiredInput::read(Body::of($request));
        Corrections::correct($sprayer, $input->basedOn, ['retired_at' => $input->retired ? $sprayer->retired_at ?? $clock->now() : null], $clock->now());

        return new JsonResponse($this->answer->sprayer($sprayer));
    }

    private function find(int $id): Sprayer
    {
        return Sprayer::query()->find($id) ?? throw RefusedCall::notFound('sprayer', $id);
    }
}
