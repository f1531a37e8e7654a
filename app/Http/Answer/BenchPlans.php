<?php

declare(strict_types=1);

namespace App\Http\Answer;

use IdleMixer\Core\Bench\Bench;
use IdleMixer\Core\Plan\HelpfulSpoon;
use IdleMixer\Core\Plan\Mender;
use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Plan\RounderSpoons;
use IdleMixer\Core\Plan\RounderVolume;
use IdleMixer\Core\Wording\EaseWords;
use IdleMixer\Core\Writing\MendingWriter;
use IdleMixer\Core\Writing\PlanWriter;
use IdleMixer\Core\Writing\WrittenMending;
use IdleMixer\Core\Writing\WrittenPlan;

/** The plan of a whole bench, and what mends it. */
final readonly class BenchPlans
{
    public function __construct(
        private Planner $planner,
        private PlanWriter $writer,
        private Mender $mender,
        private MendingWriter $mendings,
        private RounderSpoons $rounder,
        private EaseWords $words,
        private GateAnswers $gate,
    ) {}

    /** @return array{plan: WrittenPlan, mending: WrittenMending|null, easier: EasierAnswer, gate: GateAnswer} */
    public function of(Bench $bench): array
    {
        $plan = $this->planner->plan($bench);
        $mending = $this->mender->of($plan);

        return ['plan' => $this->writer->write($plan), 'mending' => $mending === null ? null : $this->mendings->write($mending, $bench), 'easier' => $this->easier($plan), 'gate' => $this->gate->of($plan->gate)];
    }

    private function easier(Plan $plan): EasierAnswer
    {
        $items = $plan->load(1)->items;
        $or = [];
        foreach ($this->rounder->of($plan) as $key => $scoop) {
            $or[] = new RounderAnswer($key, $this->words->rounder($scoop, $items[$key]->millilitres()));
        }
        $volume = RounderVolume::of($plan);
        $unit = $plan->bench->unit;
        $spoon = HelpfulSpoon::of($plan);

        return new EasierAnswer(
            $or,
            $volume === null ? null : new AmountAnswer($volume->volume->millilitres() / $unit->factor(), $unit->value),
            $volume === null ? '' : $this->words->volume($volume, $unit),
            $spoon === null ? '' : $this->words->spoon($spoon),
        );
    }
}
