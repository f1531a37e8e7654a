<?php

declare(strict_types=1);

namespace App\Http\Answer;

/** What speaks against filling a sprayer as it is. */
final readonly class MemoryAnswer
{
    public function __construct(
        public string $code,
        /** What was in it last. */
        public string $last,
        public string $words,
        public string $briefly,
        /** Whether it may not be filled at all. */
        public bool $final,
    ) {}
}
