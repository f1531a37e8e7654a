<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** The batch that a leaf test was made with. */
final readonly class TestedBatchAnswer
{
    public function __construct(
        public int $id,
        public string $name,
        public ?int $caseId,
        /** Whether there is enough of it to spray: it was not mixed for the leaves alone, and is not gone. */
        public bool $canBeSprayed,
    ) {}
}
