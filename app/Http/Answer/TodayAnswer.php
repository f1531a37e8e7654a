<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What needs doing. */
final readonly class TodayAnswer
{
    /**
     * @param list<TaskAnswer> $tasks
     */
    public function __construct(
        public string $now,
        public array $tasks,
        public int $horizonDays,
        public int $plants,
        public int $openCases,
        public int $batches,
    ) {}
}
