<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** What needs doing. */
final readonly class TodayAnswer
{
    /**
     * @param list<TaskAnswer> $tasks
     * @param list<RowAnswer>  $rows     of the plants that something is asked for
     * @param list<string>     $rejudged rounds that this version judges otherwise than the one before, until somebody has seen it
     */
    public function __construct(
        #[Shape(format: 'date-time')]
        public string $now,
        public array $tasks,
        /** What to ask `from` next; null where nothing comes after these. */
        public ?int $next,
        public int $horizonDays,
        public int $plants,
        public int $openCases,
        public int $batches,
        public array $rejudged,
        public array $rows,
        /** Null where nobody said where the garden lies, or nobody tells its weather, and on later pages. */
        public ?GardenDayAnswer $day,
    ) {}
}
