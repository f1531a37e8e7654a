<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\BenchPlans;
use App\Http\Answer\BottleAnswers;
use App\Http\Answer\FirstBench;
use App\Http\Answer\OpeningAnswer;
use App\Http\Answer\OpeningAnswers;
use App\Http\Api\Call;
use App\Http\Input\PlantBenches;
use App\Http\RefusedCall;
use App\Models\Batch;
use App\Models\PestCase;
use App\Records\Kitchenware;
use App\Records\Opening;
use App\Records\Openings;
use App\Records\ReadyBatches;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** What the bench opens on: `again` a batch, for a `case`, or what is due; `times` its strength, and a `cup` of it for a leaf test. */
final readonly class OpeningController
{
    public function __construct(private Openings $openings, private TroubleCatalogue $troubles, private ClockInterface $clock, private FirstBench $first, private PlantBenches $benches, private BenchPlans $plans, private Kitchenware $kitchenware, private BottleAnswers $bottles) {}

    #[Call('What the bench opens on: the same again, a case, or what is due; for a plant it tells what stands mixed', answer: OpeningAnswer::class, query: ['again' => ['type' => 'integer'], 'case' => ['type' => 'integer'], 'plant' => ['type' => 'integer'], 'cup' => ['type' => 'number'], 'times' => ['type' => 'number']], also: [404])]
    public function __invoke(Request $request): JsonResponse
    {
        $now = $this->clock->now();
        $again = $this->number($request, 'again');
        $wanted = $this->number($request, 'case');
        if ($again !== null) {
            $batch = Batch::query()->find($again) ?? throw RefusedCall::notFound('batch', $again);
            $closed = $batch->case?->closed_at !== null;

            return $this->say($this->openings->again($batch), $closed ? $this->closed($batch->case) : null, $request);
        }
        $case = $wanted === null ? null : PestCase::query()->find($wanted) ?? throw RefusedCall::notFound('case', $wanted);
        if ($case !== null && $case->closed_at === null) {
            $opening = $this->openings->forCase($case, $now);

            return $this->say($opening ?? $this->openings->due($now), $opening === null ? Say::it('calls/opening-controller.no-spray-fits-now-see', ['name' => $this->name($case)]) : null, $request);
        }

        return $this->say($this->openings->due($now), $case === null ? null : $this->closed($case), $request);
    }

    private function say(Opening $opening, ?string $note, Request $request): JsonResponse
    {
        $times = $request->query('times');
        $cup = $request->query('cup') === '1' ? $this->kitchenware->leafCup() : null;
        $told = OpeningAnswers::of($opening, $note, is_string($times) && preg_match('/^(1|0?\.[0-9]{1,4})$/', $times) === 1 ? (float) $times : 1.0, $cup, $cup === null ? $this->stands($opening, $this->number($request, 'case') === null ? $this->number($request, 'plant') : null) : null);
        $bench = json_encode($this->first->of($told), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
        $node = JsonText::parse($bench);
        $answer = json_encode($this->plans->of($this->benches->read($node)), \JSON_THROW_ON_ERROR);

        return JsonResponse::fromJsonString(substr(json_encode($told, \JSON_THROW_ON_ERROR), 0, -1) . ",\"first\":{\"bench\":{$bench},\"answer\":{$answer}}}");
    }

    /**
     * @param int|null $plant that is mixed for, where it is no case
     *
     * @return array{batch: int, note: string}|null what is mixed for the case, or for any of the plant, and waits to be sprayed
     */
    private function stands(Opening $opening, ?int $plant): ?array
    {
        $now = $this->clock->now();
        $cases = $plant === null ? [$opening->case?->id] : PestCase::query()->where('plant_id', $plant)->whereNull('closed_at')->get(['id'])->pluck('id')->all();
        $waiting = ReadyBatches::of(array_values(array_filter($cases, is_int(...))), $now);
        $ready = $waiting === [] ? null : Batch::query()->find(max($waiting));
        if ($ready === null) {
            return null;
        }
        $bottle = $this->bottles->of($ready, $now);

        return ['batch' => $ready->id, 'note' => Say::it('calls/opening-controller.stands', ['name' => $ready->name, 'state' => lcfirst($bottle->words), 'act' => lcfirst($bottle->actWords)])];
    }

    private function closed(PestCase $case): string
    {
        return Say::it('calls/opening-controller.closed-so-this-mixed-without', ['name' => $this->name($case)]);
    }

    private function name(PestCase $case): string
    {
        return Say::it('calls/opening-controller.on', ['name' => $this->troubles->trouble($case->pest)->name, 'name-2' => $case->plant->name]);
    }

    private function number(Request $request, string $key): ?int
    {
        $value = $request->query($key);

        return is_string($value) && preg_match('/^[1-9]\d{0,17}$/', $value) === 1 ? (int) $value : null;
    }
}
