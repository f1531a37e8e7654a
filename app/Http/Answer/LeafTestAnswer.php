<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A leaf test with its looks and what it says. */
final readonly class LeafTestAnswer
{
    /**
     * @param list<string> $spray
     * @param list<ReadingAnswer> $readings
     */
    public function __construct(
        public int $id,
        public int $version,
        public TestedBatchAnswer $batch,
        public RefAnswer $plant,
        public array $spray,
        public int $leaves,
        public int $waitHours,
        public string $appliedAt,
        public string $dueAt,
        public string $outcome,
        public string $level,
        public string $because,
        public array $readings,
        public int $changes,
        /** What this call saved; null where nothing was. */
        public ?SavedAnswer $saved,
    ) {}
}
