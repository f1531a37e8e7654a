<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What it may be, and why. */
final readonly class SuspectAnswer
{
    /**
     * @param non-empty-list<string> $slugs of one trouble, or of several at once
     * @param list<string> $for
     * @param list<string> $against
     * @param list<string> $missing
     * @param list<string> $moved   what makes it likelier on this plant than anywhere, or less likely
     */
    public function __construct(
        public array $slugs,
        public string $name,
        public bool $isPest,
        /** Whether a spray does it: then it matters which batch that was. */
        public bool $bySpray,
        public float $chancePercent,
        public string $matters,
        public array $for,
        public array $against,
        public array $missing,
        public array $moved,
    ) {}
}
