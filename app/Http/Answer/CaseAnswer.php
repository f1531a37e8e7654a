<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use App\Http\Api\Spread;

/** A case whole: its rounds, its counts, and what may be sprayed now. */
final readonly class CaseAnswer extends CaseBriefAnswer
{
    /**
     * @param list<RoundAnswer>       $rounds
     * @param list<CountAnswer>       $counts
     * @param list<SprayableAnswer>   $batches
     * @param list<string>            $stages
     * @param list<ContainmentAnswer> $containment
     * @param list<WatchAnswer>       $watches
     * @param list<TaskAnswer>        $next     what it asks for, earliest first
     */
    public function __construct(
        #[Spread]
        CaseBriefAnswer $brief,
        public array $rounds,
        public array $counts,
        public array $batches,
        /** The batch that waits to be sprayed. */
        public ?int $ready,
        public string $matters,
        public array $stages,
        public KnownSituationAnswer $situation,
        public array $containment,
        public array $watches,
        public array $next,
        /** What this call saved; null where nothing was. */
        public ?SavedAnswer $saved,
        public LookPlanAnswer $look,
        /** Days between rounds that the gardener wants; null where they come as the school has it. */
        public ?int $everyDays,
        #[Shape(format: 'date')]
        public ?string $budBreakOn,
        /** Whether what was sprayed on bare wood waits for somebody to say when the buds break. */
        public bool $asksBudBreak,
        /** Of its plant, from what was first to what is laid out last. */
        public RowAnswer $row,
        /** Until when nobody sprays; null where nobody waits. */
        public ?WaitAnswer $waiting,
        /** What to mind of natural enemies that were seen lately, before the next round; empty where none was, or while nobody sprays for them. */
        public string $friends,
    ) {
        parent::__construct(
            $brief->id,
            $brief->key,
            $brief->version,
            $brief->name,
            $brief->pest,
            $brief->pestName,
            $brief->counted,
            $brief->plant,
            $brief->openedAt,
            $brief->closedAt,
            $brief->conclusion,
            $brief->notes,
            $brief->roundCount,
            $brief->latestCount,
            $brief->lastLitres,
        );
    }
}
