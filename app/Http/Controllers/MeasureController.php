<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\MeasureAnswer;
use App\Http\Answer\ShedAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\Calibrations;
use App\Http\Input\MeasureInput;
use App\Http\Input\MeasureSetInput;
use App\Http\Input\RetiredInput;
use App\Http\RefusedCall;
use App\Http\Saved;
use App\Models\Measure;
use App\Records\Corrections;
use App\Records\Submissions;
use IdleMixer\Core\Measure\SpoonSets;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** Spoons, cups, syringes, droppers and scales. */
final readonly class MeasureController
{
    public function __construct(private ShedAnswers $answer, private ClockInterface $clock) {}

    #[Call('All measures', answer: ['measures' => [MeasureAnswer::class], 'kit' => '#Kit', 'scaleGrams' => '?number'])]
    public function index(): JsonResponse
    {
        return new JsonResponse($this->answer->kit(Measure::query()->orderByDesc('amount')->orderBy('id')->get()));
    }

    #[Call('Add one to the measures', answer: MeasureAnswer::class, body: '#NewMeasure', makes: true)]
    public function store(Request $request): JsonResponse
    {
        $input = MeasureInput::read(Body::of($request));
        [$made, $new] = Submissions::of(Measure::query(), $input->sent->submitted(), [
            'name' => $input->name,
            'amount' => $input->holds->value,
            'unit' => $input->holds->unit->value,
            'kind' => $input->kind,
            'step' => $input->step,
        ]);

        return new JsonResponse($this->answer->measure($made->refresh()), Saved::status($new));
    }

    /** A whole set at once; each of its measures is a record of its own. */
    #[Call('Add a whole set of measures', answer: ['measures' => [MeasureAnswer::class], 'kit' => '#Kit', 'scaleGrams' => '?number'], body: ['submission' => 'uuid', 'set' => 'string'], makes: true)]
    public function set(Request $request, SpoonSets $sets): JsonResponse
    {
        $input = MeasureSetInput::read(Body::of($request), $sets);
        $measures = [];
        foreach ($input->measures as $i => $columns) {
            $measures[] = Submissions::of(Measure::query(), $input->sent->submitted()->part($i), $columns)[0]->refresh();
        }

        return new JsonResponse($this->answer->kit($measures), 201);
    }

    /** Counts from now on as what was found by filling or weighing. */
    #[Call('Say what so many of it filled or weighed', answer: MeasureAnswer::class, body: ['basedOn' => ['type' => 'integer', 'minimum' => 0], 'count' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 1000], 'came' => ['amount' => ['type' => 'number', 'exclusiveMinimum' => 0], 'unit' => 'string'], 'of?' => '?string'])]
    public function calibrate(Request $request, int $id, Calibrations $calibrations): JsonResponse
    {
        $input = $calibrations->read(Body::of($request));
        $measure = $this->find($id);
        if (! in_array($measure->kind, ['level', 'dropper'], true)) {
            throw RefusedCall::conflict(Say::it('calls/measure-controller.only-spoons-cups-and-droppers'));
        }
        Corrections::correct($measure, $input->basedOn, ['amount' => $input->each->millilitres(), 'unit' => 'mL', 'calibration' => $input->words], $this->clock->now());

        return new JsonResponse($this->answer->measure($measure));
    }

    #[Call('Correct a measure', answer: MeasureAnswer::class, body: '#CorrectedMeasure')]
    public function update(Request $request, int $id): JsonResponse
    {
        $measure = $this->find($id);
        $input = MeasureInput::read(Body::of($request), correcting: true);
        $same = $input->holds->value === $measure->amount && $input->holds->unit->value === $measure->unit;
        Corrections::correct($measure, $input->sent->basedOn, [
            'name' => $input->name,
            'amount' => $input->holds->value,
            'unit' => $input->holds->unit->value,
            'kind' => $input->kind,
            'step' => $input->step,
            // What it was found to hold by filling says nothing of another size.
            'calibration' => $same ? $measure->calibration : '',
        ], $this->clock->now());

        return new JsonResponse($this->answer->measure($measure));
    }

    #[Call('Put it away, or take it out again', answer: MeasureAnswer::class, body: '#Retired')]
    public function retire(Request $request, int $id): JsonResponse
    {
        $measure = $this->find($id);
        $input = RetiredInput::read(Body::of($request));
        Corrections::correct($measure, $input->basedOn, ['retired_at' => $input->retired ? $measure->retired_at ?? $this->clock->now() : null], $this->clock->now());

        return new JsonResponse($this->answer->measure($measure));
    }

    private function find(int $id): Measure
    {
        return Measure::query()->find($id) ?? throw RefusedCall::notFound('measure', $id);
    }
}
