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
        /** Whether it is the one that waits to be sprayed on its case. */
        public bool $waits,
    ) {}
}
