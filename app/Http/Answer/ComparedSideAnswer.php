<?php

declare(strict_types=1);

namespace App\Http\Answer;

use IdleMixer\Core\Writing\WrittenVerdict;

/** One of two recipes. */
final readonly class ComparedSideAnswer
{
    /**
     * @param list<WrittenVerdict> $verdicts
     */
    public function __construct(
        public string $slug,
        public string $name,
        public string $useWords,
        public string $notes,
        public array $verdicts,
    ) {}
}
