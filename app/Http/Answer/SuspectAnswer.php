<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What it may be, and why. */
final readonly class SuspectAnswer
{
    /**
     * @param list<string> $for
     * @param list<string> $against
     * @param list<string> $missing
     */
    public function __construct(
        public string $slug,
        public string $name,
        public bool $isPest,
        public float $chancePercent,
        public string $matters,
        public array $for,
        public array $against,
        public array $missing,
    ) {}
}
