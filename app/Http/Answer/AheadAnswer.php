<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** The rounds and looks of a case from here on, and what they leave open. */
final readonly class AheadAnswer
{
    /**
     * @param list<AheadEntryAnswer> $entries
     * @param list<AheadGapAnswer>   $gaps
     * @param list<AheadGapAnswer>   $stopped what is left open where nothing more is sprayed
     */
    public function __construct(
        public string $spray,
        public ?float $celsius,
        public array $entries,
        public array $gaps,
        public array $stopped,
    ) {}
}
