<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What one spray, at one strength, did to one pest. */
final readonly class RecordAnswer
{
    /**
     * @param list<string> $strength
     * @param list<string> $outcomes
     * @param list<string> $because
     */
    public function __construct(
        public string $pest,
        public string $pestName,
        public RecordRecipeAnswer $recipe,
        public array $strength,
        public int $rounds,
        public int $judged,
        public int $worked,
        public int $compared,
        public int $withHandWork,
        public int $leafTests,
        public int $marked,
        public ?float $medianReductionPercent,
        public ?float $lowPercent,
        public ?float $highPercent,
        public array $outcomes,
        /** keep, tune, drop or not-enough. */
        public string $verdict,
        public string $verdictWords,
        public array $because,
        /** The batch that was sprayed last. */
        public int $lastBatch,
    ) {}
}
