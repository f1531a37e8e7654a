<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use App\Http\Api\Spread;
use IdleMixer\Core\Batch\Keeping;

/** A batch whole: what it was started from, its tally, and what was done with it. */
final readonly class BatchAnswer extends BatchBriefAnswer
{
    /**
     * @param object                 $recipeDocument as it was
     * @param object                 $plan           as it was
     * @param object|null            $actual         what really is in it
     * @param list<TallyItemAnswer>  $items
     * @param list<TickedStepAnswer> $steps
     * @param list<int>              $leafTestIds
     * @param list<GlassAnswer>      $standTests
     * @param list<SlipAnswer>       $slips
     * @param list<BottleLineAnswer> $lines
     * @param list<RefillAnswer>     $refill
     * @param list<int>              $mixingSteps
     * @param list<string>           $labelCautions  of those of the plan, what goes on the bottle
     */
    public function __construct(
        #[Spread]
        BatchBriefAnswer $brief,
        public ?BatchSprayerAnswer $sprayer,
        public BatchWaterAnswer $water,
        /** growing, dormant or unknown. */
        #[Shape(words: ['growing', 'dormant', 'unknown'])]
        public string $season,
        #[Shape(of: Keeping::class)]
        public string $keeping,
        public string $notes,
        public object $recipeDocument,
        #[Shape(ref: 'Plan')]
        public object $plan,
        #[Shape(ref: 'Actual')]
        public ?object $actual,
        public array $items,
        public array $steps,
        public array $leafTestIds,
        public array $standTests,
        public array $slips,
        public array $labelCautions,
        public int $roundCount,
        #[Shape(least: 0)]
        public int $changes,
        /** What is left of a stock; null for what is none. */
        public ?BatchJarAnswer $jar,
        /** The jar that it was poured from. */
        public ?RefAnswer $pouredFrom,
        /** Who began it; empty where the device said nobody. */
        public string $who,
        /** Whether it may go on the plant that it was mixed for; null where none is meant. */
        public ?GateAnswer $gate,
        /** What happened to it that its plan does not know, earliest first. */
        public array $lines,
        /** How many steps of each load make it; what comes after the spraying is no step of the mixing. */
        public array $mixingSteps,
        /** mL that are left of it. */
        #[Shape(least: 0)]
        public float $leftMl,
        /** What went with what was spilled while the load in hand was mixed, and is not back in. */
        public array $refill,
    ) {
        parent::__construct(
            $brief->id,
            $brief->key,
            $brief->version,
            $brief->name,
            $brief->recipe,
            $brief->bottle,
            $brief->makeWords,
            $brief->plant,
            $brief->case,
            $brief->standTest,
            $brief->standTestWords,
            $brief->startedAt,
            $brief->madeAt,
            $brief->discardAt,
            $brief->discardedAt,
        );
    }
}
