<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Batch;
use IdleMixer\Core\Batch\BatchRecord;
use IdleMixer\Core\Emulsion\StandAdvice;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Measure\SpoonsUp;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Wording\StandWords;
use IdleMixer\Core\Work\StandTest;

/** Tells what the glasses of a batch showed, and what to do after each. */
final readonly class GlassAnswers
{
    public function __construct(private StandWords $words, private IngredientCatalogue $ingredients) {}

    /** @return list<GlassAnswer> */
    public function of(Batch $batch, BatchRecord $record): array
    {
        $failures = 0;
        $measures = $record->kit->planner()->measures();
        $all = [];
        foreach ($batch->standTests as $test) {
            $result = StandTest::from($test->result);
            $failures += $result->isUnsteady() ? 1 : 0;
            $advice = StandAdvice::of($result, $failures, $record->budget);
            $all[] = new GlassAnswer($test->id, $test->result, $result->words(), $test->seconds, Instant::of($test->tested_at), $advice->code, $this->words->advice($advice, $measures), $advice->add > 0.0 ? new GlassAddAnswer($this->emulsifier($record), new AmountAnswer(SpoonsUp::of($measures, $advice->add, \INF)?->millilitres() ?? $advice->add, Unit::Millilitre->value)) : null);
        }

        return $all;
    }

    /** Slug of what holds its oil; what usually does where nothing in it was meant to. */
    private function emulsifier(BatchRecord $record): string
    {
        foreach ($record->loads[0]->items as $item) {
            if ($item->isEmulsifier() && $item->part !== null) {
                return $item->part->ingredient->slug;
            }
        }

        return $this->ingredients->usualEmulsifier();
    }
}
