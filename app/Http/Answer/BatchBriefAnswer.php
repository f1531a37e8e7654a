<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A batch in short, for lists. */
readonly class BatchBriefAnswer
{
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public BatchRecipeAnswer $recipe,
        public string $status,
        public string $makeWords,
        public ?RefAnswer $plant,
        public ?RefAnswer $case,
        public string $standTest,
        public string $standTestWords,
        public string $startedAt,
        public ?string $madeAt,
        public ?string $discardAt,
        public ?string $discardedAt,
    ) {}
}
