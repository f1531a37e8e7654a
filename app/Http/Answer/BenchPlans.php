<?php

declare(strict_types=1);

namespace App\Http\Answer;

use IdleMixer\Core\Bench\Bench;
use IdleMixer\Core\Plan\Mender;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Writing\MendingWriter;
use IdleMixer\Core\Writing\PlanWriter;
use IdleMixer\Core\Writing\WrittenMending;
use IdleMixer\Core\Writing\WrittenPlan;

/** The plan of a whole bench, and what mends it. */
final readonly class BenchPlans
{
    public function __construct(private Planner $planner, private PlanWriter $writer, private Mender $mender, private MendingWriter $mendings) {}

    /** @return array{plan: WrittenPlan, mending: WrittenMending|null} */
    public function of(Bench $bench): array
    {
        $plan = $this->planner->plan($bench);
        $mending = $this->mender->of($plan);

        return ['plan' => $this->writer->write($plan), 'mending' => $mending === null ? null : $this->mendings->write($mending, $bench)];
    }
}
