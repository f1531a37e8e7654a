<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A spray that fits. */
final readonly class ProposedAnswer
{
    /**
     * @param list<string> $strength
     * @param list<string> $for
     * @param list<string> $against
     * @param list<string> $moreFor     what tells less
     * @param list<string> $moreAgainst
     */
    public function __construct(
        public string $slug,
        public string $name,
        public string $useWords,
        public bool $highEnd,
        public bool $half,
        public array $strength,
        public array $for,
        public array $against,
        public array $moreFor,
        public array $moreAgainst,
        public string $wait,
        public string $repeat,
        /** Evenings and leaves. */
        public string $costs,
        public bool $inRotation,
        /** What goes into the sprayer at hand, in spoons. */
        public string $spoons,
        public GateAnswer $gate,
        /** Whether this house makes it otherwise than it is written: something stands in, or a bottle is of another strength. */
        public bool $stocked,
        /** What its reasons rest on, in a sentence; empty where they rest on nothing but what is in the house. */
        public string $rests,
    ) {}
}
