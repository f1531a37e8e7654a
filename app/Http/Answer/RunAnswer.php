<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** A walk through the bed. */
final readonly class RunAnswer
{
    /**
     * @param list<RunStepAnswer>  $steps
     * @param list<RunPlantAnswer> $plants
     */
    public function __construct(
        public int $id,
        /** Its identity in every notebook: the UUID under which it was sent. */
        public string $key,
        public int $version,
        #[Shape(format: 'date-time')]
        public string $now,
        public RefAnswer $batch,
        public bool $rinses,
        public string $weather,
        #[Shape(format: 'date-time')]
        public string $startedAt,
        #[Shape(format: 'date-time')]
        public ?string $pausedAt,
        #[Shape(format: 'date-time')]
        public ?string $finishedAt,
        public float $makeMl,
        public string $makeWords,
        public ?float $reshakeSeconds,
        public string $reshakeWords,
        public array $steps,
        public ?string $current,
        /** The step that says that the load in hand is empty; null where none can be. */
        public ?string $emptyKey,
        public array $plants,
        /** The step that says that what comes next is left out this time; null where it may not be. */
        public ?string $leaveOutKey,
        public BottleAnswer $bottle,
    ) {}
}
