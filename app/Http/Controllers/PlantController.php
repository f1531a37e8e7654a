<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\ShedAnswer;
use App\Http\Body;
use App\Http\Input\PlantInput;
use App\Http\Input\RetiredInput;
use App\Http\RefusedCall;
use App\Models\Plant;
use App\Records\Submissions;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

final readonly class PlantController
{
    public function __construct(private ShedAnswer $answer, private Submissions $once) {}

    public function index(): JsonResponse
    {
        return new JsonResponse(['plants' => Plant::query()->orderBy('name')->get()->map($this->answer->plant(...))->values()->all()]);
    }

    public function store(Request $request, ToleranceCatalogue $tolerance): JsonResponse
    {
        $input = PlantInput::read(Body::of($request), $tolerance);
        [$plant, $new] = $this->once->of(Plant::query(), $input->submission, static fn(): Plant => Plant::query()->create(get_object_vars($input)));

        return new JsonResponse($this->answer->plant($plant), $new ? 201 : 200);
    }

    public function retire(Request $request, int $id, ClockInterface $clock): JsonResponse
    {
        $plant = Plant::query()->find($id) ?? throw RefusedCall::notFound('plant', $id);
        $plant->update(['retired_at' => RetiredInput::read(Body::of($request)) ? $clock->now() : null]);

        return new JsonResponse($this->answer->plant($plant));
    }
}
