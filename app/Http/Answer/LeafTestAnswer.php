<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;
use IdleMixer\Core\Leaf\LeafTestOutcome;
use IdleMixer\Core\Source\Standing;

/** A leaf test with its looks and what it says. */
final readonly class LeafTestAnswer
{
    /**
     * @param list<string> $spray
     * @param list<float> $rungs strengths by the batch, strongest first
     * @param list<TestLeafAnswer> $leafList
     * @param list<ReadingAnswer> $readings
     */
    public function __construct(
        public int $id,
        /** Its identity in every notebook: the UUID under which it was sent. */
        public string $key,
        #[Shape(least: 1)]
        public int $version,
        public TestedBatchAnswer $batch,
        public RefAnswer $plant,
        public array $spray,
        public int $leaves,
        public array $rungs,
        public bool $controls,
        #[Shape(ref: 'LeafShape')]
        public string $shape,
        public string $marks,
        public array $leafList,
        public int $waitHours,
        #[Shape(format: 'date-time')]
        public string $appliedAt,
        #[Shape(format: 'date-time')]
        public string $dueAt,
        #[Shape(of: LeafTestOutcome::class)]
        public string $outcome,
        #[Shape(ref: 'Level')]
        public string $level,
        public string $because,
        /** Of the limit that it hangs on; null where it hangs on none. */
        #[Shape(of: Standing::class)]
        public ?string $standing,
        public string $source,
        /** Null where nothing weaker is called for. */
        public ?WeakerAnswer $weaker,
        public array $readings,
        #[Shape(least: 0)]
        public int $changes,
        /** What this call saved; null where nothing was. */
        public ?SavedAnswer $saved,
    ) {}
}
