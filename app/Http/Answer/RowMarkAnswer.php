<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Api\Shape;

/** One thing that was done or seen on a plant. */
final readonly class RowMarkAnswer
{
    public function __construct(
        #[Shape(format: 'date-time')]
        public string $at,
        /** Number counted; percent of a leaf that burnt; null elsewhere. */
        public ?float $value,
        /** The spray of a round, a test, a burn; empty elsewhere. */
        public string $spray,
        /** Whether the leaves of a test stayed clean; null while nobody can say, and of what is no test. */
        public ?bool $clean,
    ) {}
}
