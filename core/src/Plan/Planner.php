<?php

declare(strict_types=1);

namespace IdleMixer\Core\Plan;

use IdleMixer\Core\Bench\Bench;
use IdleMixer\Core\Data\VesselLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Emulsion\Emulsifier;
use IdleMixer\Core\Emulsion\EmulsionVerdict;
use IdleMixer\Core\Measure\ScoopPlanner;
use IdleMixer\Core\Method\Agitation as MethodAgitation;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Mix\Mixture;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Quantity\Volume;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Safety\Ceilings;
use IdleMixer\Core\Safety\Finding;
use IdleMixer\Core\Safety\Limits;
use IdleMixer\Core\Safety\MeasuringJudge;
use IdleMixer\Core\Safety\RangeJudge;
use IdleMixer\Core\Safety\Verdict;
use IdleMixer\Core\Schedule\FairLook;
use IdleMixer\Core\Schedule\ShelfLife;
use IdleMixer\Core\Vessel\Loads;
use IdleMixer\Core\Vessel\TooManyLoads;
use IdleMixer\Core\Work\AsMade;
use IdleMixer\Core\Work\Item;
use IdleMixer\Core\Work\Load;
use IdleMixer\Core\Work\Step;
use IdleMixer\Core\Work\StepCode;
use IdleMixer\Core\Work\Steps;
use IdleMixer\Core\Work\StockSteps;

/** Turns a request into a plan. */
final readonly class Planner
{
    /** Share of a load by which two loads may differ and still be mixed alike. */
    private const ALIKE = 1e-9;

    /** Share by which a fill may be off and its half still be where the half mark is. */
    private const FULL = VesselLines::FULL_WITHIN['value'];

    public function __construct(
        private Formulator $formulator,
        private BenchJudge $judge,
        private ShelfLife $shelfLife,
        private FairLook $fairLook,
        private Emulsifier $emulsifier,
        private HoldingRemedies $remedies,
        private RangeJudge $rangeJudge,
    ) {}

    public static function shipped(): self
    {
        $limits = Limits::shipped();
        $ceilings = new Ceilings($limits);
        $emulsifier = Emulsifier::shipped();

        return new self(new Formulator(), BenchJudge::of($limits, $emulsifier, ToleranceCatalogue::shipped()), ShelfLife::shipped(), FairLook::shipped(), $emulsifier, new HoldingRemedies($emulsifier, $ceilings), new RangeJudge($ceilings));
    }

    /**
     * @throws InvalidDocument when the lines do not fit, or take no room
     * @throws TooManyLoads    when more than 1,000 fills would be needed
     */
    public function plan(Bench $bench): Plan
    {
        $whole = $this->formulator->scaledTo($bench->make, $bench->recipe, $bench->highEnd, $bench->factor, '/recipe');
        $emulsion = EmulsionForecast::of($this->emulsifier, $whole, $bench);
        $spoons = $bench->kit->planner();
        $groups = $this->groups($bench, $whole, $emulsion, $spoons);
        $strengths = Strengths::of($whole);
        $loads = array_map(static fn(LoadGroup $group): Load => $group->load, $groups);
        $measured = self::measured($groups);
        [$top, $overflow] = $this->top($bench);
        $remedy = $emulsion->verdict === EmulsionVerdict::Short && $bench->recipe->use !== RecipeUse::Stock ? $this->remedies->of($whole, $bench) : null;

        return new Plan(
            $bench,
            $whole,
            $groups,
            $strengths,
            [...$this->verdicts($bench, $whole, $strengths, $measured, $emulsion, $remedy, MeasuringJudge::verdicts($loads, $spoons->measures())), ...$overflow],
            $this->judge->gate($bench, $whole),
            $this->shelfLife->of($whole, $bench->recipe->use),
            $this->fairLook->of($whole, $bench->recipe->use, $bench->target->plant->planted ?? true),
            $emulsion,
            $remedy,
            $measured,
            $top,
        );
    }

    /**
     * @param list<Verdict> $coarse where the spoons cannot hit what is wanted
     *
     * @return list<Verdict>
     */
    private function verdicts(Bench $bench, Mixture $whole, Strengths $strengths, Strengths $measured, EmulsionForecast $emulsion, ?HoldingRemedy $remedy, array $coarse): array
    {
        $verdicts = $this->judge->verdicts($bench, $whole, $strengths);
        $seconds = $emulsion->reshake[$bench->recipe->order->value] ?? null;

        return [
            ...$verdicts,
            ...($coarse === [] ? [] : $this->rangeJudge->measured($verdicts, $measured, $bench->target)),
            ...($seconds === null || $bench->recipe->use === RecipeUse::Stock ? [] : [EmulsionJudge::verdict($emulsion, $seconds, $remedy, $bench->recipe->use)]),
            ...$coarse,
        ];
    }

    /** @param list<LoadGroup> $groups */
    private static function measured(array $groups): Strengths
    {
        return Strengths::of(AsMade::together(array_map(static fn(LoadGroup $group): Mixture => AsMade::of(
            $group->load,
            array_map(static fn(Item $item): float => $item->measured->millilitres(), $group->load->items),
        )->times((float) $group->count), $groups)));
    }

    /** @return array{?Strengths, list<Verdict>} at the high end, and why there is none where it does not fit */
    private function top(Bench $bench): array
    {
        foreach ($bench->recipe->lines as $line) {
            if ($line->upTo === null) {
                continue;
            }
            try {
                return [Strengths::of($this->formulator->onBasis($bench->recipe, true, $bench->factor, '/recipe')), []];
            } catch (InvalidDocument) {
                // The low end was asked for, and fits.
                return [null, [Verdict::of(Finding::HighEndOverflow)]];
            }
        }

        return [null, []];
    }

    /** @return list<LoadGroup> */
    private function groups(Bench $bench, Mixture $whole, EmulsionForecast $emulsion, ScoopPlanner $spoons): array
    {
        $groups = [];
        $runs = $this->runs(Loads::of($bench->make, $bench->sprayer));
        $again = $emulsion->reshake[$bench->recipe->order->value] ?? null;
        foreach ($runs as $i => [$first, $count, $volume]) {
            $load = Load::of($whole->times($volume->millilitres() / $whole->finished()), $spoons);
            $steps = array_map(
                static fn(Step $step): Step => in_array($step->code, [StepCode::ShakeHard, StepCode::SwirlHard, StepCode::WhiskOpen], true) && $again !== null ? $step->with(['again' => $again]) : $step,
                Steps::of($load, $bench->recipe->order, $bench->recipe->use, $bench->sprayer !== null && $volume->equals($bench->sprayer, self::FULL * $bench->sprayer->millilitres()), $bench->isOpen(), $bench->practice?->method->agitation === MethodAgitation::Swirled),
            );
            $groups[] = new LoadGroup($first, $count, $load, Steps::inARow($steps, $this->stocks($bench), $i === 0, $i === count($runs) - 1));
        }

        return $groups;
    }

    /** @return list<Step> how the stocks that are poured from are made, each once */
    private function stocks(Bench $bench): array
    {
        $steps = [];
        foreach ($bench->stockReady ? [] : $bench->recipe->lines as $line) {
            if ($line->stock !== null) {
                $keeps = $this->shelfLife->of($this->formulator->onBasis($line->stock), RecipeUse::Stock)->strict->value;
                $steps[$line->stock->slug] ??= StockSteps::of($line->stock, $keeps);
            }
        }

        return array_merge(...array_values($steps));
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
