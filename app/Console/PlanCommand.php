<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Writing\PlanWriter;
use IdleMixer\Core\Writing\WrittenPlan;

final class PlanCommand extends DocumentCommand
{
    protected $signature = 'mixer:plan {file : a plan request, or - for standard input} {--json : print the plan document}';

    protected $description = 'Work out a plan from a plan request';

    public function handle(BenchReader $reader, Planner $planner, PlanWriter $writer): int
    {
        return $this->respond(static fn(string $text): WrittenPlan => $writer->write($planner->plan($reader->request(JsonText::parse($text)))), function (object|array $plan): void {
            if (! $plan instanceof WrittenPlan) {
                return;
            }
            $this->line($plan->spoken->make . ' in ' . $plan->spoken->loads . ': ' . implode(', ', $plan->spoken->strength));
            foreach ($plan->steps as $i => $step) {
                $this->line(($i + 1) . '. ' . $step);
            }
            foreach ($plan->verdicts as $verdict) {
                $this->line("[{$verdict->level}] {$verdict->because}");
            }
        });
    }
}
