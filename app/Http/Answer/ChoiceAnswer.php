<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** The sprays that fit a case, best first, and why the others do not. */
final readonly class ChoiceAnswer
{
    /**
     * @param list<ProposedAnswer> $proposed
     * @param list<ExcludedAnswer> $excluded
     */
    public function __construct(
        public string $advice,
        public string $matters,
        public ?string $nothing,
        /** Whether it is bad enough to be sprayed at all. */
        public bool $worthIt,
        public array $proposed,
        public array $excluded,
    ) {}
}
