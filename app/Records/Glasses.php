<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Batch;
use App\Models\StandTestRecord;
use IdleMixer\Core\Bench\PlanRequestReader;
use IdleMixer\Core\Document\JsonText;
use IdleMixer\Core\Emulsion\Emulsifier;
use IdleMixer\Core\Emulsion\GlassReading;
use IdleMixer\Core\Emulsion\Hand;
use IdleMixer\Core\Emulsion\StandAdvice;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Plan\Plan;
use IdleMixer\Core\Plan\Planner;
use IdleMixer\Core\Wording\StandWords;
use IdleMixer\Core\Work\StandTest;

/** The stand tests: what to do after each, and what they say of the hand that mixes. */
final readonly class Glasses
{
    /** As many as are worth learning from. */
    private const LATEST = 30;

    public function __construct(private PlanRequestReader $requests, private Planner $planner, private Emulsifier $emulsifier, private StandWords $words) {}

    /** @return list<array{id: int, result: string, words: string, seconds: float|null, testedAt: string, code: string, advice: string}> */
    public function of(Batch $batch): array
    {
        $tests = $batch->standTests;
        if ($tests->isEmpty()) {
            return [];
        }
        $budget = $this->plan($batch)->emulsion->budget;
        $failures = 0;
        $all = [];
        foreach ($tests as $test) {
            $result = StandTest::from($test->result);
            $failures += $result->isUnsteady() ? 1 : 0;
            $advice = StandAdvice::of($result, $failures, $budget);
            $all[] = [
                'id' => $test->id,
                'result' => $test->result,
                'words' => $result->words(),
                'seconds' => $test->seconds,
                'testedAt' => $test->tested_at->format('Y-m-d\TH:i:s\Z'),
                'code' => $advice->code,
                'advice' => $this->words->advice($advice),
            ];
        }

        return $all;
    }

    /** @return array{coarseness: float, readings: int} how much coarser than usual this household mixes, by its own glasses */
    public function hand(): array
    {
        $ratios = [];
        $tests = StandTestRecord::query()->whereIn('result', [StandTest::Ring->value, StandTest::Beads->value])->whereNotNull('seconds')->with('batch')->orderByDesc('id')->limit(self::LATEST)->get();
        foreach ($tests as $test) {
            $ratio = $this->ratio($test);
            if ($ratio !== null) {
                $ratios[] = $ratio;
            }
        }

        return ['coarseness' => Hand::coarseness($ratios), 'readings' => count($ratios)];
    }

    private function ratio(StandTestRecord $test): ?float
    {
        $plan = $this->plan($test->batch);
        $strengths = Strengths::of($plan->whole);
        $oil = $strengths->oily() / 100.0;
        if ($oil <= 0.0 || $test->seconds === null) {
            return null;
        }
        $order = $plan->request->recipe->order;
        $expected = $this->emulsifier->droplets($plan->whole, $order, $plan->emulsion->budget->cover, $plan->request->water->celsius)->median;

        return $this->emulsifier->measured(new GlassReading($test->seconds, $test->height_mm ?? $this->emulsifier->table()->value('glass-height'), $oil), $plan->whole, $plan->request->water->celsius) / $expected;
    }

    private function plan(Batch $batch): Plan
    {
        return $this->planner->plan($this->requests->read(JsonText::parse($batch->request)), scale: $batch->scale());
    }
}
