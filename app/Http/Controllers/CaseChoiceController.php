<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer\CaseAnswer;
use App\Http\Answer\CaseAnswers;
use App\Http\Answer\ChoiceAnswer;
use App\Http\Answer\ChoiceAnswers;
use App\Http\Api\Call;
use App\Http\Body;
use App\Http\Input\SituationInput;
use App\Http\RefusedCall;
use App\Models\CaseStep;
use App\Models\PestCase;
use App\Models\Watch;
use App\Models\Who;
use App\Records\Situations;
use IdleMixer\Core\Choice\Containment;
use IdleMixer\Core\Schedule\Quarantine;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Words\Say;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** What is done about a case before a spoon is touched: contain it, look around, choose. */
final readonly class CaseChoiceController
{
    public function __construct(private CaseAnswers $answer, private ClockInterface $clock, private Who $who) {}

    #[Call('Whether to spray at all, what helps beside, three sprays at most, and why the others are none of them; what was said is kept with the case', answer: ChoiceAnswer::class, body: '#Situation')]
    public function choose(Request $request, int $id, Situations $situations, ChoiceAnswers $choice, Enemies $enemies): JsonResponse
    {
        $case = $this->find($id);
        $body = Body::of($request);
        $said = SituationInput::read($body, $situations->trouble($case), $enemies);
        $situations->note($case, $said, $body->raw(), $this->clock->now());
        $situations->keep($case->plant, $said, $this->clock->now());

        return new JsonResponse($choice->of($situations->of($case, $said, $this->clock->now())));
    }

    #[Call('Tick a step of containment, or take the tick back', answer: CaseAnswer::class, body: ['done' => 'boolean'])]
    public function step(Request $request, int $id, string $step, Containment $containment): JsonResponse
    {
        $case = $this->find($id);
        if (! $containment->has($step)) {
            throw RefusedCall::notFound('step', $step);
        }
        Body::of($request)->object(['done'])->get('done')->flag()
            ? CaseStep::query()->insertOrIgnore(['case_id' => $id, 'step' => $step, 'done_at' => $this->clock->now()->format('Y-m-d H:i:s'), 'who' => $this->who->name()])
            : CaseStep::query()->where('case_id', $id)->where('step', $step)->delete();

        return new JsonResponse($this->answer->whole($case, $this->clock->now()));
    }

    #[Call('Say that a plant which stood next to an infested one was looked at', answer: CaseAnswer::class, body: ['looked' => 'boolean'])]
    public function look(Request $request, int $id, int $plant): JsonResponse
    {
        $watch = Watch::query()->where('case_id', $id)->where('plant_id', $plant)->first() ?? throw RefusedCall::notFound(Say::it('calls/case-choice-controller.plant-to-look-at'), $plant);
        $looked = Body::of($request)->object(['looked'])->get('looked')->flag();
        $now = $this->clock->now();
        $next = $looked ? Quarantine::nextLook($watch->case->opened_at, $now) : null;
        $watch->update($looked ? ['looked_at' => $now, 'due_at' => $next ?? $watch->due_at, 'cleared_at' => $next === null ? $now : null] : ['looked_at' => null, 'cleared_at' => null]);

        return new JsonResponse($this->answer->whole($watch->case, $this->clock->now()));
    }

    private function find(int $id): PestCase
    {
        return PestCase::query()->find($id) ?? throw RefusedCall::notFound('case', $id);
    }
}
