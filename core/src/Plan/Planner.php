<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

use IdleMixer\Core\Bench\PlanRequest;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Emulsion\Agitation;
use IdleMixer\Core\Emulsion\Emulsifier;
use IdleMixer\Core\Measure\ScoopPlanner;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Cautions;
use IdleMixer\Core\Safety\Ceilings;
use IdleMixer\Core\Safety\Circumstances;
use IdleMixer\Core\Safety\EmulsionJudge;
use IdleMixer\Core\Safety\Judge;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\MeasuringJudge;
use IdleMixer\Core\Safety\RangeJudge;
use IdleMixer\Core\Safety\Target;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Schedule\FairLook;
use IdleMixer\Core\Schedule\ShelfLife;
use IdleMixer\Core\Vessel\Loads;
use IdleMixer\Core\Vessel\TooManyLoads;
use IdleMixer\Core\Work\AsMade;
use IdleMixer\Core\Work\Item;
use IdleMixer\Core\Work\Load;
use IdleMixer\Core\Work\Step;
use IdleMixer\Core\Work\Steps;

/** Turns a request into a plan. */
final readonly class Planner
{
    /** Share of a load by which two loads may differ and still be mixed alike. */
    private const ALIKE = 1e-9;

    public function __construct(
        private Formulator $formulator,
        private Judge $judge,
        private ShelfLife $shelfLife,
        private FairLook $fairLook,
        private Emulsifier $emulsifier,
        private EmulsionJudge $emulsionJudge,
        private RangeJudge $endsJudge,
    ) {}

    public static function shipped(): self
    {
        $limits = Limits::shipped();


        return new self(new Formulator(), new Judge($limits), ShelfLife::shipped(), FairLook::shipped(), Emulsifier::shipped(), new EmulsionJudge($limits), new RangeJudge(new Ceilings($limits)));
    }

    /**
     * @param float       $hand  how much coarser than usual the one at the bench mixes; above 0
     * @param Amount|null $scale one step of the kitchen scale, where there is one
     *
     * @throws InvalidDocument when the lines do not fit, or take no room
     * @throws TooManyLoads    when more than 1,000 fills would be needed
     */
    public function plan(PlanRequest $request, float $hand = 1.0, Agitation $agitation = Agitation::HandShake, Circumstances $circumstances = new Circumstances(), ?Amount $scale = null): Plan
    {
        $hand *= $this->emulsifier->coarseness($agitation);
        $whole = $this->formulator->scaledTo($request->make, $request->recipe, $request->highEnd, $request->factor, '/recipe');
        $emulsion = EmulsionForecast::of($this->emulsifier, $whole, $request->recipe->order, $request->water, $hand);
        $planner = new ScoopPlanner($request->measures, $scale);
        $groups = $this->groups($request, $whole, $emulsion, $planner);
        $strengths = Strengths::of($whole);
        $target = Target::of($request->recipe->use, $request->plant);
        $loads = array_map(static fn(LoadGroup $group): Load => $group->load, $groups);
        $measured = self::measured($groups);
        $top = $this->top($request);
        $coarse = MeasuringJudge::verdicts($loads, $planner->measures());
        $verdicts = $this->judge->verdicts($strengths, $target, $circumstances->every($request->usualDays));

        return new Plan(
            $request,
            $whole,
            $groups,
            $strengths,
            [
                ...$verdicts,
                ...($top === null || $request->highEnd ? [] : $this->endsJudge->highEnd($verdicts, $top, $target, $circumstances->season)),
                ...($coarse === [] ? [] : $this->endsJudge->measured($verdicts, $measured, $target, $circumstances->season)),
                ...$this->emulsionVerdict($emulsion, $whole, $target),
                ...$coarse,
            ],
            Cautions::of($whole, $target),
            $this->shelfLife->of($whole, $request->recipe->use),
            $this->fairLook->of($whole),
            $emulsion,
            $measured,
            $top,
        );
    }

    /** @param list<LoadGroup> $groups */
    private static function measured(array $groups): Strengths
    {
        return Strengths::of(AsMade::together(array_map(static fn(LoadGroup $group): Mixture => AsMade::of(
            $group->load,
            array_map(static fn(Item $item): float => $item->measured->millilitres(), $group->load->items),
        )->times((float) $group->count), $groups)));
    }

    private function top(PlanRequest $request): ?Strengths
    {
        foreach ($request->recipe->lines as $line) {
            if ($line->upTo !== null) {
                return Strengths::of($this->formulator->onBasis($request->recipe, true, $request->factor, '/recipe'));
            }
        }

        return null;
    }

    /** @return list<Verdict> */
    private function emulsionVerdict(EmulsionForecast $forecast, Mixture $whole, Target $target): array
    {
        $verdict = $target->use === RecipeUse::Stock ? null : $this->emulsionJudge->verdict(
            $forecast->verdict,
            $forecast->budget,
            $whole->finished(),
            $forecast->hardnessAssumed,
            $forecast->ifSoft,
            $forecast->ifHard,
            $target->surface(),
        );

        return $verdict === null ? [] : [$verdict];
    }

    /** @return list<LoadGroup> */
    private function groups(PlanRequest $request, Mixture $whole, EmulsionForecast $emulsion, ScoopPlanner $planner): array
    {
        $groups = [];
        foreach ($this->runs(Loads::of($request->make, $request->sprayer)) as [$first, $count, $volume]) {
            $load = Load::of($whole->times($volume->millilitres() / $whole->finished()), $planner);
            $again = $emulsion->reshake[$request->recipe->order->value] ?? null;
            $steps = array_map(
                static fn(Step $step): Step => $step->code === 'shake-hard' && $again !== null ? $step->with(['again' => $again]) : $step,
                Steps::of($load, $request->recipe->order, $request->recipe->use),
            );
            $groups[] = new LoadGroup($first, $count, $load, $steps);
        }

        return $groups;
    }

    /**
     * @param list<Volume> $volumes
     *
     * @return list<array{int, int, Volume}> first number, how many, volume
     */
    private function runs(array $volumes): array
    {
        $runs = [];
        foreach ($volumes as $i => $volume) {
            $last = array_key_last($runs);
            if ($last !== null && $runs[$last][2]->equals($volume, $volume->millilitres() * self::ALIKE)) {
                ++$runs[$last][1];

                continue;
            }
            $runs[] = [$i + 1, 1, $volume];
        }

        return $runs;
    }
}
