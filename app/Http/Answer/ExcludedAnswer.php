<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** A spray that does not fit, and why. */
final readonly class ExcludedAnswer
{
    /**
     * @param list<string> $reasons
     */
    public function __construct(
        public string $slug,
        public string $name,
        public array $reasons,
        /** What they rest on, in a sentence. */
        public string $rests,
    ) {}
}
