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
    ) {}
}
