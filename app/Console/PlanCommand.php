<?php

declare(strict_types=1);

namespace App\Console;

use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Writing\PlanWriter;
use IdleMixer\Core\Writing\WrittenPlan;

final class PlanCommand extends DocumentCommand
{
    protected $signature = 'mixer:plan {file} {--json}';

    public function handle(BenchReader $reader, Planner $planner, PlanWriter $writer): int
    {
        return $this->respond(static fn(string $text): WrittenPlan => $writer->write($planner->plan($reader->request(JsonText::parse($text)))), function (object|array $plan): void {
            if (! $plan instanceof WrittenPlan) {
                return;
            }
            $this->line(Say::it('console/plan-command.in', ['make' => $plan->spoken->make, 'loads' => $plan->spoken->loads, 'strength' => implode(', ', $plan->spoken->strength)]));
            foreach ($plan->steps as $i => $step) {
                $this->line(($i + 1) . '. ' . $step);
            }
            foreach ($plan->verdicts as $verdict) {
                $this->line("[{$verdict->level}] {$verdict->because}");
            }
        });
    }
}
