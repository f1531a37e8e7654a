<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A walk through the bed. */
final readonly class RunAnswer
{
    /**
     * @param list<RunStepAnswer>  $steps
     * @param list<RunPlantAnswer> $plants
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $now,
        public RefAnswer $batch,
        public bool $rinses,
        public string $weather,
        public string $startedAt,
        public ?string $pausedAt,
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
    ) {}
}
