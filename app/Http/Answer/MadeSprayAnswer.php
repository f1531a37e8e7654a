<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A spray that can be made now. */
final readonly class MadeSprayAnswer
{
    /**
     * @param list<string> $instead
     * @param list<string> $lines
     */
    public function __construct(
        public string $slug,
        public string $name,
        public string $makes,
        public AmountAnswer $make,
        /** What ends it; empty where it is enough for a fill. */
        public string $ends,
        /** What stands in for what, and what that costs. */
        public array $instead,
        public array $lines,
        public bool $half,
        public bool $highEnd,
        public GateAnswer $gate,
        public string $strength,
        /** What goes into it costs so much, in the money of the house; empty where nobody said what its bottles cost. */
        public string $costs,
        /** Whether it is written otherwise than its recipe, for what is there. */
        public bool $stocked,
    ) {}
}
