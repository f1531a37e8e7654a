<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\ShedAnswer;
use App\Http\Body;
use App\Http\Input\RetiredInput;
use App\Http\Input\VesselInput;
use App\Http\Said;
use App\Models\Measure;
use App\Records\Once;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

final readonly class MeasureController
{
    public function __construct(private ShedAnswer $answer, private Once $once) {}

    public function index(): JsonResponse
    {
        $all = Measure::query()->orderByDesc('amount')->orderBy('id')->get();

        return new JsonResponse(['measures' => $all->map($this->answer->vessel(...))->values()->all()]);
    }

    public function store(Request $request): JsonResponse
    {
        $input = VesselInput::measure(Body::of($request));
        [$made, $new] = $this->once->of(Measure::query(), $input->submission, static fn(): Measure => Measure::query()->create([
            'submission' => $input->submission,
            'name' => $input->name,
            'amount' => $input->holds->value,
            'unit' => $input->holds->unit->value,
        ]));

        return new JsonResponse($this->answer->vessel($made), $new ? 201 : 200);
    }

    public function retire(Request $request, int $id, ClockInterface $clock): JsonResponse
    {
        $measure = Measure::query()->find($id) ?? throw Said::notFound('measure', $id);
        $measure->update(['retired_at' => RetiredInput::read(Body::of($request)) ? $clock->now() : null]);

        return new JsonResponse($this->answer->vessel($measure));
    }
}
