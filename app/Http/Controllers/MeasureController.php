<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\ShedAnswer;
use App\Http\Body;
use App\Http\Input\CalibrationInput;
use App\Http\Input\MeasureInput;
use App\Http\Input\RetiredInput;
use App\Http\RefusedCall;
use App\Models\Measure;
use App\Records\MeasureNames;
use App\Records\Submissions;
use IdleMixer\Core\Quantity\Amount;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** Spoons, cups, syringes, droppers and scales. */
final readonly class MeasureController
{
    public function __construct(private ShedAnswer $answer, private Submissions $once) {}

    public function index(): JsonResponse
    {
        $all = Measure::query()->orderByDesc('amount')->orderBy('id')->get();
        $names = MeasureNames::ofHousehold();

        return new JsonResponse([
            'measures' => array_values($all->map($this->answer->measure(...))->all()),
            'kit' => array_map(static fn(Amount $fill): array => [...$fill->toArray(), 'words' => $names->of($fill)], $names->kit()),
            'scaleGrams' => $names->scale?->inBase(),
        ]);
    }

    public function store(Request $request): JsonResponse
    {
        $input = MeasureInput::read(Body::of($request));
        [$made, $new] = $this->once->of(Measure::query(), $input->submission, static fn(): Measure => Measure::query()->create([
            'submission' => $input->submission,
            'name' => $input->name,
            'amount' => $input->holds->value,
            'unit' => $input->holds->unit->value,
            'kind' => $input->kind,
            'step' => $input->step,
        ])->refresh());

        return new JsonResponse($this->answer->measure($made), $new ? 201 : 200);
    }

    /** Counts from now on as what was found by filling or weighing. */
    public function calibrate(Request $request, int $id): JsonResponse
    {
        $input = CalibrationInput::read(Body::of($request));
        $measure = $this->find($id);
        if (! in_array($measure->kind, ['level', 'dropper'], true)) {
            throw RefusedCall::conflict('Only spoons, cups and droppers are measured this way: a scale and printed marks are taken as they are.');
        }
        $measure->update(['amount' => $input->each->millilitres(), 'unit' => 'mL', 'calibration' => $input->words]);

        return new JsonResponse($this->answer->measure($measure));
    }

    public function retire(Request $request, int $id, ClockInterface $clock): JsonResponse
    {
        $measure = $this->find($id);
        $measure->update(['retired_at' => RetiredInput::read(Body::of($request)) ? $clock->now() : null]);

        return new JsonResponse($this->answer->measure($measure));
    }

    private function find(int $id): Measure
    {
        return Measure::query()->find($id) ?? throw RefusedCall::notFound('measure', $id);
    }
}
