<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Declared\Kept\Plants;
use App\Http\Answer\PlantAnswer;
use App\Http\Answer\PlantPageAnswer;
use App\Http\Answer\PlantPageAnswers;
use App\Http\Answer\ShedAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\PlantNowInput;
use App\Http\Input\RetiredInput;
use App\Http\Input\Sent;
use App\Http\RefusedCall;
use App\Http\Saved;
use App\Models\Plant;
use App\Records\Corrections;
use App\Records\Submissions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

final readonly class PlantController
{
    public function __construct(private ShedAnswers $answer, private Plants $plants) {}

    #[Call('All plants', answer: ['plants' => [PlantAnswer::class]])]
    public function index(): JsonResponse
    {
        return new JsonResponse(['plants' => Plant::query()->orderBy('name')->get()->map($this->answer->plant(...))->values()->all()]);
    }

    #[Call('A plant with all that hangs on it', answer: PlantPageAnswer::class)]
    public function show(int $id, PlantPageAnswers $pages, ClockInterface $clock): JsonResponse
    {
        return new JsonResponse($pages->of($this->find($id), $clock->now()));
    }

    #[Call('Add one to the plants', answer: PlantAnswer::class, body: '#NewPlant', makes: true)]
    public function store(Request $request): JsonResponse
    {
        $sent = Sent::opened(Body::of($request), $this->plants->enteredKeys(), correcting: false);
        [$plant, $new] = Submissions::of(Plant::query(), $sent->submitted(), $this->plants->enter($sent->object));

        return new JsonResponse($this->answer->plant($plant), Saved::status($new));
    }

    #[Call('Correct a plant', answer: PlantAnswer::class, body: '#CorrectedPlant')]
    public function update(Request $request, int $id, ClockInterface $clock): JsonResponse
    {
        $plant = $this->find($id);
        $sent = Sent::opened(Body::of($request), $this->plants->enteredKeys(), correcting: true);
        Corrections::correct($plant, $sent->basedOn, $this->plants->enter($sent->object), $clock->now());

        return new JsonResponse($this->answer->plant($plant->refresh()));
    }

    #[Call('Put it away, or take it out again', answer: PlantAnswer::class, body: '#Retired')]
    public function retire(Request $request, int $id, ClockInterface $clock): JsonResponse
    {
        $plant = $this->find($id);
        $input = RetiredInput::read(Body::of($request));
        Corrections::correct($plant, $input->basedOn, ['retired_at' => $input->retired ? $plant->retired_at ?? $clock->now() : null], $clock->now());

        return new JsonResponse($this->answer->plant($plant));
    }

    #[Call('Say how it is now: dry at the root or not, how far in its year; with the day', answer: PlantAnswer::class, body: '#PlantNow')]
    public function now(Request $request, int $id, ClockInterface $clock): JsonResponse
    {
        $plant = $this->find($id);
        $input = PlantNowInput::read(Body::of($request), $clock->now());
        Corrections::correct($plant, $input->basedOn, $input->columns, $clock->now());

        return new JsonResponse($this->answer->plant($plant));
    }

    private function find(int $id): Plant
    {
        return Plant::query()->find($id) ?? throw RefusedCall::notFound('plant', $id);
    }
}
